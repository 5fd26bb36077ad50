package littlesummit.content.code.function;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/** The equation of a circle with brackets: its centre read, and the whole written. */
final class CircleEquation {
    private static final String KEPT =
            "It looks as if the signs were taken as they stand. What makes each bracket zero?";

    private CircleEquation() {}

    static Item read(ItemRef ref, String frame, Draw draw) {
        return read(ref, frame, Circle.whole(draw), false);
    }

    static Item place(ItemRef ref, String frame, Draw draw) {
        return read(ref, frame, Circle.whole(draw), true);
    }

    static Item fractions(ItemRef ref, String frame, Draw draw) {
        return read(ref, frame, Circle.ofFractions(draw), false);
    }

    private static Item read(ItemRef ref, String frame, Circle c, boolean placed) {
        Field centre = c.centre(KEPT);
        Items item = Items.of(ref)
                .text(frame)
                .formula(c.latex())
                .part(Part.of(
                        placed ? "Put the point at the centre." : "Give the centre as a pair.",
                        placed ? centre.by(new Response.PlotPoint(CircleDrawn.empty())) : centre,
                        "For which x is the first bracket zero?",
                        "A circle $(x - h)^2 + (y - k)^2 = r^2$ has its centre at $(h, k)$: opposite signs.",
                        "The first bracket is $" + Circle.square("x", c.h()) + "$."));
        return zero(item, c)
                .given(c.entry())
                .second("Zero in the brackets", smallest(c))
                .build();
    }

    /** From the equation with brackets to the centre. */
    static Items zero(Items item, Circle c) {
        return item.step(
                        "The centre is where both brackets are zero: the signs turn round.",
                        "x " + Circle.minus(c.h()) + " = 0, y " + Circle.minus(c.k()) + " = 0")
                .step(
                        "Write it as a pair.",
                        "x = " + Linear.fractionLatex(c.h()) + ", y = " + Linear.fractionLatex(c.k()));
    }

    static Block smallest(Circle c) {
        return new Block.Text("A bracket such as $" + Circle.square("x", c.h())
                + "$ is smallest, zero, just at the centre. So ask what makes it zero.");
    }

    static Item write(ItemRef ref, String frame, Draw draw) {
        Circle c = Circle.whole(draw);
        int r = c.radius();
        return Items.of(ref)
                .text(frame.formatted(c.x(), c.y(), r))
                .part(written(
                        c,
                        Mistakes.of(spec(c))
                                .add(
                                        new Circle(c.h(), c.k(), r).entry(),
                                        "not-squared",
                                        "On the right stands the square of the radius."),
                        "On the right stands the radius times itself: $" + r + " \\cdot " + r + "$."))
                .step(
                        "Every point of the rim is as far from the centre as the radius says. So begin with the"
                                + " brackets that are zero there, and square the radius.",
                        Circle.square("x", c.h()) + " + " + Circle.square("y", c.k()) + " = " + r + "^{2}")
                .step("Work out the square.", c.latex())
                .build();
    }

    /** The radius comes from a right triangle. */
    static Item through(ItemRef ref, String frame, Draw draw) {
        int h = draw.between(-5, 5, n -> n != 0);
        int k = draw.between(-5, 5, n -> n != 0 && Math.abs(n) != Math.abs(h));
        int dx = draw.between(-6, 6, n -> n != 0);
        int dy = draw.between(-6, 6, n -> n != 0 && Math.abs(n) != Math.abs(dx));
        Circle c = new Circle(Rational.of(h), Rational.of(k), dx * dx + dy * dy);
        int sum = Math.abs(dx) + Math.abs(dy);
        return Items.of(ref)
                .text(frame.formatted(h, k, h + dx, k + dy))
                .part(written(
                        c,
                        Mistakes.of(spec(c))
                                .add(
                                        new Circle(c.h(), c.k(), sum * sum).entry(),
                                        "sides-added",
                                        "The way straight there is shorter than the two ways along the grid. Square"
                                                + " each of them first.")
                                .add(
                                        new Circle(c.h(), c.k(), sum).entry(),
                                        "not-squared",
                                        "On the right stands the square of the radius. Square each way along the grid"
                                                + " first."),
                        "Along the grid it is $" + Math.abs(dx) + "$ across and $" + Math.abs(dy)
                                + "$ up or down. The radius is the long side of that right triangle."))
                .step(
                        "Put the point into the brackets: what comes out is the square of the radius (Pythagoras).",
                        "\\left(" + (h + dx) + " - " + CircleDrawn.bracket(h) + "\\right)^{2} + \\left(" + (k + dy)
                                + " - " + CircleDrawn.bracket(k) + "\\right)^{2}")
                .step("Work out the brackets and the squares.", dx * dx + " + " + dy * dy)
                .step("Add: that is the square of the radius.", String.valueOf(c.squared()))
                .step("So the equation is $" + c.latex() + "$.", "")
                .build();
    }

    private static AnswerSpec spec(Circle c) {
        return AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, c.entry()).withLetters("x", "y");
    }

    private static Part written(Circle c, Mistakes mistakes, String last) {
        Circle turned = new Circle(c.h().negate(), c.k().negate(), c.squared());
        mistakes.add(
                turned.entry(),
                "signs-kept",
                "Put the centre into your brackets: are both zero there? If not, turn the signs round.");
        return Part.of(
                "Write the equation of the circle.",
                Field.typed("equation", "Equation", "an equation in $x$ and $y$", spec(c), mistakes.list()),
                "Which bracket is zero for the $x$ of the centre?",
                "A circle around $(h, k)$ has the equation $(x - h)^2 + (y - k)^2 = r^2$.",
                last);
    }
}
