package littlesummit.core.placement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import littlesummit.core.curriculum.SampleCourse;
import littlesummit.core.placement.Evidence.Kind;
import littlesummit.core.placement.Placement.Standing;
import littlesummit.core.placement.Placement.Verdict;
import org.junit.jupiter.api.Test;

class PlacementTest {
    private static final SkillOrder COURSE = SkillOrder.of(SampleCourse.COURSE);

    /** A whole check of a student who knows a state, slips at times and guesses at times. */
    private static List<Evidence> check(BitSet state, Random random) {
        List<Evidence> evidence = new ArrayList<>();
        Optional<Integer> next = Placement.next(COURSE, evidence, 1);
        while (next.isPresent()) {
            boolean knows = state.get(next.get());
            boolean right = random.nextDouble() < (knows ? 0.92 : 0.02);
            Kind kind = right ? Kind.RIGHT : !knows && random.nextDouble() < 0.5 ? Kind.NEW : Kind.WRONG;
            evidence.add(new Evidence(next.get(), kind, 0.02));
            next = Placement.next(COURSE, evidence, 1);
        }
        return evidence;
    }

    private static long rightly(List<Verdict> verdicts, BitSet state) {
        return IntStream.range(0, verdicts.size())
                .filter(i -> (verdicts.get(i).standing() == Standing.KNOWN) == state.get(i))
                .count();
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
            BitSet state = Simulation.state(COURSE, random);
            List<Evidence> evidence = check(state, random);
            for (int i = 0; i < evidence.size(); i++) {
                int skill = evidence.get(i).skill();
                List<Evidence> before = evidence.subList(0, i);
                assertTrue(
                        before.stream()
                                .noneMatch(e -> e.kind() == Kind.NEW
                                        && (e.skill() == skill || COURSE.comesBefore(e.skill(), skill))),
                        COURSE.ids().get(skill));
                double chance = Placement.verdicts(COURSE, before, 1).get(skill).chance();
                assertTrue(
                        chance > Placement.UNLIKELY && chance < Placement.SURE,
                        COURSE.ids().get(skill) + " was settled: " + chance);
            }
        }
    }

    @Test
    void oneWhoSaysNewToEverythingIsDoneSoon() {
        List<Evidence> evidence = new ArrayList<>();
        for (Optional<Integer> next = Placement.next(COURSE, evidence, 1);
                next.isPresent();
                next = Placement.next(COURSE, evidence, 1)) {
            evidence.add(new Evidence(next.get(), Kind.NEW, 0.02));
        }
        assertTrue(evidence.size() <= 2 * COURSE.size() / 3, evidence.size() + " items");
    }

    @Test
    void whatWasSolvedIsNeverSaidToBeContradicted() {
        SkillOrder three =
                SkillOrder.of(List.of("mean", "place-value", "absolute-value"), List.of(Set.of(), Set.of(0), Set.of()));
        List<Verdict> verdicts = Placement.verdicts(
                three,
                List.of(
                        new Evidence(0, Kind.NEW, 0.02),
                        new Evidence(1, Kind.RIGHT, 0.02),
                        new Evidence(2, Kind.RIGHT, 0.5)),
                1);
        assertTrue(
                verdicts.get(1).why().contains("It builds on"), verdicts.get(1).why());
        assertTrue(
                verdicts.get(2).why().contains("right by luck"), verdicts.get(2).why());
    }

    @Test
    void classifiesMostSkillsRightly() {
        Random random = new Random(17);
        long rightly = 0;
        for (int student = 0; student < 6; student++) {
            BitSet state = Simulation.state(COURSE, random);
            List<Evidence> evidence = check(state, random);
            rightly += rightly(Placement.verdicts(COURSE, evidence, 1), state);
        }
        assertTrue(rightly > 0.88 * 6 * COURSE.size(), rightly + " of " + 6 * COURSE.size());
    }

    @Test
    void oneWhoKnowsNothingIsToldSoKindlyAndHasSomethingReady() {
        List<Verdict> verdicts = Placement.verdicts(COURSE, check(new BitSet(), new Random(3)), 1);
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
        List<Verdict> verdicts =
                Placement.verdicts(COURSE, check(Simulation.state(COURSE, new Random(4)), new Random(5)), 1);
        for (Verdict v : verdicts) {
            assertFalse(v.why().isBlank(), v.skill());
            assertTrue(v.chance() >= 0 && v.chance() <= 1);
        }
        assertTrue(verdicts.stream()
                .filter(v -> v.standing() == Standing.NOT_YET)
                .allMatch(v -> v.chance() < Placement.SURE));
    }

    @Test
    void askingStopsWhenEverythingIsClear() {
        SkillOrder two = SkillOrder.of(List.of("a", "b"), List.of(Set.of(), Set.of(0)));
        assertEquals(
                Optional.empty(),
                Placement.next(two, List.of(new Evidence(1, Kind.RIGHT, 0.02), new Evidence(1, Kind.RIGHT, 0.02)), 1));
        assertTrue(Placement.next(two, List.of(new Evidence(0, Kind.RIGHT, 0.02)), 1)
                .isPresent());
    }

    @Test
    void adaptiveAskingDoesBetterThanAskingAtRandomWithAsManyItems() {
        Simulation.Report adaptive = Simulation.run(COURSE, Simulation.Way.ADAPTIVE, 10, 5);
        Simulation.Report random = Simulation.run(COURSE, Simulation.Way.RANDOM, 10, 5);
        assertTrue(adaptive.rightly() > random.rightly(), adaptive + " against " + random);
    }

    /** Ten strands of thirty skills, each skill building on up to two of its strand and at times on one of another. */
    private static SkillOrder school() {
        Random random = new Random(41);
        List<String> ids = new ArrayList<>();
        List<Set<Integer>> before = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            Set<Integer> needed = new TreeSet<>();
            for (int k = random.nextInt(3); k > 0 && i >= 10; k--) {
                needed.add(i - 10 * (1 + random.nextInt(Math.min(3, i / 10))));
            }
            if (i >= 10 && random.nextInt(4) == 0) {
                needed.add(random.nextInt(i));
            }
            ids.add("s" + i);
            before.add(needed);
        }
        return SkillOrder.of(ids, before);
    }

    @Test
    void aSchoolOfThreeHundredSkillsIsAskedAndJudged() {
        SkillOrder school = school();
        BitSet state = Simulation.state(school, new Random(2));
        List<Evidence> evidence = new ArrayList<>();
        for (Optional<Integer> next = Placement.next(school, evidence, 1);
                next.isPresent();
                next = Placement.next(school, evidence, 1)) {
            evidence.add(new Evidence(next.get(), state.get(next.get()) ? Kind.RIGHT : Kind.WRONG, 0.02));
        }
        assertEquals(Placement.MOST, evidence.size());
        long rightly = rightly(Placement.verdicts(school, evidence, 1), state);
        assertTrue(rightly > 200, rightly + " of 300 after thirty items");
    }
}
