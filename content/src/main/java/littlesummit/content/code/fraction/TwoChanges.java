package littlesummit.content.code.fraction;

import java.util.Comparator;
import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** Two changes of a price one after the other: the second is a percent of another whole. */
final class TwoChanges {
    private static final List<String> OPTIONS = List.of("less than before", "the same as before", "more than before");

    private TwoChanges() {}

    static Item twice(ItemRef ref, String frame, Draw draw) {
        int first = draw.oneOf(10, 20, 25, 30, 40);
        int second = draw.oneOf(5, 10, 20, 50);
        Rational left = Percents.share(100 - first).times(Percents.share(100 - second));
        Rational key = Percents.HUNDRED.minus(left.times(Percents.HUNDRED));
        AnswerSpec answer = Percents.answer(key);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(first + second),
                        "percents-added",
                        "The second percent is a part of the price that was reduced already. The two wholes differ.")
                .add(
                        Tex.plain(left.times(Percents.HUNDRED)),
                        "rest-for-part",
                        "That is what is left to pay. How much less is it?")
                .add(
                        Tex.plain(Rational.of(first * second, 100)),
                        "percents-multiplied",
                        "That is the percent of the percent. Work with what is left after each step.");
        String work = Tex.plain(Percents.share(100 - first)) + "\\cdot " + Tex.plain(Percents.share(100 - second));
        return Items.of(ref)
                .text(frame.formatted(Ware.draw(draw).article(), first, second))
                .part(Part.of(
                        "By what percent is it reduced in all?",
                        Percents.field("Percent less in all", answer, mistakes),
                        "Of which price is the second percent a part?",
                        "Multiply what is left after each of the two steps. What is missing to the whole is the"
                                + " reduction.",
                        "After the first step " + (100 - first) + "% of the full price are left."))
                .step("What is left after both steps, as a part of the full price.", work)
                .step("Multiply: that much of it is left.", Tex.plain(left))
                .step("The rest was taken off: " + Tex.plain(key) + "%.", "")
                .calculator()
                .given(Tex.plain(Percents.share(100 - first)) + "*" + Tex.plain(Percents.share(100 - second)))
                .build();
    }

    static Item downAndUp(ItemRef ref, String frame, Draw draw) {
        int outcome = draw.between(0, 3);
        int down = outcome == 2 ? draw.oneOf(20, 50) : draw.oneOf(10, 20, 25, 40, 50);
        int enough = down * 100 / (100 - down);
        int up =
                switch (outcome) {
                    case 0 -> down;
                    case 1 -> Math.max(down, (down + enough) / 10 * 5);
                    case 2 -> enough;
                    default -> (enough / 5 + draw.between(1, 2)) * 5;
                };
        Rational after = Percents.share(100 - down).times(Percents.share(100 + up));
        int right = Integer.signum(after.compareTo(Rational.ONE)) + 1;
        Choices choices = Choices.right(OPTIONS.get(right));
        OPTIONS.forEach(o -> choices.wrong(
                o,
                down == up && o.equals(OPTIONS.get(1)) ? "percents-cancel" : "not-computed",
                "The two percents have different wholes. Try it with a price of \\$100."));
        String work = Tex.plain(Percents.share(100 - down)) + "\\cdot " + Tex.plain(Percents.share(100 + up));
        return Items.of(ref)
                .text(frame.formatted(Ware.draw(draw).article(), down, up))
                .part(Part.of(
                        "What does it cost in the end?",
                        choices.ordered("answer", "In the end", Comparator.comparingInt(OPTIONS::indexOf)),
                        "Of which price is the first percent a part, and of which the second?",
                        "The second percent is a part of the price after the first change.",
                        "Take a price of \\$100: after the first change it is \\$" + (100 - down) + "."))
                .step("First " + (100 - down) + "% is left, then " + (100 + up) + "% of that is paid.", work)
                .step("Multiply: that many times the price at the start.", Tex.plain(after))
                .step(
                        right == 0
                                ? "That is less than the whole price."
                                : right == 1 ? "That is the whole price again." : "That is more than the whole price.",
                        "")
                .calculator()
                .given(Tex.plain(Percents.share(100 - down)) + "*" + Tex.plain(Percents.share(100 + up)))
                .build();
    }
}
