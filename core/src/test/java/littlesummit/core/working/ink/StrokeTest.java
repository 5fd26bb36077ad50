package littlesummit.core.working.ink;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StrokeTest {
    private static Stroke stroke(String id, double width, List<Double> points) {
        return new Stroke(id, Stroke.Tool.PEN, width, InkColour.BLACK, points);
    }

    private static Stroke through(Double... points) {
        return stroke("s", 2, List.of(points));
    }

    @Test
    void aPointIsFourNumbers() {
        Stroke stroke = through(1.0, 2.0, 0.5, 0.0, 4.0, 6.0, 0.7, 16.0);
        assertEquals(2, stroke.count());
        assertEquals(
                List.of(4.0, 6.0, 0.7, 16.0), List.of(stroke.x(1), stroke.y(1), stroke.pressure(1), stroke.millis(1)));
        assertEquals(
                List.of(1.0, 2.0, 0.5, 0.0), List.of(stroke.x(0), stroke.y(0), stroke.pressure(0), stroke.millis(0)));
    }

    @Test
    void itsLengthIsThatOfTheWholeWay() {
        assertEquals(0, through(1.0, 2.0, 0.5, 0.0).length());
        assertEquals(
                5 + 12,
                through(0.0, 0.0, 0.5, 0.0, 3.0, 4.0, 0.5, 1.0, 3.0, 16.0, 0.5, 2.0)
                        .length());
    }

    @ParameterizedTest
    @CsvSource({"100,true", "100.5,false", "0,false", "-1,false", "NaN,false"})
    void widthsHaveLimits(double width, boolean allowed) {
        assertEquals(allowed, isAllowed("s", width, List.of(0.0, 0.0, 0.5, 0.0)));
    }

    @ParameterizedTest
    @CsvSource({"1000000,true", "-1000000,true", "1000001,false", "NaN,false", "Infinity,false"})
    void nothingIsFartherThanAPageReaches(double x, boolean allowed) {
        assertEquals(allowed, isAllowed("s", 2, List.of(x, 0.0, 0.5, 0.0)));
    }

    @Test
    void pointsAreWholeAndNotTooMany() {
        assertTrue(isAllowed("s", 2, points(Stroke.MOST_POINTS)));
        assertEquals(false, isAllowed("s", 2, points(Stroke.MOST_POINTS + 1)));
        assertEquals(false, isAllowed("s", 2, List.of()));
        assertEquals(false, isAllowed("s", 2, List.of(1.0, 2.0, 0.5)));
    }

    private static List<Double> points(int count) {
        return new ArrayList<>(Collections.nCopies(Stroke.FIELDS * count, 1.0));
    }

    @Test
    void anIdIsShortAndThere() {
        assertTrue(isAllowed("i".repeat(36), 2, points(1)));
        assertEquals(false, isAllowed("i".repeat(37), 2, points(1)));
        assertEquals(false, isAllowed(" ", 2, points(1)));
    }

    private static boolean isAllowed(String id, double width, List<Double> points) {
        try {
            stroke(id, width, points);
            return true;
        } catch (IllegalArgumentException refused) {
            return false;
        }
    }

    @Test
    void aRefusalSaysWhatIsWrong() {
        assertTrue(assertThrows(IllegalArgumentException.class, () -> through(1.0))
                .getMessage()
                .startsWith("1 numbers"));
    }
}
