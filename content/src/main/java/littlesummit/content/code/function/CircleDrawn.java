package littlesummit.content.code.function;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Circles without an equation: drawn on a grid, described by their ends, or by their centre and a point. */
final class CircleDrawn {
    private static final int EDGE = 10;

    private CircleDrawn() {}

    static Item graph(ItemRef ref, String frame, Draw draw) {
        Circle c = Circle.whole(draw);
        return middle(Items.of(ref).text(frame).picture(grid(c)), c)
                .part(Part.of(
                        "Give the centre as a pair.",
                        c.centre("Both signs are the other way round. Is the centre right or left of zero, above or"
                                + " below it?"),
                        "Which point is equally far from every point of the circle?",
                        "The centre lies half-way between opposite points of the circle.",
                        "From left to right the circle goes from " + (c.x() - c.radius()) + " to "
                                + (c.x() + c.radius()) + "."))
                .build();
    }

    static Item box(ItemRef ref, String frame, Draw draw) {
        Circle c = Circle.whole(draw);
        int r = c.radius();
        return middle(Items.of(ref).text(frame.formatted(c.x() - r, c.x() + r, c.y() - r, c.y() + r)), c)
                .part(Part.of(
                        "Put a point at its centre.",
                        c.centre("Both signs are the other way round. Is the centre right or left of zero, above or"
                                        + " below it?")
                                .by(new Response.PlotPoint(empty())),
                        "Where is the middle between the western and the eastern end?",
                        "The centre is half-way across and half-way up.",
                        "Across it is " + 2 * r + " from end to end. Go half of that from one end."))
                .build();
    }

    /** How one comes to the middle. */
    private static Items middle(Items item, Circle c) {
        int r = c.radius();
        return item.step(
                        "Go to the middle of the circle: half-way between its left and right ends, and its lowest and"
                                + " highest points.",
                        "x = \\frac{" + (c.x() - r) + "+" + bracket(c.x() + r) + "}{2}, y = \\frac{" + (c.y() - r) + "+"
                                + bracket(c.y() + r) + "}{2}")
                .step("Write it as a pair.", "x = " + c.x() + ", y = " + c.y());
    }

    static String bracket(int n) {
        return n < 0 ? "(" + n + ")" : String.valueOf(n);
    }

    /** A point straight above, below or beside the centre. */
    static Item reach(ItemRef ref, String frame, Draw draw) {
        int h = draw.between(-6, 6, n -> n != 0);
        int k = draw.between(-6, 6, n -> n != 0);
        int radius = draw.between(3, 11);
        int way = draw.oneOf(-radius, radius);
        boolean across = draw.between(0, 1) == 0;
        int from = across ? h : k;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(radius));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(2 * radius), "diameter", "That is all the way across. The radius is half of it.")
                .addIf(
                        Math.abs(from + way) != radius,
                        String.valueOf(Math.abs(from + way)),
                        "from-zero",
                        "It looks as if you had measured from zero. Measure from the centre.")
                .addIf(
                        Math.abs(2 * from + way) != radius && Math.abs(2 * from + way) != Math.abs(from + way),
                        String.valueOf(Math.abs(2 * from + way)),
                        "added",
                        "It looks as if you had added the two. How far is it from one to the other?");
        return Items.of(ref)
                .text(frame.formatted(h, k, across ? h + way : h, across ? k : k + way))
                .part(Part.of(
                        "What is the radius of its circle?",
                        Field.typed("radius", "Radius", "a whole number", answer, mistakes.list()),
                        "The radius goes from the centre to the rim. Which two points are these?",
                        "One coordinate is the same in both points. The radius is the difference of the other one.",
                        "Go from $" + from + "$ to $" + (from + way) + "$. How many steps are that?"))
                .step(
                        "Only the " + (across ? "first" : "second")
                                + " coordinate changes. Subtract, and leave out the sign.",
                        "\\left|" + (from + way) + " - " + bracket(from) + "\\right|")
                .step("That is the radius.", String.valueOf(radius))
                .build();
    }

    private static Figure.Grid grid(Circle c) {
        int r = c.radius();
        return new Figure.Grid(
                "A grid from -10 to 10 with a circle from x = " + (c.x() - r) + " to x = " + (c.x() + r)
                        + " and from y = " + (c.y() - r) + " to y = " + (c.y() + r) + ".",
                -EDGE,
                EDGE,
                -EDGE,
                EDGE,
                1,
                List.of(new Figure.Drawn.Circle(c.x(), c.y(), r)));
    }

    static Figure.Grid empty() {
        return new Figure.Grid("An empty grid from -10 to 10.", -EDGE, EDGE, -EDGE, EDGE, 1, List.of());
    }
}
