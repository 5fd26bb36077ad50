package littlesummit.content.code.fraction;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** Amounts behind percents: of a whole, of a rest, and back from a part to its whole. */
final class PercentAmounts {
    private static final String WHOLE = "a whole number";

    private PercentAmounts() {}

    static Item amount(ItemRef ref, String frame, Draw draw) {
        int percent = draw.oneOf(15, 20, 30, 35, 40, 45, 60, 65, 70, 80);
        int all = 20 * draw.between(frame.contains("goats") ? 3 : 6, frame.contains("goats") ? 8 : 30, n -> n != 5);
        int left = all * (100 - percent) / 100;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(left));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(all - left), "gone-for-left", "That is how much is gone. How much is left?")
                .add(
                        String.valueOf(all - percent),
                        "percent-as-number",
                        "It looks as if the percent was taken away as a number. It is a part of the whole.")
                .add(
                        String.valueOf(100 - percent),
                        "percent-only",
                        "That is the percent that is left. How much is it of the whole amount?");
        String share = Tex.plain(Rational.of(100 - percent, 100));
        return Items.of(ref)
                .text(frame.formatted(all, percent))
                .part(Part.of(
                        frame.contains("goats")
                                ? "How many of them are still up there?"
                                : frame.contains("mill")
                                        ? "How many kilograms are left to grind?"
                                        : "How many litres are left?",
                        Field.typed("answer", "Left", WHOLE, answer, mistakes.list()),
                        "Which percent is left?",
                        "First find the percent that is left, then take that percent of the whole amount.",
                        "What is left is " + (100 - percent) + "% of $" + all + "$."))
                .step("Of the whole, " + (100 - percent) + "% is left.", share + "\\cdot " + all)
                .step("Multiply.", String.valueOf(left))
                .calculator()
                .given(share + "*" + all)
                .build();
    }

    /** The second percent has another whole than the first one. */
    static Item ofTheRest(ItemRef ref, String frame, Draw draw) {
        int first = draw.oneOf(20, 25, 30, 40, 50, 60);
        int second = draw.oneOf(10, 20, 25, 40, 50, 60);
        Rational left = Percents.share(100 - first).times(Percents.share(100 - second));
        Rational percent = left.times(Percents.HUNDRED);
        AnswerSpec answer = Percents.answer(percent);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(Math.abs(100 - first - second)),
                        "same-whole",
                        "The second percent is a part of the rest, not of the whole.")
                .add(Tex.plain(Percents.HUNDRED.minus(percent)), "gone-for-left", "That is what is gone. What is left?")
                .add(
                        Tex.plain(Percents.share(100 - first)
                                .times(Percents.share(second))
                                .times(Percents.HUNDRED)),
                        "second-part",
                        "That is what the second step took. What is left after it?");
        String work = Tex.plain(Percents.share(100 - first)) + "\\cdot " + Tex.plain(Percents.share(100 - second));
        return Items.of(ref)
                .text(frame.formatted(first, second))
                .part(Part.of(
                        "What percent of all is left then?",
                        Percents.field("Percent left", answer, mistakes),
                        "Draw a bar for the whole. Of which piece is the second percent a part?",
                        "After each step a part of what was there before is left: multiply these parts.",
                        "After the first step " + (100 - first) + "% of all is left."))
                .step("What is left after both steps, as a part of the whole.", work)
                .step("Multiply.", Tex.plain(left))
                .step("As a percent that is " + Tex.plain(percent) + "%.", "")
                .calculator()
                .given(Tex.plain(Percents.share(100 - first)) + "*" + Tex.plain(Percents.share(100 - second)))
                .build();
    }

    static Item whole(ItemRef ref, String frame, Draw draw) {
        int percent = draw.oneOf(15, 20, 30, 35, 40, 45, 60, 70, 80);
        int all = 20 * draw.between(2, 9, n -> n != 5 && 20 * n != percent);
        int part = all * percent / 100;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(all));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(Rational.of(part * percent, 100)),
                        "part-as-whole",
                        "That is a percent of the part. Which number is the whole, the 100%?")
                .add(
                        Tex.plain(Rational.of(part * (100 + percent), 100)),
                        "added",
                        "It looks as if the percent was taken of the part and added to it. It is a percent of the"
                                + " whole.")
                .add(String.valueOf(all - part), "the-others", "Those are the others. How many are there altogether?");
        String share = Tex.plain(Percents.share(percent));
        return Items.of(ref)
                .text(frame.formatted(percent, part))
                .part(Part.of(
                        "How many are there altogether?",
                        Field.typed("answer", "All together", WHOLE, answer, mistakes.list()),
                        "Is the number that you know the whole, or a part of it?",
                        "To get from a part back to the whole, divide by the share.",
                        "First find 1% of all: divide $" + part + "$ by " + percent + "."))
                .step("The part over its share gives the whole.", "\\frac{" + part + "}{" + share + "}")
                .step("Divide.", String.valueOf(all))
                .calculator()
                .given(part + "/" + share)
                .build();
    }

    static Item three(ItemRef ref, String frame, Draw draw) {
        int first = draw.oneOf(15, 20, 30, 35, 40);
        int second = draw.oneOf(10, 20, 25, 30);
        int rest = 100 - first - second;
        int all = 20 * draw.between(2, 9, n -> n != 5);
        int part = all * rest / 100;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(all));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(Rational.of(part * 100, first + second).roundHalfUp(0)),
                        "wrong-percent",
                        "Which percent belongs to the number that is given?")
                .add(
                        String.valueOf(part + first + second),
                        "percent-as-number",
                        "Percents and numbers cannot be added.")
                .add(
                        Tex.plain(Rational.of(part * (100 + first + second), 100)),
                        "added",
                        "It looks as if the percents were taken of the given number. They are percents of the whole.");
        String share = Tex.plain(Percents.share(rest));
        return Items.of(ref)
                .text(frame.formatted(first, second, part))
                .part(Part.of(
                        "How many are there altogether?",
                        Field.typed("answer", "Altogether", WHOLE, answer, mistakes.list()),
                        "Which percent do the last ones make?",
                        "All three parts make 100% together. Divide the number that is known by its share.",
                        "The first two make " + (first + second) + "% together."))
                .step("The last part is the rest: " + rest + "%.", "\\frac{" + part + "}{" + share + "}")
                .step("Divide.", String.valueOf(all))
                .calculator()
                .given(part + "/" + share)
                .build();
    }
}
