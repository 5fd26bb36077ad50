package littlesummit.core.item;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarkedLineTest {
    private static Figure.NumberLine line(double from, double to, double step) {
        return new Figure.NumberLine("A number line.", from, to, step, List.of());
    }

    @ParameterizedTest
    @CsvSource({
        "0, 1, 3, 2, 2/3",
        "0, 1, 7, 3, 3/7",
        "2, 3, 10, 4, 2.4",
        "-2, 2, 2, 1, -3/2",
        "0, 12, 1, 12, 12",
        "0.4, 0.5, 100, 7, 0.47",
        "0, 1, 8, 4, 1/2"
    })
    void aTickIsAnExactNumberAndBack(double from, double to, int partsOfOne, String tick, String number) {
        Response response = new Response.MarkOnLine(line(from, to, 1.0 / partsOfOne));
        assertEquals(number, response.entryOf(tick));
        assertEquals(tick, response.sentFor(number));
    }

    @ParameterizedTest
    @CsvSource({"5", "-1", "''", "x", "1.5", "99999999999", "' 1'"})
    void whatIsNoTickIsNothing(String sent) {
        assertEquals("", new Response.MarkOnLine(line(0, 1, 0.25)).entryOf(sent));
    }

    @ParameterizedTest
    @CsvSource({"1/3", "2", "-1/4", "x", "''"})
    void aNumberBesideTheTicksHasNone(String number) {
        assertEquals("", new Response.MarkOnLine(line(0, 1, 0.25)).sentFor(number));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {">,filled,3; x >= -7", "<,open,0; x < -10", "<,filled,20; x <= 10", ">,open,10; x > 0"})
    void aRayIsAnInequalityAndBack(String sent, String inequality) {
        Response response = new Response.RayOnLine(line(-10, 10, 1), "x");
        assertEquals(inequality, response.entryOf(sent));
        assertEquals(sent, response.sentFor(inequality));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"'>,filled,'; ''", ",open,3; ''", "'>,,3'; ''", ">,filled,21; ''", ">=3; ''", "'<,open,3,4'; ''"})
    void halfARayIsNothing(String sent, String nothing) {
        assertEquals(nothing, new Response.RayOnLine(line(-10, 10, 1), "x").entryOf(sent));
    }

    @Test
    void aRayOfAnotherLetterIsNone() {
        Response response = new Response.RayOnLine(line(-10, 10, 1), "t");
        assertEquals("t > 0", response.entryOf(">,open,10"));
        assertEquals("", response.sentFor("x > 0"));
    }

    /** The steps of a line are written as binary fractions; thirds, sevenths and hundredths come back exactly. */
    @Test
    void ticksOfAllUsualPartsAreTold() {
        IntStream.rangeClosed(1, 100).forEach(parts -> {
            Figure.NumberLine line = line(0, 2, 1.0 / parts);
            assertEquals(2 * parts + 1, MarkedLine.ticks(line));
            assertEquals("1/" + parts, MarkedLine.at(line, 1) + (parts == 1 ? "/1" : ""));
        });
    }
}
