package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.content.code.lesson.Asks.Spot;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.content.template.Templates;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A reduced price is what is left of the whole, in one multiplication. */
public final class PercentDiscountLesson extends GuidedLesson {
    private static final String ROPE = "A rope for the trail costs \\$%d. Helpers of the rescue post get %d%% off.";
    private static final String SLEDGE =
            "In spring the joiner sells a sledge that cost \\$%d all winter. It is now %d%% cheaper.";

    public PercentDiscountLesson() {
        super(Templates.skill("percent-discount"), "Lesson: from the discount to the price");
    }

    @Override
    public int version() {
        return 5;
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        int percent = draw.oneOf(20, 30, 40);
        int full = 10 * draw.between(5, 12, n -> n != 10);
        int left = 100 - percent;
        int reduced = full * left / 100;
        String share = "0." + left / 10;
        Items item = Items.of(ref).text((guided ? ROPE : SLEDGE).formatted(full, percent));
        if (guided) {
            item.part(whole(full, draw));
        }
        item.part(bar(full, percent, draw));
        if (guided) {
            item.part(Asks.percent(
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

    private static Part whole(int full, Draw draw) {
        return Asks.pick(
                "Name the quantities.",
                "The 100% stands for {{pick}}.",
                Choices.right("the full price")
                        .wrong(
                                "the reduced price",
                                "rest-for-whole",
                                "The discount is taken of something. Is it of this?")
                        .wrong("the discount", "part-for-whole", "The discount is the part that goes away."),
                draw,
                "What was the price before?",
                "The whole is what the percent is of.",
                "It cost \\$" + full + " before the sale, and the percent is taken of that.");
    }

    private static Part bar(int full, int percent, Draw draw) {
        Figure.Bar bar = new Figure.Bar(
                "A bar for the full price with a place for its label, and two pieces: to pay and taken off.",
                "{{total}}",
                List.of(
                        new Figure.Piece(100 - percent, "to pay", true, "left"),
                        new Figure.Piece(percent, "taken off", false, "off")));
        return Asks.onBar(
                "Place what you know, and the question mark, on the bar.",
                bar,
                List.of(
                        new Spot("total", "the whole bar", full + " dollars"),
                        new Spot("left", "to pay", "?"),
                        new Spot("off", "taken off", percent + "%")),
                "Look at this place again: is it the full price, what is taken off, or what is left to pay?",
                draw,
                "Which one was there first?",
                "The whole bar is the full price. What you want to know gets the question mark.",
                "The text says what part is taken off. Put that on the white piece.");
    }
}
