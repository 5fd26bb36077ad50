package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.content.code.fraction.PercentParts;
import littlesummit.content.code.lesson.Asks.Spot;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A percent is so many of a hundred equal parts of a whole. */
public final class PercentPartsLesson extends GuidedLesson {
    /**
     * @param text the situation, with places for the whole and the percent
     * @param things of which there are so many
     * @param gone what became of the part
     * @param all the whole in words
     * @param part the part in words
     * @param other something that is not in the text
     */
    private record Story(String text, String things, String gone, String all, String part, String other) {}

    private static final Story BLANKETS = new Story(
            "The rescue post keeps %d wool blankets. Today %d%% of them are lent to the hut.",
            "blankets", "lent", "all the blankets of the post", "the blankets lent", "the blankets of the hut");
    private static final Story CRATES = new Story(
            "The orchard has %d crates of pears in its cellar. Today %d%% of them are sold.",
            "crates", "sold", "all the crates in the cellar", "the crates sold", "the crates of the dairy");

    public PercentPartsLesson() {
        super(new PercentParts(), "Lesson: what a percent is of");
    }

    @Override
    public int version() {
        return 3;
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        Story s = guided ? BLANKETS : CRATES;
        int percent = 10 * draw.between(3, 7, n -> n != 5);
        int each = draw.between(2, 9);
        int whole = each * 10;
        int part = each * percent / 10;
        Items item = Items.of(ref).text(s.text().formatted(whole, percent));
        if (guided) {
            item.part(whole(s, whole, draw));
        }
        item.part(bar(s, whole, percent, draw));
        if (guided) {
            item.part(Asks.whole(
                    "How many " + s.things() + " are 10% of the whole?",
                    "10% of " + whole,
                    each,
                    Wrong.of(
                            whole - 10,
                            "percent-as-number",
                            "That takes ten away. Ten percent is one of ten equal parts."),
                    "Into how many pieces of 10% does the bar fall?",
                    "The whole is 100%: ten pieces of 10%.",
                    "Share the " + whole + " " + s.things() + " out evenly over the pieces."));
        }
        return item.part(Asks.percent(
                        "What percent is still here?",
                        "Percent still here",
                        100 - percent,
                        Wrong.of(
                                percent,
                                "part-for-rest",
                                "That is what was " + s.gone() + ". Both together make 100%."),
                        "The whole bar is 100%.",
                        "What is left is 100% less what is gone.",
                        "Take " + percent + " from 100."))
                .part(Asks.whole(
                        "How many " + s.things() + " are " + s.gone() + "?",
                        "How many are " + s.gone(),
                        part,
                        Wrong.of(
                                whole - part,
                                "rest-for-part",
                                "That is how many are still here. How many are " + s.gone() + "?"),
                        "How many pieces of 10% are " + s.gone() + "?",
                        percent + "% is " + percent / 10 + " times 10%.",
                        "One piece of 10% is " + each + " " + s.things() + "."))
                .step(
                        "All " + s.things() + " together are 100%. Of these, " + percent + "% are " + s.gone() + ", so "
                                + (100 - percent) + "% are still here.",
                        "")
                .step(
                        "The whole is " + whole + " " + s.things() + ". One tenth of it is 10%.",
                        "\\frac{" + whole + "}{10} = " + each)
                .step("Take " + percent / 10 + " of these tenths.", percent / 10 + "\\cdot " + each + " = " + part)
                .build();
    }

    private static Part whole(Story s, int whole, Draw draw) {
        return Asks.pick(
                "Name the whole.",
                "The percent is taken of {{pick}}.",
                Choices.right(s.all())
                        .wrong(s.part(), "part-for-whole", "Those are a part. Of what are they a part?")
                        .wrong(s.other(), "other-whole", "The text says of what: of them. Who are they?"),
                draw,
                "Read the sentence with the percent once more.",
                "The whole is what the percent is of; it is 100%.",
                "There are " + whole + " " + s.things() + " in all. Those are the whole.");
    }

    private static Part bar(Story s, int whole, int percent, Draw draw) {
        Figure.Bar bar = new Figure.Bar(
                "A bar for all " + s.things() + ", with a place for its label, and two pieces: " + s.gone()
                        + " and still here.",
                "{{total}}",
                List.of(
                        new Figure.Piece(percent, s.gone(), true, "gone"),
                        new Figure.Piece(100 - percent, "still here", false, "left")));
        return Asks.onBar(
                "Place what you know, and the question mark, on the bar.",
                bar,
                List.of(
                        new Spot("total", "the whole bar", whole + " " + s.things()),
                        new Spot("gone", s.gone(), percent + "%"),
                        new Spot("left", "still here", "?")),
                "Look at this place again: is it the whole, the part that is " + s.gone() + ", or what is left?",
                draw,
                "Which number counts everything?",
                "The whole bar stands for everything there was. What nobody has told you gets the question mark.",
                "The text says what part is " + s.gone() + ". Put that on the shaded piece.");
    }
}
