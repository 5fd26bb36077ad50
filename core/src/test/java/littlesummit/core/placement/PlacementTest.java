package littlesummit.core.placement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import littlesummit.core.placement.Evidence.Kind;
import littlesummit.core.placement.Placement.Standing;
import littlesummit.core.placement.Placement.Verdict;
import org.junit.jupiter.api.Test;

class PlacementTest {
    private static final SkillOrder COURSE = Course.ORDER;

    /** A whole check of a student who knows a state, slips at times and guesses at times. */
    private static List<Evidence> check(long state, Random random) {
        List<Evidence> evidence = new ArrayList<>();
        Optional<Integer> next = Placement.next(COURSE, evidence, 1);
        while (next.isPresent()) {
            boolean knows = SkillOrder.has(state, next.get());
            boolean right = random.nextDouble() < (knows ? 0.92 : 0.02);
            Kind kind = right ? Kind.RIGHT : !knows && random.nextDouble() < 0.5 ? Kind.NEW : Kind.WRONG;
            evidence.add(new Evidence(next.get(), kind, 0.02));
            next = Placement.next(COURSE, evidence, 1);
        }
        return evidence;
    }

    private static long rightly(List<Verdict> verdicts, long state) {
        return IntStream.range(0, verdicts.size()).filter(i -> (verdicts.get(i).standing() == Standing.KNOWN) == SkillOrder.has(state, i)).count();
    }

    /** Whatever one knows: an answer settles what it settles. */
    @Test
    void asksFewerItemsThanThereAreSkills() {
        Random random = new Random(23);
        for (int student = 0; student < 20; student++) {
            int asked = check(Simulation.state(COURSE, random), random).size();
            assertTrue(asked < COURSE.size(), asked + " items for " + COURSE.size() + " skills");
        }
    }

    @Test
    void nothingThatBuildsOnWhatIsNewIsAskedAndNothingThatIsSettled() {
        Random random = new Random(29);
        for (int student = 0; student < 20; student++) {
            long state = Simulation.state(COURSE, random);
            List<Evidence> evidence = check(state, random);
            for (int i = 0; i < evidence.size(); i++) {
                int skill = evidence.get(i).skill();
                List<Evidence> before = evidence.subList(0, i);
                assertTrue(before.stream().noneMatch(e -> e.kind() == Kind.NEW && (e.skill() == skill || SkillOrder.has(COURSE.allBefore(skill), e.skill()))), COURSE.ids().get(skill));
                double chance = Placement.verdicts(COURSE, before, 1).get(skill).chance();
                assertTrue(chance > Placement.UNLIKELY && chance < Placement.SURE, COURSE.ids().get(skill) + " was settled: " + chance);
            }
        }
    }

    @Test
    void oneWhoSaysNewToEverythingIsDoneSoon() {
        List<Evidence> evidence = new ArrayList<>();
        for (Optional<Integer> next = Placement.next(COURSE, evidence, 1); next.isPresent(); next = Placement.next(COURSE, evidence, 1)) {
            evidence.add(new Evidence(next.get(), Kind.NEW, 0.02));
        }
        assertTrue(evidence.size() <= 2 * COURSE.size() / 3, evidence.size() + " items");
    }

    @Test
    void whatWasSolvedIsNeverSaidToBeContradicted() {
        SkillOrder three = new SkillOrder(List.of("mean", "place-value", "absolute-value"), List.of(0L, 1L, 0L));
        List<Verdict> verdicts = Placement.verdicts(three, List.of(new Evidence(0, Kind.NEW, 0.02), new Evidence(1, Kind.RIGHT, 0.02), new Evidence(2, Kind.RIGHT, 0.5)), 1);
        assertTrue(verdicts.get(1).why().contains("It builds on"), verdicts.get(1).why());
        assertTrue(verdicts.get(2).why().contains("right by luck"), verdicts.get(2).why());
    }

    @Test
    void classifiesMostSkillsRightly() {
        Random random = new Random(17);
        long rightly = 0;
        for (int student = 0; student < 6; student++) {
            long state = Simulation.state(COURSE, random);
            List<Evidence> evidence = check(state, random);
            rightly += rightly(Placement.verdicts(COURSE, evidence, 1), state);
        }
        assertTrue(rightly > 0.88 * 6 * COURSE.size(), rightly + " of " + 6 * COURSE.size());
    }

    @Test
    void oneWhoKnowsNothingIsToldSoKindlyAndHasSomethingReady() {
        List<Verdict> verdicts = Placement.verdicts(COURSE, check(0, new Random(3)), 1);
        assertTrue(verdicts.stream().filter(v -> v.standing() == Standing.KNOWN).count() <= 1);
        assertTrue(verdicts.stream().anyMatch(v -> v.standing() == Standing.READY));
        assertTrue(verdicts.stream().anyMatch(v -> v.why().equals("You said that this is new to you.")));
    }

    @Test
    void noSkillIsAskedMoreThanTwice() {
        List<Evidence> evidence = check(Simulation.state(COURSE, new Random(8)), new Random(9));
        for (int skill = 0; skill < COURSE.size(); skill++) {
            int asked = skill;
            assertTrue(evidence.stream().filter(e -> e.skill() == asked).count() <= 2);
        }
    }

    @Test
    void everyVerdictHasAReasonAndNotYetNamesWhatComesFirst() {
        List<Verdict> verdicts = Placement.verdicts(COURSE, check(Simulation.state(COURSE, new Random(4)), new Random(5)), 1);
        for (Verdict v : verdicts) {
            assertFalse(v.why().isBlank(), v.skill());
            assertTrue(v.chance() >= 0 && v.chance() <= 1);
        }
        assertTrue(verdicts.stream().filter(v -> v.standing() == Standing.NOT_YET).allMatch(v -> v.chance() < Placement.SURE));
    }

    @Test
    void askingStopsWhenEverythingIsClear() {
        SkillOrder two = new SkillOrder(List.of("a", "b"), List.of(0L, 1L));
        assertEquals(Optional.empty(), Placement.next(two, List.of(new Evidence(1, Kind.RIGHT, 0.02), new Evidence(1, Kind.RIGHT, 0.02)), 1));
        assertTrue(Placement.next(two, List.of(new Evidence(0, Kind.RIGHT, 0.02)), 1).isPresent());
    }

    @Test
    void adaptiveAskingDoesBetterThanAskingAtRandomWithAsManyItems() {
        Simulation.Report adaptive = Simulation.run(Simulation.Way.ADAPTIVE, 10, 5);
        Simulation.Report random = Simulation.run(Simulation.Way.RANDOM, 10, 5);
        assertTrue(adaptive.rightly() > random.rightly(), adaptive + " against " + random);
    }
}
