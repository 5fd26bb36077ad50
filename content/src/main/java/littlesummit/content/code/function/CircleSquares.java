package littlesummit.content.code.function;

import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** The equation of a circle without brackets: the squares are completed first. */
final class CircleSquares {
    private CircleSquares() {}

    static Item expanded(ItemRef ref, String frame, Draw draw) {
        Circle c = Circle.whole(draw);
        Items item = Items.of(ref)
                .text(frame)
                .formula(c.expanded())
                .part(Part.of(
                        "Give the centre as a pair.",
                        c.centre(
                                "Both signs are the other way round. Put your pair into the brackets: are both zero?",
                                true),
                        "Which terms belong to x, and which to y?",
                        "With half of the number before x, squared, the terms with x make a square: $x^2 + 6x + 9 ="
                                + " (x + 3)^2$. The same for y.",
                        "To the terms with x, add $" + c.x() * c.x() + "$ on both sides."));
        return CircleEquation.zero(completed(item, c), c)
                .given(c.expanded())
                .second("Zero in the brackets", CircleEquation.smallest(c))
                .build();
    }

    /** From the equation without brackets to the one with them. */
    static Items completed(Items item, Circle c) {
        return item.step(
                        "Put the terms with x and those with y together, and the number on the other side.",
                        lines(c)[0])
                .step(
                        "Half of $" + -2 * c.x() + "$ is $" + -c.x() + "$, half of $" + -2 * c.y() + "$ is $" + -c.y()
                                + "$. Add the squares of both, on both sides.",
                        lines(c)[1])
                .step("Write each as the square of a bracket.", lines(c)[2]);
    }

    /** The lines of it: sorted, completed, as squares. */
    static String[] lines(Circle c) {
        return lines(c, c.squared() - c.x() * c.x() - c.y() * c.y());
    }

    /** @param rest the number on the right of the first line */
    static String[] lines(Circle c, int rest) {
        int xx = c.x() * c.x();
        int yy = c.y() * c.y();
        return new String[] {
            "x^2" + Circle.term(-2 * c.x(), "x") + " + y^2" + Circle.term(-2 * c.y(), "y") + " = " + rest,
            "x^2" + Circle.term(-2 * c.x(), "x") + " + " + xx + " + y^2" + Circle.term(-2 * c.y(), "y") + " + " + yy
                    + " = " + rest + " + " + xx + " + " + yy,
            new Circle(c.h(), c.k(), rest + xx + yy).latex()
        };
    }
}
