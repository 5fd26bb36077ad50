package littlesummit.content.code.number;

import java.util.Collections;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** A fraction that stands there as one. */
final class LowestItem {
    private LowestItem() {}

    static Item bare(ItemRef ref, String frame, Draw draw) {
        Cancelled c = Cancelled.proper(draw, 9, 2, 3, 4, 5, 6);
        Items item = Items.of(ref)
                .text(frame)
                .formula(c.latex())
                .part(c.part(
                        "What is it in lowest terms?",
                        "Is there a number that divides both the top and the bottom?",
                        Mistakes.of(c.answer())));
        c.steps(item);
        return item.given(c.num() + "/" + c.den())
                .second(
                        "As a bar",
                        new Block.Text(
                                "The same length is shaded in both bars. The second has larger parts, and fewer of"
                                        + " them."),
                        picture(c.num(), c.den()),
                        picture(c.p(), c.q()))
                .build();
    }

    private static Block picture(int num, int den) {
        return new Block.Picture(new Figure.FractionPicture(
                "A bar of " + den + " equal parts, " + num + " of them shaded.",
                Figure.Shape.BAR,
                1,
                Collections.nCopies(den, 1.0),
                num));
    }

    /** The hidden number is at the top or at the bottom, of the fraction that is larger written or smaller. */
    static Item missing(ItemRef ref, String frame, Draw draw) {
        int small = draw.between(2, 4);
        Cancelled c = withoutEcho(draw);
        boolean top = draw.coin();
        boolean down = draw.coin();
        int[] full = {c.p() * small * c.k(), c.q() * small * c.k()};
        int[] less = {c.p() * small, c.q() * small};
        int[] hidden = down ? less : full;
        int[] shown = down ? full : less;
        int right = hidden[top ? 0 : 1];
        int known = hidden[top ? 1 : 0];
        String box = "\\square";
        String withBox = "\\frac{" + (top ? box : hidden[0]) + "}{" + (top ? hidden[1] : box) + "}";
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(right));
        int there = shown[top ? 0 : 1];
        int partner = shown[top ? 1 : 0];
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        there + known > partner,
                        String.valueOf(there + known - partner),
                        "added",
                        "It looks as if the same was added or taken away. Both numbers have to be multiplied, or"
                                + " divided.")
                .add(String.valueOf(there), "unchanged", "That leaves one of the numbers as it was. Both change.")
                .add(
                        String.valueOf(hidden[top ? 1 : 0]),
                        "copied",
                        "Then top and bottom would be the same, and the fraction would be 1.");
        String how = down
                ? "From " + partner + " to " + known + " one divides by " + c.k() + "."
                : "From " + partner + " to " + known + " one multiplies by " + c.k() + ".";
        return Items.of(ref)
                .text(frame)
                .formula(Cancelled.latex(shown[0], shown[1]) + " = " + withBox)
                .part(Part.of(
                        "Which number belongs in the box?",
                        Field.typed("answer", "In the box", "a whole number", answer, mistakes.list()),
                        "Compare the two " + (top ? "bottoms" : "tops") + ": both of them are there.",
                        "A fraction stays the same when top and bottom are multiplied, or divided, by the same number.",
                        "How do you get from " + partner + " to " + known + ", by multiplying or dividing?"))
                .step(how, "")
                .step(
                        "Do the same with " + there + ".",
                        down
                                ? "\\frac{" + there + "}{" + c.k() + "} = " + right
                                : there + "\\cdot " + c.k() + " = " + right)
                .build();
    }

    /** The number that is looked for is not one of those that are there. */
    private static Cancelled withoutEcho(Draw draw) {
        Cancelled c = Cancelled.proper(draw, 9, 3, 4, 5, 6, 7);
        while (c.q() == c.p() * c.k()) {
            c = Cancelled.proper(draw, 9, 3, 4, 5, 6, 7);
        }
        return c;
    }

    /** Three that can be cancelled, each by another number, and one that cannot, though it looks as if. */
    static Item already(ItemRef ref, String frame, Draw draw) {
        int[][] lowest = {{9, 16}, {8, 15}, {15, 28}, {14, 25}, {4, 15}, {10, 21}, {9, 20}, {16, 27}, {21, 32}, {8, 21}
        };
        int[] right = lowest[draw.between(0, lowest.length - 1)];
        Cancelled three = new Cancelled(draw.oneOf(3, 5, 7), draw.oneOf(8, 11, 16), 3);
        Cancelled five = new Cancelled(draw.oneOf(2, 4), draw.oneOf(7, 9, 11), 5);
        Cancelled seven = new Cancelled(draw.oneOf(1, 2, 3), draw.oneOf(5, 7), draw.oneOf(7, 11, 13));
        Choices choices = Choices.right("$" + Cancelled.latex(right[0], right[1]) + "$");
        for (Cancelled c : new Cancelled[] {three, five, seven}) {
            choices.wrong(
                    "$" + c.latex() + "$",
                    "common-factor-missed",
                    "Top and bottom of this one share a factor. Try 3, 5, and larger primes.");
        }
        return Items.of(ref)
                .text(frame)
                .part(Part.of(
                        "Which one is in lowest terms?",
                        choices.shuffled("answer", "In lowest terms", draw),
                        "In which of them does no number but 1 divide both top and bottom?",
                        "Odd numbers can share a factor, too; even and odd ones can, when it is odd.",
                        "Try 3 and 5 on each of them first, then 7, 11 and 13."))
                .step("This one can be divided by 3:", three.latex() + " = " + three.lowest())
                .step("This one can be divided by 5:", five.latex() + " = " + five.lowest())
                .step("This one can be divided by " + seven.k() + ":", seven.latex() + " = " + seven.lowest())
                .step("What is left cannot be divided any more: $" + Cancelled.latex(right[0], right[1]) + "$.", "")
                .build();
    }
}
