package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.List;
import littlesummit.content.code.LineAtFault;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Somebody's way from the equation without brackets to the centre; one line does not follow from the one above it. */
final class CircleSlip {
    /** What went wrong, with what is said of it. */
    private enum Slip {
        SIGN_OF_X(0, "The term with x has changed its sign."),
        SIGN_OF_Y(1, "The term with y has changed its sign."),
        NOT_HALVED(2, "The number in a bracket is half of the one before the letter."),
        BRACKETS_TURNED(2, "A square of a bracket has the sign of the term in it."),
        CENTRE_KEPT(3, "The centre is where the brackets are zero.");

        private final int line;
        private final String rule;

        Slip(int line, String rule) {
            this.line = line;
            this.rule = rule;
        }
    }

    private CircleSlip() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Circle c = Circle.whole(draw);
        Slip slip = draw.oneOf(Slip.values());
        Items item = Items.of(ref).text(frame.formatted(Words.name(draw))).formula(c.expanded());
        List<String> lines = lines(c, slip);
        LineAtFault.show(item, lines);
        item.part(LineAtFault.part(
                        4,
                        slip.line,
                        "Compare each line under the equation with the one above it, term by term. The centre is in the"
                                + " last line.",
                        "The terms keep their signs, both sides get the same, and a bracket squared gives back its"
                                + " terms.",
                        "Begin at the top: is every term of the equation there in the line under it, with its sign?"))
                .part(Part.of(
                        "Where is the centre?",
                        c.centre("Both signs are the other way round. Put your pair into the brackets: are both zero?"),
                        "Go back to the line above the wrong one and go on from there.",
                        slip.rule,
                        "When you have a pair, put it into the brackets: is each of them zero?"))
                .step("The mistake is in " + LineAtFault.name(slip.line) + ". " + slip.rule, "");
        return CircleEquation.zero(CircleSquares.completed(item, c), c)
                .given(c.expanded())
                .build();
    }

    /** The lines as they stand there: what comes after the slip follows from it. */
    private static List<String> lines(Circle c, Slip slip) {
        Circle turnedX = new Circle(c.h().negate(), c.k(), c.squared());
        Circle turnedY = new Circle(c.h(), c.k().negate(), c.squared());
        Circle turned = new Circle(c.h().negate(), c.k().negate(), c.squared());
        Circle whole = new Circle(c.h().times(Rational.of(2)), c.k().times(Rational.of(2)), c.squared());
        String[] right = CircleSquares.lines(c);
        return switch (slip) {
            case SIGN_OF_X -> all(CircleSquares.lines(turnedX), 0, right, turnedX);
            case SIGN_OF_Y -> all(CircleSquares.lines(turnedY), 1, right, turnedY);
            case NOT_HALVED -> all(new String[] {"", "", whole.latex()}, 2, right, whole);
            case BRACKETS_TURNED -> all(new String[] {"", "", turned.latex()}, 2, right, turned);
            case CENTRE_KEPT -> all(right, 3, right, turned);
        };
    }

    private static List<String> all(String[] after, int from, String[] right, Circle centre) {
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < right.length; i++) {
            lines.add("$" + (i < from ? right[i] : after[i]) + "$");
        }
        lines.add("So the centre is $" + Circle.pair(centre.h(), centre.k()) + "$.");
        return lines;
    }
}
