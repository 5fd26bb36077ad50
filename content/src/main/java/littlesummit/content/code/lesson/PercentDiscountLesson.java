package littlesummit.content.code.lesson;

import littlesummit.content.code.fraction.PercentDiscount;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A reduced price is what is left of the whole, in one multiplication. */
public final class PercentDiscountLesson extends GuidedLesson {
    public PercentDiscountLesson() {
        super(new PercentDiscount(), "Lesson: from the discount to the price");
    }

    @Override
    public int version() {
        return 4;
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        int percent = draw.oneOf(10, 20, 30, 40);
        int full = 10 * draw.between(5, 12, n -> n != 10);
        int left = 100 - percent;
        int reduced = full * left / 100;
        String share = "0." + left / 10;
        Items item = Items.of(ref)
                .text("A rope for the trail costs \\$" + full + ". Helpers of the rescue post get " + percent
                        + "% off.");
        if (guided) {
            item.part(Asks.pick(
                            "Name the quantities.",
                            "The 100% stands for {{pick}}.",
                            Choices.right("the full price")
                                    .wrong(
                                            "the reduced price",
                                            "rest-for-whole",
                                            "The discount is taken of something. Is it of this?")
                                    .wrong(
                                            "the discount",
                                            "part-for-whole",
                                            "The discount is the part that goes away."),
                            draw,
                            "What was the price before?",
                            "The whole is what the percent is of.",
                            "It cost \\$" + full + " before the sale, and the percent is taken of that."))
                    .part(Asks.percent(
                            "What percent of the full price is left to pay?",
                            "Percent left",
                            left,
                            Wrong.of(percent, "discount-for-left", "That is what goes away. What is left?"),
                            "Is it more or less than 100%?",
                            "What is left is 100% less the discount.",
                            "Take " + percent + " from 100."));
        }
        return item.part(Asks.choose(
                        "Let $x$ be the reduced price in dollars. Choose the equation.",
                        Choices.right("$x = " + share + " \\cdot " + full + "$")
                                .wrong(
                                        "$x = 0." + percent / 10 + " \\cdot " + full + "$",
                                        "discount-only",
                                        "That gives what is taken off.")
                                .wrong(
                                        "$x = " + full + " - " + percent + "$",
                                        "percent-as-money",
                                        "That takes off dollars. A percent is a share of the price."),
                        draw,
                        "Which share of the price is paid?",
                        "The share that is left, as a decimal, times the full price.",
                        left + "% is " + share + "."))
                .part(Asks.whole(
                        "Compute the reduced price in dollars.",
                        "Reduced price",
                        reduced,
                        Wrong.of(full - reduced, "discount-only", "That is what is taken off. What is left to pay?"),
                        "Should it be more or less than \\$" + full + "?",
                        "Multiply the full price by the share that is left.",
                        "Multiply " + full + " by " + share + "."))
                .step(
                        "The full price is 100%. What is left is " + left + "% of it.",
                        full + "\\cdot (1 - 0." + percent / 10 + ")")
                .step("As a decimal that share is " + share + ".", full + "\\cdot " + share)
                .step("Multiply.", String.valueOf(reduced))
                .given(full + "*(1-0." + percent / 10 + ")")
                .build();
    }
}
