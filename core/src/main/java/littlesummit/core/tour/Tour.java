package littlesummit.core.tour;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;

/** A walk through every kind of answer field: what to enter is told, so that only the entering is learned. */
public final class Tour {
    private static final Figure.Grid GRID =
            new Figure.Grid("An empty grid from −6 to 6 both ways.", -6, 6, -6, 6, 1, List.of());

    private Tour() {}

    /**
     * @param id lower case
     * @param title what is learned
     */
    public record Stop(String id, String title, Part part) {}

    public static List<Stop> stops() {
        return List.of(
                fraction(),
                mixed(),
                power(),
                scientific(),
                pair(),
                set(),
                domain(),
                equation(),
                choice(),
                all(),
                list(),
                order(),
                columns(),
                shade(),
                mark(),
                ray(),
                point(),
                line());
    }

    private static Stop typed(
            String id, String title, String prompt, String wanted, AnswerSpec answer, String how, String... more) {
        Field field = Field.typed("answer", title, wanted, answer);
        return new Stop(
                id,
                title,
                Part.of(
                        prompt,
                        field,
                        how,
                        more.length > 0 ? more[0] : "Read as, below the field, shows what was understood.",
                        "Enter checks it."));
    }

    private static Stop fraction() {
        return typed(
                "fraction",
                "A fraction",
                "Enter three quarters.",
                "a fraction",
                AnswerSpec.number(Form.Shape.FRACTION, "3/4"),
                "Type 3/4. The slash makes the line of the fraction.");
    }

    private static Stop mixed() {
        return typed(
                "mixed",
                "A mixed number",
                "Enter two and a third.",
                "a mixed number",
                AnswerSpec.number(Form.Shape.MIXED, "2 1/3"),
                "Type 2, a space, then 1/3.");
    }

