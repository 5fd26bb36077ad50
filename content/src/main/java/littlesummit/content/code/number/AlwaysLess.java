package littlesummit.content.code.number;

import java.util.Comparator;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Two numbers with hidden digits: is the first one always, sometimes or never the smaller one? */
final class AlwaysLess {
    private static final String ALWAYS = "always";
    private static final String SOMETIMES = "sometimes, not always";
    private static final String NEVER = "never";
    private static final char HIDDEN = '▢';

    private AlwaysLess() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        String first;
        String second;
        do {
            int length = draw.between(3, 4);
            first = digits(length, draw);
            second = digits(draw.between(1, 4) == 1 ? 7 - length : length, draw);
        } while (!hides(first) || !hides(second) || answer(first, second).equals(answerOf(draw)));
        String right = answer(first, second);
        long low = least(first);
        long high = most(first);
        Choices choices = Choices.right(right);
        choices.wrong(ALWAYS, "one-case", "Try to choose the hidden digits so that the first one is not smaller.");
        choices.wrong(
                SOMETIMES,
                "one-case",
                "Look at the places that are not hidden, from the left: do they decide already?");
        choices.wrong(NEVER, "one-case", "Try to choose the hidden digits so that the first one is smaller.");
        Field field = choices.ordered("answer", "Less", Comparator.naturalOrder());
        return Items.of(ref)
                .text(frame)
                .text("The first number is " + first + ", the second one is " + second + ".")
                .part(Part.of(
                        "Is the first number less than the second one?",
                        field,
                        "Which place decides first, and can you see it in both numbers?",
                        "A hidden digit may be anything from 0 to 9. Try the smallest and the largest that each number"
                                + " can be.",
                        "The first number can be as small as " + low + " and as large as " + high
                                + ". What about the second one?"))
                .step("The first number lies between these two:", low + " < " + high)
                .step("The second number lies between these two:", least(second) + " < " + most(second))
                .step(
                        right.equals(ALWAYS)
                                ? "Even the largest first one is less than the smallest second one."
                                : right.equals(NEVER)
                                        ? "Even the smallest first one is not less than the largest second one."
                                        : "The smallest first one is less than the largest second one, and the largest"
                                                + " first one is not less than the smallest second one.",
                        "")
                .given("")
                .second(
                        "The two ends",
                        new Block.Text("Put 0 into every square for the smallest number and 9 for the largest."))
                .build();
    }

    /** Draws an answer that is turned down, so that no answer is much more common than the others. */
    private static String answerOf(Draw draw) {
        return draw.between(1, 10) <= 6 ? SOMETIMES : draw.coin() ? ALWAYS : NEVER;
    }

    private static String digits(int length, Draw draw) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < length; i++) {
            text.append(i > 0 && draw.between(1, 2) == 1 ? String.valueOf(HIDDEN) : draw.between(i == 0 ? 1 : 0, 9));
        }
        return text.toString();
    }

    private static boolean hides(String number) {
        return number.indexOf(HIDDEN) >= 0;
    }

    private static long least(String number) {
        return Long.parseLong(number.replace(HIDDEN, '0'));
    }

    private static long most(String number) {
        return Long.parseLong(number.replace(HIDDEN, '9'));
    }

    static String answer(String first, String second) {
        if (most(first) < least(second)) {
            return ALWAYS;
        }
        return least(first) >= most(second) ? NEVER : SOMETIMES;
    }
}
