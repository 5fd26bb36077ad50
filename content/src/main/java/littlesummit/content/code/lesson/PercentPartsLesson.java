package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.content.code.fraction.PercentParts;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A percent is so many of a hundred equal parts of a whole. */
public final class PercentPartsLesson extends GuidedLesson {
    public PercentPartsLesson() {
        super(new PercentParts(), "Lesson: what a percent is of");
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        int percent = 10 * draw.between(2, 8, n -> n != 5);
        int each = draw.between(2, 9);
        int whole = each * 10;
        int part = each * percent / 10;
        Figure.Bar bar = new Figure.Bar(
                "A bar for the whole store of " + whole + " blankets, cut into " + percent + "% lent and the rest.",
                whole + " blankets: 100%",
                List.of(
                        new Figure.Piece(percent, percent + "% lent", true, ""),
                        new Figure.Piece(100 - percent, "still here", false, "")));
        Items item = Items.of(ref)
                .text("The rescue post keeps " + whole + " wool blankets. Today " + percent
                        + "% of them are lent to the hut.");
        if (guided) {
            item.picture(bar)
                    .part(Asks.pick(
                            "Name the whole.",
                            "The percent is taken of {{pick}}.",
                            Choices.right("all the blankets of the post")
                                    .wrong(
                                            "the blankets lent",
                                            "part-for-whole",
                                            "Those are a part. Of what are they a part?")
                                    .wrong(
                                            "the blankets of the hut",
                                            "other-whole",
                                            "The text says of what: of them. Who are they?"),
                            draw,
                            "Read the sentence with the percent once more.",
                            "The whole is what the percent is of; it is 100%.",
                            "The post keeps " + whole + " blankets. Those are the whole."))
                    .part(Asks.whole(
                            "How many blankets are 10% of the whole?",
                            "10% of " + whole,
                            each,
                            Wrong.of(
                                    whole - 10,
                                    "percent-as-number",
                                    "That takes away ten blankets. Ten percent is one of ten equal parts."),
                            "Into how many pieces of 10% does the bar fall?",
                            "The whole is 100%: ten pieces of 10%.",
                            "Share the " + whole + " blankets out evenly over the pieces."));
        }
        return item.part(Asks.percent(
                        "What percent is still here?",
                        "Percent still here",
                        100 - percent,
                        Wrong.of(percent, "part-for-rest", "That is what was lent. Both together make 100%."),
                        "The whole bar is 100%.",
                        "What is left is 100% less what is gone.",
                        "Take " + percent + " from 100."))
                .part(Asks.whole(
                        "How many blankets are lent?",
                        "Blankets lent",
                        part,
                        Wrong.of(whole - part, "rest-for-part", "That is how many are still here. How many are lent?"),
                        "How many pieces of 10% are lent?",
                        percent + "% is " + percent / 10 + " times 10%.",
                        "One piece of 10% is " + each + " blankets."))
                .step(
                        "All blankets together are 100%. Lent are " + percent + "%, so " + (100 - percent)
                                + "% are still here.",
                        "")
                .step(
                        "The whole is " + whole + " blankets. One tenth of it is 10%.",
                        "\\frac{" + whole + "}{10} = " + each)
                .step("Take " + percent / 10 + " of these tenths.", percent / 10 + "\\cdot " + each + " = " + part)
                .build();
    }
}
