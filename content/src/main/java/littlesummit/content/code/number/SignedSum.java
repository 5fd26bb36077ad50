package littlesummit.content.code.number;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/**
 * A bare sum or difference of signed numbers. Leaving out the signs is hardly ever right: of the patterns in which it
 * is, few are drawn.
 *
 * @param minus whether the second number is taken away
 * @param c a third number to add, 0 for none
 */
record SignedSum(int a, boolean minus, int b, int c) {
    private static final String UP = "Adding a positive number takes you up.";
    private static final String DOWN = "Taking away a positive number takes you down.";

    static Item first(ItemRef ref, String frame, Draw draw) {
        int one = draw.between(2, 19);
        int other = draw.between(2, 19, n -> n != one);
        SignedSum sum =
                switch (draw.between(1, 3)) {
                    case 1 -> new SignedSum(-one, false, other, 0);
                    case 2 -> new SignedSum(Math.min(one, other), true, Math.max(one, other), 0);
                    default -> new SignedSum(-one, true, other, 0);
                };
        return sum.item(ref, frame);
    }

    static Item second(ItemRef ref, String frame, Draw draw) {
        int one = draw.between(3, 35);
        int other = draw.between(3, 35, n -> n != one);
        SignedSum sum =
                switch (draw.between(1, 8)) {
                    case 1 -> new SignedSum(one, true, -other, 0);
                    case 2, 3 -> new SignedSum(-Math.max(one, other), true, -Math.min(one, other), 0);
                    case 4 -> new SignedSum(-one, true, -other, 0);
                    case 5, 6 -> new SignedSum(-one, false, -other, 0);
                    default -> new SignedSum(one, false, -other, 0);
                };
        return sum.item(ref, frame);
    }

    static Item third(ItemRef ref, String frame, Draw draw) {
        int one = draw.between(3, 30);
        int other = draw.between(3, 30, n -> n != one);
        int last = draw.between(2, 25, n -> n != one && n != other);
        SignedSum sum =
                switch (draw.between(1, 4)) {
                    case 1 -> new SignedSum(Math.min(one, other), true, Math.max(one, other) + last, last);
                    case 2 -> new SignedSum(-one, true, -other, -last);
                    case 3 -> new SignedSum(-one, false, other, -last);
                    default -> new SignedSum(one, true, other, -last);
                };
        return sum.item(ref, frame);
    }

    private int move() {
        return minus ? -b : b;
    }

    private int value() {
        return a + move() + c;
    }

    private String text() {
        return a + (minus ? " - " : " + ") + Signed.bracketed(b) + (c == 0 ? "" : c > 0 ? " + " + c : " + (" + c + ")");
    }

    private String flat() {
        return a + Signed.added(move()) + (c == 0 ? "" : Signed.added(c));
    }

    private Item item(ItemRef ref, String frame) {
        Items item = Items.of(ref).text(frame).formula(text()).part(part());
        if (!flat().equals(text())) {
            item.step(rule(), flat());
        }
        if (c != 0) {
            item.step("Go from left to right. " + (move() > 0 ? UP : DOWN), a + move() + Signed.added(c));
        }
        int before = c == 0 ? a : a + move();
        int last = c == 0 ? move() : c;
        if (before != 0 && Integer.signum(before) != Integer.signum(before + last) && before + last != 0) {
            item.step(
                    "Go to zero first: that takes " + Math.abs(before) + " of the " + Math.abs(last)
                            + ". The rest goes on from zero.",
                    "0" + Signed.added(before + last));
        } else if (c == 0 && flat().equals(text())) {
            item.step(move() > 0 ? UP : DOWN, text());
        }
        return item.step("So you end at:", String.valueOf(value()))
                .given(text())
                .second("On a number line", c == 0 ? Signed.line(a, move()) : Signed.line(a, move(), c))
                .build();
    }

    private String rule() {
        return (minus && b < 0 ? "Taking away a negative number adds. " : "Adding a negative number takes away. ")
                + "Write it without brackets.";
    }

    private Part part() {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(value()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(a - move() + c),
                        "second-sign",
                        "Look at the sign of the second number, and at what is done with it.")
                .addIf(
                        c != 0,
                        String.valueOf(a - (minus ? b + c : -b - c)),
                        "detached-minus",
                        "It looks as if the last two numbers were put together first. Go from left to right.")
                .addIf(
                        c == 0 && a < 0 && move() < 0,
                        String.valueOf(-value()),
                        "two-minuses",
                        "Two minus signs make a plus only where a negative number is taken away. Where do you start,"
                                + " and which way do you go?")
                .add(
                        String.valueOf(Math.abs(a) + Math.abs(b) + Math.abs(c)),
                        "absolute-values",
                        "It looks as if the signs were left out. Put each one back in.")
                .addIf(
                        c == 0,
                        String.valueOf(Math.abs(Math.abs(a) - Math.abs(b))),
                        "smaller-from-larger",
                        "It looks as if the smaller one was taken from the larger one. On which side of zero do you"
                                + " end?")
                .add(String.valueOf(-value()), "sign", "The size is right. On which side of zero do you end?");
        Field field = Field.typed("answer", "Result", "a whole number with its sign", answer, mistakes.list());
        return Part.of(
                "What is the result?",
                field,
                "On which side of zero do you start, and which way do you go?",
                b < 0 || c < 0
                        ? "Taking away a negative number is the same as adding its opposite; adding a negative number"
                                + " is taking away."
                        : "Adding a positive number goes up the number line, taking it away goes down, also below"
                                + " zero.",
                "Start at $" + a + "$ and go " + Math.abs(b) + (move() > 0 ? " up." : " down."));
    }
}
