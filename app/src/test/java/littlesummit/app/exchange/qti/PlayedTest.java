package littlesummit.app.exchange.qti;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import littlesummit.core.figure.Plot;
import littlesummit.core.figure.Scenes;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;

class PlayedTest {
    private static final Figure.Grid GRID = new Figure.Grid("", -5, 5, -4, 4, 1, List.of());
    private static final Plot PLOT = Scenes.of(GRID).plot().orElseThrow();

    private static Question question(Kind kind, String expected, Response response) {
        AnswerSpec answer = AnswerSpec.of(kind, Form.Shape.ANY, expected);
        return new Question("R1_a", "R1_a", new Field("a", "", "", response, answer, List.of()));
    }

    private static Question line(String equation) {
        return question(Kind.EQUATION, equation, new Response.PlotLine(GRID));
    }

    private static Question order(String expected) {
        List<Option> options = List.of(Option.of("a", "1"), Option.of("b", "2"), Option.of("c", "3"));
        AnswerSpec answer = AnswerSpec.inOrder(expected, List.of("a", "b", "c"));
        return new Question(
                "R1_o", "R1_o", new Field("o", "", "", new Response.PutInOrder(options), answer, List.of()));
    }

    @Test
    void anOrderKeepsItsOrder() {
        Question order = order("c,a,b");
        List<String> right = List.of(order.option("c"), order.option("a"), order.option("b"));
        assertEquals(new Played.Ordered(right), Played.right(order));
        assertEquals(Optional.of(new Played.Ordered(right.reversed())), Played.of(order, "b,a,c"));
    }

    /** Another program cannot mark a line or keep columns: the number is typed there. */
    @Test
    void marksAndColumnsAreTyped() {
        Figure.NumberLine line = new Figure.NumberLine("", 0, 1, 0.25, List.of());
        Question mark = question(Kind.NUMBER, "3/4", new Response.MarkOnLine(line));
        assertTrue(Played.right(mark) instanceof Played.Typed(List<String> texts) && texts.contains("0.75"));
        Question ray = question(Kind.DOMAIN, "x > 1/4", new Response.RayOnLine(line, "x"));
        assertTrue(Played.right(ray) instanceof Played.Typed(List<String> texts) && texts.contains("x>1/4"));
        Question columns = question(Kind.NUMBER, "12", new Response.WriteInColumns(List.of("7", "5"), "+", 2, 0));
        assertTrue(Played.right(columns) instanceof Played.Typed(List<String> texts) && texts.contains("12"));
    }

    @Test
    void sharesAreCountedInParts() {
        Figure.FractionPicture eighths =
                new Figure.FractionPicture("", Figure.Shape.BAR, 2, List.of(1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0), 0);
        Question shade = question(Kind.NUMBER, "3/4", new Response.Shade(eighths));
        assertEquals(new Played.Count(6), Played.right(shade));
        assertEquals(Optional.of(new Played.Count(10)), Played.of(shade, "5/4"));
        assertEquals(Optional.empty(), Played.of(shade, "1/3"), "no whole number of parts");
    }

    @Test
    void aPointIsAPlaceInThePicture() {
        Question point = question(Kind.PAIR, "(2, -3/2)", new Response.PlotPoint(GRID));
        Played.Spot spot = (Played.Spot) Played.right(point);
        assertEquals(PLOT.at(2, -1.5), spot.at());
        double lines = PLOT.at(1, 0).x() - PLOT.at(0, 0).x();
        assertTrue(spot.radius() < lines / 2 && spot.radius() > lines / 4, "no two crossings share a place");
        assertEquals(Optional.empty(), Played.of(point, "none"));
    }

    @Test
    void aLineIsWhereItRunsThroughTheGrid() {
        Played.TwoOf level = (Played.TwoOf) Played.right(line("y = 2"));
        assertEquals(11, level.places().size());
        Played.TwoOf upright = (Played.TwoOf) Played.right(line("x = -3"));
        assertEquals(9, upright.places().size());
        assertTrue(upright.places().contains(PLOT.at(-3, 4)));
        Played.TwoOf slanted = (Played.TwoOf) Played.right(line("2y = 4x + 6"));
        assertEquals(List.of(PLOT.at(-3, -3), PLOT.at(-2, -1), PLOT.at(-1, 1), PLOT.at(0, 3)), slanted.places());
    }

    @Test
    void aLineThatMissesEveryCrossingCanBePlayedToo() {
        Played.TwoOf between = (Played.TwoOf) Played.right(line("y = x + 1/2"));
        assertTrue(between.places().contains(PLOT.at(0, 0.5)));
        assertEquals(8, between.places().size());
    }

    @Test
    void optionsHaveNamesThatTheStandardTakes() {
        List<Option> options = List.of(Option.of("1/2", "a half"), Option.of("3", "three"));
        assertEquals(new Played.One("C2"), Played.right(question(Kind.CHOICE, "3", new Response.ChooseOne(options))));
        assertEquals(
                new Played.Many(List.of("C1", "C2")),
                Played.right(question(Kind.CHOICE, "1/2,3", new Response.ChooseAll(options))));
        assertEquals(
                new Played.Pair("C1", "R1_a"),
                Played.right(question(Kind.CHOICE, "1/2", new Response.DropLabel(options))));
    }
}
