package littlesummit.content.code.lesson;

import littlesummit.content.code.fraction.FractionPicture;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Equal parts of one whole: how many there are, and how many of them count. */
public final class FractionPictureLesson extends GuidedLesson {
    public FractionPictureLesson() {
        super(new FractionPicture(), "Lesson: parts of a whole");
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        int parts = draw.between(4, 10);
        int eaten = draw.between(2, parts - 1, n -> 2 * n != parts);
        Items item = Items.of(ref)
                .text(
                        guided
                                ? "A goat cheese is cut into " + parts + " equal pieces. The helpers eat " + eaten
                                        + " of them."
                                : "A rope is marked off in " + parts + " equal lengths. A goat has eaten " + eaten
                                        + " of them.");
        if (guided) {
            item.part(Asks.whole(
                            "Into how many equal pieces is the whole cut?",
                            "Pieces in the whole",
                            parts,
                            Wrong.of(parts - eaten, "white-parts", "Count the eaten pieces too."),
                            "Count all pieces, eaten or not.",
                            "The whole is the full cheese.",
                            "The text says how many pieces there are."))
                    .part(Asks.whole(
                            "How many of them are eaten?",
                            "Pieces eaten",
                            eaten,
                            Wrong.of(parts - eaten, "unshaded", "Those are left. How many are eaten?"),
                            "Which pieces are gone?",
                            "The eaten ones are those that the helpers take.",
                            "The text says how many the helpers eat."));
        }
        return item.part(shade(parts, eaten))
                .part(Asks.number(
                        "Write the share that is eaten as a fraction.",
                        "Share eaten",
                        "a fraction such as 2/7",
                        AnswerSpec.number(Form.Shape.FRACTION, eaten + "/" + parts),
                        new Wrong(
                                eaten + "/" + (parts - eaten),
                                "part-to-part",
                                "That compares with what is left. Compare with all the parts."),
                        "What goes below the line: all parts, or the ones left?",
                        "All equal parts below the line, the ones that count above it.",
                        "Below the line stands " + parts + "."))
                .step(
                        "The whole has " + parts + " equal parts; each is one of " + parts + ".",
                        eaten + "\\cdot \\frac{1}{" + parts + "}")
                .step("Take " + eaten + " of them.", "\\frac{" + eaten + "}{" + parts + "}")
                .given(eaten + "*1/" + parts)
                .build();
    }

    private static Part shade(int parts, int eaten) {
        return Asks.shade(
                "Shade the share that is eaten.",
                "Shade what is eaten",
                parts,
                eaten + "/" + parts,
                new Wrong(parts - eaten + "/" + parts, "unshaded", "Those are left. Shade the eaten ones."),
                "How many are eaten?",
                "Each part of the bar is one of " + parts + ".",
                "Shade one part for each that is eaten: " + eaten + ".");
    }
}
