package littlesummit.app.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import littlesummit.app.web.Problem;
import littlesummit.core.working.ink.InkColour;
import littlesummit.core.working.ink.Stroke;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class InkMlTest {
    private static Stroke stroke(String id, Stroke.Tool tool, InkColour colour, Double... points) {
        return new Stroke(id, tool, 2.5, colour, List.of(points));
    }

    private static List<Double> xy(Stroke stroke) {
        return java.util.stream.IntStream.range(0, stroke.count())
                .boxed()
                .flatMap(i -> java.util.stream.Stream.of(stroke.x(i), stroke.y(i)))
                .toList();
    }

    private static String document(String inside) {
        return "<ink xmlns=\"http://www.w3.org/2003/InkML\">" + inside + "</ink>";
    }

    @Test
    void whatIsWrittenIsReadBackEqualButForTheIds() {
        List<Stroke> drawn = List.of(
                stroke("a", Stroke.Tool.PEN, InkColour.BLUE, 10.0, 20.5, 0.4, 0.0, 12.0, 22.25, 0.6, 8.0),
                stroke("b", Stroke.Tool.HIGHLIGHTER, InkColour.ORANGE, 100.0, 300.0, 0.5, 0.0));
        List<Stroke> read = InkMl.read(InkMl.write(drawn));

        assertEquals(2, read.size());
        for (int i = 0; i < 2; i++) {
            assertEquals(drawn.get(i).points(), read.get(i).points());
            assertEquals(drawn.get(i).tool(), read.get(i).tool());
            assertEquals(drawn.get(i).colour(), read.get(i).colour());
            assertEquals(drawn.get(i).width(), read.get(i).width());
        }
    }

    /**
     * The first sample of the W3C Recommendation "Ink Markup Language (InkML)", section 1.2 (numbers from memory): X
     * and Y without a format.
     */
    @Test
    void tracesWithoutAFormatAreXAndY() {
        List<Stroke> read = InkMl.read(document("<trace>10 0, 9 14, 8 28, 7 42, 6 56, 6 70, 8 84</trace>"));
        assertEquals(
                List.of(10.0, 0.0, 9.0, 14.0, 8.0, 28.0, 7.0, 42.0, 6.0, 56.0, 6.0, 70.0, 8.0, 84.0),
                xy(read.getFirst()));
    }

    /**
     * Velocity and acceleration as in section 3.2.1 of the Recommendation: a mark before a value stays in force until
     * another comes.
     */
    @Test
    void differencesAreAddedUp() {
        List<Stroke> read = InkMl.read(document("<trace>100 100, '3 '2, 4 1, \"1 \"1, !50 !60</trace>"));
        assertEquals(List.of(100.0, 100.0, 103.0, 102.0, 107.0, 103.0, 112.0, 105.0, 50.0, 60.0), xy(read.getFirst()));
    }

    @Test
    void channelsComeInTheOrderOfTheirFormat() {
        List<Stroke> read = InkMl.read(
                document("<definitions><context><traceFormat><channel name=\"F\"/><channel name=\"Y\"/><channel"
                        + " name=\"X\"/></traceFormat></context></definitions><traceGroup><trace>0.9 20"
                        + " 10</trace></traceGroup>"));
        assertEquals(List.of(10.0, 20.0, 0.9, 0.0), read.getFirst().points());
    }

    @Test
    void whatIsTooWideIsMadeToFitThePage() {
        Stroke read =
                InkMl.read(document("<trace>-5000 9000, 25000 9000</trace>")).getFirst();
        assertEquals(20, read.x(0), 1e-9);
        assertEquals(Stroke.PAGE_WIDTH - 20, read.x(1), 1e-9);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "not xml",
                "<ink>",
                "<svg xmlns=\"http://www.w3.org/2000/svg\"/>",
                "<!DOCTYPE ink [<!ENTITY e SYSTEM \"file:///etc/passwd\">]><ink"
                        + " xmlns=\"http://www.w3.org/2003/InkML\"><trace>&e;</trace></ink>"
            })
    void whatIsNoInkMlIsRefusedInASentence(String text) {
        assertTrue(
                assertThrows(Problem.class, () -> InkMl.read(text)).getMessage().startsWith("This is"));
    }

    @Test
    void aPictureHoldsBothLayersApart() {
        String svg = InkSvg.write(new InkService.Drawn(
                List.of(stroke("a", Stroke.Tool.PEN, InkColour.BLUE, 10.0, 20.0, 0.4, 0.0, 12.0, 22.0, 0.6, 8.0)),
                List.of(stroke("m", Stroke.Tool.HIGHLIGHTER, InkColour.ORANGE, 5.0, 900.0, 0.5, 0.0)),
                List.of()));
        assertTrue(svg.contains("M10.0 20.0L12.0 22.0"), svg);
        assertTrue(
                svg.indexOf("id=\"work\"") < svg.indexOf("#0B4FA8")
                        && svg.indexOf("#0B4FA8") < svg.indexOf("id=\"marks\""),
                svg);
        assertTrue(svg.contains("viewBox=\"0 0 680 940\""), svg);
    }
}
