package littlesummit.core.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import littlesummit.core.paper.MarkScale.Grade;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarkScaleTest {
    private static final MarkScale SCALE =
            new MarkScale(List.of(new Grade(0, "begun"), new Grade(90, "sure"), new Grade(60, "on the way")));

    @ParameterizedTest
    @CsvSource({"0,8,0", "1,8,13", "3,8,38", "7,8,88", "8,8,100", "1,3,33", "2,3,67", "0,0,0", "199,200,100"})
    void marksBecomePercentWithHalvesRoundedUp(int have, int most, int percent) {
        assertEquals(percent, MarkScale.percent(have, most));
    }

    @Test
    void percentAreThoseOfDecimalArithmetic() {
        for (int most = 1; most <= 120; most++) {
            for (int have = 0; have <= most; have++) {
                int exact = new BigDecimal(100 * have)
                        .divide(new BigDecimal(most), 0, RoundingMode.HALF_UP)
                        .intValueExact();
                assertEquals(exact, MarkScale.percent(have, most), have + " of " + most);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"100,sure", "90,sure", "89,on the way", "60,on the way", "59,begun", "0,begun"})
    void aGradeHoldsFromItsPercentOn(int percent, String word) {
        assertEquals(Optional.of(word), SCALE.word(percent));
    }

    @Test
    void percentAloneHaveNoWord() {
        assertEquals(Optional.empty(), MarkScale.PERCENT.word(100));
        assertEquals(Optional.empty(), MarkScale.PERCENT.refusal());
    }

    @Test
    void theFewestMarksOfAGradeEarnItAndOneLessDoesNot() {
        for (int most = 1; most <= 60; most++) {
            for (Grade grade : SCALE.grades()) {
                int fewest = MarkScale.fewest(grade, most);
                assertTrue(MarkScale.percent(fewest, most) >= grade.from());
                assertTrue(fewest == 0 || MarkScale.percent(fewest - 1, most) < grade.from());
            }
        }
    }

    private static String refusal(Grade... grades) {
        return new MarkScale(List.of(grades)).refusal().orElse("");
    }

    @Test
    void gradesThatMakeNoScaleAreRefusedInASentence() {
        assertTrue(refusal(new Grade(10, "begun")).contains("begin at 0 percent"));
        assertTrue(refusal(new Grade(0, "a"), new Grade(0, "b")).contains("same percent"));
        assertTrue(refusal(new Grade(0, " ")).contains("word"));
        assertTrue(refusal(new Grade(0, "a".repeat(31))).contains("30 characters"));
        assertTrue(refusal(new Grade(0, "a"), new Grade(101, "b")).contains("from 0 to 100"));
        assertTrue(new MarkScale(Collections.nCopies(13, new Grade(0, "a")))
                .refusal()
                .orElse("")
                .contains("at most 12"));
        assertEquals("", refusal(new Grade(0, "a".repeat(30)), new Grade(100, "b")));
    }
}
