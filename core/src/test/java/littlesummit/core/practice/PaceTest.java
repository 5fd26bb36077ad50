package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Twenty skills in a hundred days, from 1 January. */
class PaceTest {
    private static final LocalDate START = LocalDate.of(2026, 1, 1);
    private static final Pace PACE = new Pace(START, START.plusDays(100), 20);

    @ParameterizedTest
    @CsvSource({"-5, 0", "0, 0", "25, 5", "50, 10", "100, 20", "140, 20"})
    void theWayIsEven(int day, double skills) {
        assertEquals(skills, PACE.at(START.plusDays(day)), 1e-12);
    }

    @ParameterizedTest
    @CsvSource({"10, 30, 1", "20, 30, 0", "0, 65, 4", "13, 99, 49"})
    void whatIsLeftIsSharedAmongTheWeeksThatAreLeft(int known, int day, double aWeek) {
        assertEquals(aWeek, PACE.aWeek(known, START.plusDays(day)), 1e-9);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        10 | 50  | 10 of 20 skills are known, on the pace. From now on it takes 1.4 skills a week.
        13 | 50  | 13 of 20 skills are known, 3 skills ahead of the pace. From now on it takes 1 skill a week.
        8  | 50  | 8 of 20 skills are known, 2 skills behind the pace. From now on it takes 1.7 skills a week.
        9  | 52  | 9 of 20 skills are known, one skill behind the pace. From now on it takes 1.6 skills a week.
        18 | 50  | 18 of 20 skills are known, 8 skills ahead of the pace. From now on it takes one skill in 4 weeks.
        13 | 37  | 13 of 20 skills are known, 5 skills ahead of the pace. From now on it takes about one skill a week.
        20 | 50  | The goal of 20 skills is reached.
        25 | 50  | The goal of 20 skills is reached.
        12 | 100 | The day of the goal is over: 12 of 20 skills are known.
        """)
    void whereOneStandsIsSaid(int known, int day, String words) {
        assertEquals(words, PACE.says(known, START.plusDays(day)));
    }

    @Test
    void thereIsNoWayBackNorToNothing() {
        assertThrows(IllegalArgumentException.class, () -> new Pace(START, START, 20));
        assertThrows(IllegalArgumentException.class, () -> new Pace(START, START.plusDays(1), 0));
    }
}
