package littlesummit.core.quiz;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Rational;
import littlesummit.core.practice.Policy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PointsTest {
    private static final Instant NOON = Instant.parse("2026-04-01T12:00:00Z");
    private static final ItemRef REF = new ItemRef("scientific-notation", 1, 1, "any", 1);

    private static QuizPlan plan(int items, int rounds, int target) {
        return new QuizPlan(
                List.of(new QuizPlan.Share("scientific-notation", items)),
                45,
                rounds,
                target,
                PointsScheme.DEFAULT,
                Policy.Calculator.AS_ITEM,
                true);
    }

    /**
     * @param code such as {@code 7c}: seven right, corrected; {@code 7u}: not; {@code 6+2c}: two more right in value
     *     but not in form
     */
    private static Round round(int number, String code, int items) {
        boolean corrected = code.endsWith("c");
        String[] counts = code.substring(0, code.length() - 1).split("\\+");
        int right = Integer.parseInt(counts[0]);
        int forms = counts.length > 1 ? Integer.parseInt(counts[1]) : 0;
        List<Round.Slot> slots = new ArrayList<>();
        for (int i = 0; i < items; i++) {
            Round.Mark mark = i < right
                    ? Round.Mark.RIGHT
                    : i < right + forms ? Round.Mark.FORM : i % 2 == 0 ? Round.Mark.WRONG : Round.Mark.EMPTY;
            slots.add(new Round.Slot(
                    "i" + i,
                    REF,
                    List.of(),
                    false,
                    Optional.of(mark),
                    corrected && mark != Round.Mark.RIGHT ? Optional.of("a note") : Optional.empty()));
        }
        return new Round(number, NOON, NOON.plusSeconds(2700), slots, Optional.of(NOON));
    }

    private static QuizState state(QuizPlan plan, String rounds) {
        List<String> codes = rounds.isBlank() ? List.of() : Arrays.asList(rounds.split(" "));
        List<Round> done = new ArrayList<>();
        codes.forEach(code -> done.add(round(done.size() + 1, code, plan.items())));
        return new QuizState(plan, done, NOON);
    }

    /**
     * Worked by hand: five for round 1, five for round 2, ten for rounds 3 to 5 together, and twice the best of ten.
     */
    @ParameterizedTest
    @CsvSource({
        "'',                     0, nothing done",
        "10c,                   40, all right at once: every step is given",
        "0u,                     0, nothing right and nothing corrected",
        "0c,                     5, nothing right but corrected",
        "7u,                    14, seven right, not corrected: only twice seven",
        "7c,                    19, five and twice seven",
        "7c 10c,                40, all right in the second",
        "7u 10c,                35, the first was never corrected",
        "7c 8u,                 21, five and twice eight",
        "7c 8c,                 26, five, five and twice eight",
        "7c 8c 6c,              26, the third is done, but its ten are for three to five",
        "7c 8c 10c,             40, all right in the third",
        "7c 8c 9u 10c,          30, the ten are held back while the third is not corrected",
        "5c 6c 7c 8c 9c,        38, never all right: twenty for doing and twice nine",
        "5c 6c 7c 8c 9u,        28, the fifth is not corrected",
        "5c 4c 3c 2c 1c,        30, the best one counts",
        "6+2c,                  19, two in another form count half: twice seven",
        "9+1c,                  24, a form slip keeps it from being all"
    })
    void theUsualSchemeGivesWhatIsWorkedByHand(String rounds, int points, String why) {
        Points table = Points.of(state(plan(10, 5, 100), rounds));
        assertEquals(Rational.of(points), table.have(), why);
        assertEquals(40, table.most());
        assertEquals(table.have(), table.rows().stream().map(Points.Row::have).reduce(Rational.ZERO, Rational::plus));
    }

    @Test
    void aLowerTargetGivesTheRestWhenItIsReachedAndItsMistakesAreCorrected() {
        assertEquals(
                Rational.of(5 + 10 + 16),
                Points.of(state(plan(10, 5, 80), "8u")).have());
        assertEquals(
                Rational.of(5 + 5 + 10 + 16),
                Points.of(state(plan(10, 5, 80), "8c")).have());
    }

    @Test
    void anyNumberOfItemsCountsInTenthsExactly() {
        assertEquals(
                Rational.of(5).plus(Rational.of(20 * 7, 12)),
                Points.of(state(plan(12, 5, 100), "7c")).have());
    }

    @Test
    void fewerRoundsHaveFewerSteps() {
        QuizPlan two = plan(10, 2, 100);
        assertEquals(30, Points.of(state(two, "")).most());
        assertEquals(Rational.of(30), Points.of(state(two, "10c")).have());
        QuizPlan three = plan(10, 3, 100);
        assertEquals(Rational.of(38), Points.of(state(three, "7c 8c 9c")).have());
    }

    @Test
    void everyRowSaysWhatItWouldAdd() {
        List<Points.Row> rows = Points.of(state(plan(10, 5, 100), "7u")).rows();
        assertEquals("3 corrections of round 1 would add 5", rows.getFirst().adds());
        assertEquals("each tenth more in a later round adds 2", rows.getLast().adds());
        assertTrue(Points.of(state(plan(10, 5, 100), "10c")).rows().stream().allMatch(Points.Row::isFull));
    }
}