    private static Stop power() {
        return typed(
                "power",
                "An exponent",
                "Enter x to the fifth power.",
                "an expression in x",
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, "x^5").withLetters("x"),
                "Type x^5. The roof sign ^ raises; the arrow key to the right comes down again.");
    }

    private static Stop scientific() {
        return typed(
                "scientific",
                "Scientific notation",
                "Enter 4.2 times ten to the seventh.",
                "scientific notation",
                AnswerSpec.number(Form.Shape.SCIENTIFIC, "4.2*10^7"),
                "Type 4.2*10^7, or 4.2x10^7. The star multiplies.");
    }

    private static Stop pair() {
        return typed(
                "pair",
                "A pair",
                "Enter the point 3 to the right and 2 down.",
                "a pair such as (1, 4)",
                AnswerSpec.of(Kind.PAIR, Form.Shape.ANY, "(3,-2)"),
                "Type (3, -2): both numbers in round brackets, a comma between.");
    }

    private static Stop set() {
        return typed(
                "set",
                "A set",
                "Enter the solutions minus 5 and 2.",
                "a set or a list",
                AnswerSpec.of(Kind.SET, Form.Shape.ANY, "{-5,2}"),
                "Type {-5, 2}, or only -5, 2. No solution is written: none.");
    }

    private static Stop domain() {
        return typed(
                "domain",
                "A range of numbers",
                "Enter all numbers less than 4.",
                "an inequality or an interval",
                AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, "x<4").withLetters("x"),
                "Type x < 4, or (-inf, 4). For at most, type <=.");
    }

    private static Stop equation() {
        return typed(
                "equation",
                "An equation",
                "Enter: y equals 2 x plus 1.",
                "an equation in x and y",
                AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, "y=2x+1").withLetters("x", "y"),
                "Type y = 2x + 1.");
    }

    private static List<Option> options() {
        return List.of(
                Option.of("a", "the hut"), Option.of("b", "the weather station"), Option.of("c", "the cable way"));
    }

    private static Stop choice() {
        return new Stop(
                "choice",
                "One of several",
                Part.of(
                        "Choose the hut.",
                        Field.choice("answer", "Place", options(), "a"),
                        "Click it, or use the arrow keys.",
                        "One is chosen at a time.",
                        "Enter checks it."));
    }

    private static Stop all() {
        Field field = new Field(
                "answer",
                "Places",
                "",
                new Response.ChooseAll(options()),
                AnswerSpec.choice("a,c", List.of("a", "b", "c")),
                List.<Mistake>of());
        return new Stop(
                "all",
                "All that apply",
                Part.of(
                        "Choose the hut and the cable way.",
                        field,
                        "Click each, or use Tab and the space bar.",
                        "As many as fit.",
                        "Enter checks it."));
    }

    private static Stop list() {
        Field field = Field.choice("pick", "Place", options(), "b").by(new Response.PickFromList(options()));
        return new Stop(
                "list",
                "A list in a sentence",
                new Part(
                        "Choose the weather station.",
                        List.of(field),
                        new Layout.InSentence("Snow is measured at {{pick}}."),
                        List.of("Open the list, then choose.", "The arrow keys move in it.", "Then check.")));
    }

    private static Stop order() {
        Field field = new Field(
                "answer",
                "From the lowest to the highest",
                "",
                new Response.PutInOrder(List.of(
                        Option.of("a", "the hut, 1,820 m"),
                        Option.of("b", "the bridge, 640 m"),
                        Option.of("c", "the pass, 2,310 m"))),
                AnswerSpec.inOrder("b,a,c", List.of("a", "b", "c")),
                List.<Mistake>of());
        return new Stop(
                "order",
                "Putting in order",
                Part.of(
                        "Put these places in order, the lowest one first.",
                        field,
                        "Press them one after the other, or drag each to its place.",
                        "Pressing one that has a place takes it back; the arrow keys move it.",
                        "The bridge comes first."));
    }

    private static Stop columns() {
        Field field = Field.typed("answer", "Sum", "", AnswerSpec.number(Form.Shape.INTEGER, "423"))
                .by(new Response.WriteInColumns(List.of("245", "178"), "+", 4, 0));
        return new Stop(
                "columns",
                "Digits in columns",
                Part.of(
                        "The sum is 423. Write it below the two numbers.",
                        field,
                        "Begin on the right: after each digit the next column takes the keys.",
                        "Above the numbers is room to note what you carry. Nobody checks it.",
                        "The box on the far left stays empty."));
    }

    private static Figure.NumberLine numbers(double step) {
        return new Figure.NumberLine("A number line from 0 to 2.", 0, 2, step, List.of());
    }

    private static Stop mark() {
        Field field = Field.typed("answer", "1.5", "", AnswerSpec.number(Form.Shape.ANY, "1.5"))
                .by(new Response.MarkOnLine(numbers(0.25)));
        return new Stop(
                "mark",
                "A place on a number line",
                Part.of(
                        "Mark 1.5.",
                        field,
                        "Click the line, or move the mark with the arrow keys.",
                        "The keys Home and End lead to the ends.",
                        "It lies in the middle between 1 and 2."));
    }

    private static Stop ray() {
        Field field = Field.typed("answer", "Numbers", "", AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, "x > 1"))
                .by(new Response.RayOnLine(numbers(0.5), "x"));
        return new Stop(
                "ray",
                "A part of a number line",
                Part.of(
                        "Draw all numbers that are greater than 1; the 1 itself does not belong to them.",
                        field,
                        "Click where it ends, or move its end with the arrow keys.",
                        "Then choose the kind of its end, and the way it runs.",
                        "It runs to the right."));
    }

    private static Stop shade() {
        Figure.FractionPicture bar = new Figure.FractionPicture(
                "A bar cut into 5 equal parts, none shaded.", Figure.Shape.BAR, 1, List.of(1.0, 1.0, 1.0, 1.0, 1.0), 0);
        Field field = new Field(
                "answer",
                "Shade 2/5",
                "",
                new Response.Shade(bar),
                AnswerSpec.number(Form.Shape.ANY, "2/5"),
                List.of());
        return new Stop(
                "shade",
                "Shading",
                Part.of(
                        "Shade two of the five parts.",
                        field,
                        "Click a part to shade it, once more to clear it.",
                        "Tab and space do the same.",
                        "Any two will do."));
    }

    private static Stop point() {
        Field field = new Field(
                "answer",
                "Point",
                "",
                new Response.PlotPoint(GRID),
                AnswerSpec.of(Kind.PAIR, Form.Shape.ANY, "(2,3)"),
                List.of());
        return new Stop(
                "point",
                "A point on a grid",
                Part.of(
                        "Place a point 2 to the right and 3 up.",
                        field,
                        "Click the grid, or move the point with the arrow keys.",
                        "Its pair is shown beside the grid.",
                        "Count from where the axes cross."));
    }

    private static Stop line() {
        Field field = new Field(
                "answer",
                "Line",
                "",
                new Response.PlotLine(GRID),
                AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, "y=x+1").withLetters("x", "y"),
                List.of());
        return new Stop(
                "line",
                "A line on a grid",
                Part.of(
                        "Draw the line through (0, 1) and (2, 3).",
                        field,
                        "Place two points; the line goes through both.",
                        "Each point can be moved with the arrow keys.",
                        "Any two points of the line will do."));
    }
}
