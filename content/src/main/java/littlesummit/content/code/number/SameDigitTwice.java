package littlesummit.content.code.number;

import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** One digit in two places: how many times as much the left one is worth. */
final class SameDigitTwice {
    private SameDigitTwice() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int digits = draw.between(5, 6);
        int right = draw.between(0, digits - 2);
        int left = draw.between(right + 1, Math.min(digits - 1, right + 3));
        int digit = draw.between(2, 9);
        long number = 0;
        for (int p = digits - 1; p >= 0; p--) {
            boolean here = p == left || p == right;
            number = number * 10 + (here ? digit : draw.between(p == digits - 1 ? 1 : 0, 9, d -> d != digit));
        }
        Place high = Place.of(left);
        Place low = Place.of(right);
        long times = high.unit() / low.unit();
        return Items.of(ref)
                .text(frame.formatted(Words.n(number)) + " The digit " + digit + " stands in it twice.")
                .part(part(digit, high, low, number))
                .step(
                        "Write what each of the two is worth: the left one stands in the " + high.many
                                + " place, the right one in the " + low.many + " place.",
                        "\\frac{" + Words.tex(digit * high.unit()) + "}{" + Words.tex(digit * low.unit()) + "}")
                .step("Each place further left is worth ten times as much.", Words.tex(times))
                .given(digit * high.unit() + "/" + digit * low.unit())
                .second(
                        "In a place table",
                        new Block.Text("Step from the right one to the left one. Every step makes it worth ten times as"
                                + " much."),
                        new Block.Table(
                                Place.heads(digits),
                                List.of(List.of(String.valueOf(number).split("")))))
                .build();
    }

    private static Part part(int digit, Place high, Place low, long number) {
        long times = high.unit() / low.unit();
        int steps = high.ordinal() - low.ordinal();
        AnswerSpec answer = AnswerSpec.number(Form.Shape.NUMERAL, String.valueOf(times));
        Mistakes mistakes = Mistakes.of(answer)
                .add("1", "same-digit", "The digits are the same, and their places are not.")
                .add(String.valueOf(10 * steps), "tens-added", "Each step left multiplies by ten. Do not add the tens.")
                .add(String.valueOf(times * 10), "one-off", "Count the steps from one digit to the other again.")
                .add(String.valueOf(times / 10), "one-off", "Count the steps from one digit to the other again.")
                .add(
                        String.valueOf(digit * high.unit() - digit * low.unit()),
                        "difference",
                        "That is how much more it is worth. The question is how many times as much.");
        Field field = Field.typed("answer", "Times as much", "a whole number", answer, mistakes.list());
        return Part.of(
                "How many times as much is the left " + digit + " worth as the right one?",
                field,
                "What is each of the two worth?",
                "One place further to the left is worth ten times as much; two places are ten times ten times as much.",
                "The right " + digit + " is worth " + Words.n(digit * low.unit()) + ". What is the left one worth?");
    }
}
