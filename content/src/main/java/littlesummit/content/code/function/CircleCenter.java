package littlesummit.content.code.function;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** The centre of a circle: read from a graph, from an equation, placed on a grid, with fractions on the third level. */
public final class CircleCenter extends SkillDefinition {
    public CircleCenter() {
        super("circle-center", "Centre of a circle", List.of("graph", "equation", "place"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public List<String> variants(int tier) {
        return tier == 1
                ? List.of("graph", "place")
                : tier == 2 ? List.of("equation", "place") : List.of("equation", "expanded");
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        boolean fractions = ref.tier() == 3 && ref.variant().equals("equation");
        int r = draw.between(2, 4);
        int h = draw.between(-5, 5, n -> n != 0);
        int k = draw.between(-5, 5, n -> n != 0 && Math.abs(n) != Math.abs(h));
        Rational cx = fractions ? Rational.of(2L * draw.between(-5, 5) + 1, draw.oneOf(2, 4)) : Rational.of(h);
        Rational cy = fractions ? Rational.of(draw.oneOf(-5, -4, -2, -1, 1, 2, 4, 5), 3) : Rational.of(k);
        String equation = ref.variant().equals("expanded")
                ? "x^2 + y^2" + linear(-2 * h, "x") + linear(-2 * k, "y") + constant(h * h + k * k - r * r) + " = 0"
                : square("x", cx) + " + " + square("y", cy) + " = " + r * r;
        Items item = Items.of(ref);
        if (ref.variant().equals("graph")) {
            item.text("On the map grid of the weather station a radar circle is drawn. Where is its centre?")
                    .picture(grid(h, k, r, true));
        } else if (ref.variant().equals("place")) {
            item.text("Place the centre of this circle on the grid.")
                    .formula(square("x", cx) + " + " + square("y", cy) + " = " + r * r);
        } else {
            item.text("Where is the centre of this circle?").formula(equation);
        }
        item.part(part(ref, cx, cy, r));
        if (ref.variant().equals("graph")) {
            item.step(
                    "Go to the middle of the circle: half-way between its left and right ends, and its lowest and"
                            + " highest points.",
                    "x = \\frac{" + (h - r) + "+" + bracket(h + r) + "}{2}, y = \\frac{" + (k - r) + "+"
                            + bracket(k + r) + "}{2}");
        } else {
            if (ref.variant().equals("expanded")) {
                int apart = h * h + k * k - r * r;
                item.step(
                                "Put the terms with x and those with y together, and the number on the other side.",
                                "x^2" + linear(-2 * h, "x") + " + y^2" + linear(-2 * k, "y") + " = " + -apart)
                        .step(
                                "Half of $" + -2 * h + "$ is $" + -h + "$, half of $" + -2 * k + "$ is $" + -k
                                        + "$. Add the squares of both, on both sides.",
                                "x^2" + linear(-2 * h, "x") + " + " + h * h + " + y^2" + linear(-2 * k, "y") + " + "
                                        + k * k + " = " + -apart + " + " + h * h + " + " + k * k)
                        .step(
                                "Write each as the square of a bracket.",
                                square("x", cx) + " + " + square("y", cy) + " = " + r * r);
            }
            item.step(
                    "The centre is where both brackets are zero: the signs turn round.",
                    "x " + minus(cx) + " = 0, y " + minus(cy) + " = 0");
        }
        return item.step("Write it as a pair.", "x = " + Linear.fractionLatex(cx) + ", y = " + Linear.fractionLatex(cy))
                .given(ref.variant().equals("graph") ? "" : plainEquation(cx, cy, r))
                .second(
                        "Zero in the brackets",
                        new Block.Text("A bracket such as $" + square("x", cx)
                                + "$ is smallest, zero, just at the centre. So ask what makes it zero."))
                .build();
    }

    private static String plainEquation(Rational h, Rational k, int r) {
        return "(x - (" + Linear.fraction(h) + "))^2 + (y - (" + Linear.fraction(k) + "))^2 = " + r * r;
    }

    private static String bracket(int n) {
        return n < 0 ? "(" + n + ")" : String.valueOf(n);
    }

    private static String linear(int c, String letter) {
        return (c < 0 ? " - " : " + ") + Math.abs(c) + letter;
    }

    private static String constant(int c) {
        return c == 0 ? "" : c < 0 ? " - " + -c : " + " + c;
    }

    private static String minus(Rational c) {
        return (c.signum() < 0 ? "+ " : "- ") + Linear.fractionLatex(c.abs());
    }

    private static String square(String letter, Rational c) {
        return "\\left(" + letter + " " + minus(c) + "\\right)^{2}";
    }

    private static Figure.Grid grid(int h, int k, int r, boolean circle) {
        return new Figure.Grid(
                circle
                        ? "A grid from -10 to 10 with a circle from x = " + (h - r) + " to x = " + (h + r)
                                + " and from y = " + (k - r) + " to y = " + (k + r) + "."
                        : "An empty grid from -10 to 10.",
                -10,
                10,
                -10,
                10,
                1,
                circle ? List.of(new Figure.Drawn.Circle(h, k, r)) : List.of());
    }

    private static Part part(ItemRef ref, Rational cx, Rational cy, int r) {
        boolean fractions = !cx.isInteger() || !cy.isInteger();
        AnswerSpec answer =
                AnswerSpec.of(Kind.PAIR, fractions ? Form.Shape.FRACTION_LOWEST : Form.Shape.ANY, pair(cx, cy));
        boolean graph = ref.variant().equals("graph");
        boolean expanded = ref.variant().equals("expanded");
        String kept = graph
                ? "Both signs are the other way round. Is the centre right or left of zero, above or below it?"
                : "It looks as if the signs were taken as they stand. What makes each bracket zero?";
        Mistakes mistakes = Mistakes.of(answer)
                .add(pair(cx.negate(), cy.negate()), "signs-kept", kept)
                .add(pair(cy, cx), "swapped", "It looks as if the two have changed places. The first one belongs to x.")
                .add(pair(cx.negate(), cy), "sign-x", "Look at the sign of the first coordinate.")
                .add(pair(cx, cy.negate()), "sign-y", "Look at the sign of the second coordinate.");
        boolean place = ref.variant().equals("place");
        Field typed = Field.typed(
                "center",
                "Centre",
                fractions ? "a pair (x, y) of fractions in lowest terms" : "a pair (x, y)",
                answer,
                mistakes.list());
        Field field = place ? typed.by(new Response.PlotPoint(grid(0, 0, r, false))) : typed;
        return Part.of(
                place ? "Put the point at the centre." : "Give the centre as a pair.",
                field,
                expanded
                        ? "Which terms belong to x, and which to y?"
                        : graph
                                ? "Which point is equally far from every point of the circle?"
                                : "For which x is the first bracket zero?",
                expanded
                        ? "With half of the number before x, squared, the terms with x make a square: $x^2 + 6x + 9 ="
                                + " (x + 3)^2$. The same for y."
                        : graph
                                ? "The centre lies half-way between opposite points of the circle."
                                : "A circle $(x - h)^2 + (y - k)^2 = r^2$ has its centre at $(h, k)$: opposite signs.",
                expanded
                        ? "To the terms with x, add $" + cx.times(cx) + "$ on both sides."
                        : graph
                                ? "From left to right the circle goes from " + Linear.fraction(cx.minus(Rational.of(r)))
                                        + " to " + Linear.fraction(cx.plus(Rational.of(r))) + "."
                                : "The first bracket is $" + square("x", cx) + "$.");
    }

    private static String pair(Rational x, Rational y) {
        return "(" + Linear.fraction(x) + ", " + Linear.fraction(y) + ")";
    }
}
