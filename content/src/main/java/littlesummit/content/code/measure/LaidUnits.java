package littlesummit.content.code.measure;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Units are laid along something, then counted. */
final class LaidUnits {
    private LaidUnits() {}

    static Item atZero(ItemRef ref, String frame, Draw draw) {
        return item(ref, frame, Strip.drawn(draw, 0, 3, 9));
    }

    static Item moved(ItemRef ref, String frame, Draw draw) {
        return item(ref, frame, Strip.drawn(draw, draw.between(1, 4), 4, 10));
    }

    private static Item item(ItemRef ref, String frame, Strip strip) {
        AnswerSpec laid = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(strip.length()));
        Mistakes laying = Mistakes.of(laid)
                .add(String.valueOf(strip.length() - 1), "too-few", "There is room for more. Go on to the end.")
                .add(
                        String.valueOf(strip.length() + 1),
                        "over-the-end",
                        "One reaches over the end. Stop where the " + strip.object() + " stops.");
        Field lay = new Field(
                "lay",
                "Lay " + strip.units() + " along the " + strip.object(),
                "",
                new Response.LayUnits(strip.figure()),
                laid,
                List.of(laying.list()));
        Field number = Field.typed(
                "length",
                "Length in " + strip.units(),
                "a whole number",
                laid,
                counting(strip, laid).list());
        return Items.of(ref)
                .text(frame.formatted(strip.unit(), strip.object()))
                .part(new Part(
                        "Lay " + strip.units() + " along it, end to end, from its beginning to its end.",
                        List.of(lay),
                        new Layout.Stacked(),
                        List.of(
                                "Where does the " + strip.object() + " begin, and where does it end?",
                                "Units lie end to end, without gaps and without overlap. Their number is the length.",
                                "Put the first " + strip.unit() + " where the " + strip.object()
                                        + " begins, and go on to its end.")))
                .part(Part.of(
                        "How many " + strip.units() + " long is it?",
                        number,
                        "Count the " + strip.units() + " that lie there, or the spaces between the marks.",
                        "A mark is a place; a length is what lies between two places.",
                        "Go from mark " + strip.start() + " to the next one: that is one " + strip.unit() + "."))
                .step(
                        "The " + strip.object() + " goes from mark " + strip.start() + " to mark " + strip.end()
                                + ". Count the spaces between the marks.",
                        strip.end() + " - " + strip.start())
                .step("That many " + strip.units() + " fit.", String.valueOf(strip.length()))
                .given(strip.end() + "-" + strip.start())
                .build();
    }

    /** What goes wrong when marks are read: “broken ruler” of the NAEP tests, from memory. */
    static Mistakes counting(Strip strip, AnswerSpec answer) {
        return Mistakes.of(answer)
                .add(
                        String.valueOf(strip.length() + 1),
                        "started-at-one",
                        "It looks as if the marks were counted. Count the spaces between them.")
                .addIf(
                        strip.start() > 0,
                        String.valueOf(strip.end()),
                        "read-the-end",
                        "That is the mark at the end. Where does the " + strip.object() + " begin?")
                .add(
                        String.valueOf(strip.length() - 1),
                        "one-less",
                        "One is missing. Count each " + strip.unit() + " once.");
    }
}
