package littlesummit.content.code.measure;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** How many units long something is: lay units along it, then write the number. */
public final class TileLength extends SkillDefinition {
    private static final List<String> OBJECTS =
            List.of("rope", "trail sign", "snowshoe", "ladder", "sledge", "blanket", "walking stick", "bench");

    public TileLength() {
        super("tile-length", "Measuring with units", List.of("at-zero", "moved"));
    }

    @Override
    public int version() {
        return 3;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int length = draw.between(Grounds.of(ref.tier(), 3, 5, 8), Grounds.of(ref.tier(), 8, 12, 15));
        int start = ref.variant().equals("moved") ? draw.between(1, 4) : 0;
        String object = draw.oneOf(OBJECTS);
        String unit = draw.oneOf("block", "peg", "tile");
        Figure.Measured figure = new Figure.Measured(
                "A " + object + " that begins at mark " + start + " of a strip with numbered marks and ends at mark "
                        + (start + length) + ".",
                object,
                unit,
                length,
                start);
        AnswerSpec laid = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(length));
        Mistakes laying = Mistakes.of(laid)
                .add(String.valueOf(length - 1), "too-few", "There is room for more. Go on to the end.")
                .add(
                        String.valueOf(length + 1),
                        "over-the-end",
                        "One reaches over the end. Stop where the " + object + " stops.");
        Field lay = new Field(
                "lay",
                "Lay " + unit + "s along the " + object,
                "",
                new Response.LayUnits(figure),
                laid,
                List.of(laying.list()));
        Mistakes counting = Mistakes.of(laid)
                .add(
                        String.valueOf(length + 1),
                        "started-at-one",
                        "It looks as if the marks were counted. Count the spaces between them.")
                .addIf(
                        start > 0,
                        String.valueOf(start + length),
                        "read-the-end",
                        "That is the mark at the end. Where does the " + object + " begin?")
                .add(String.valueOf(length - 1), "one-less", "One is missing. Count each " + unit + " once.");
        Field number = Field.typed("length", "Length in " + unit + "s", "a whole number", laid, counting.list());
        return Items.of(ref)
                .text("How many " + unit + "s long is the " + object + "?")
                .part(new Part(
                        "Lay " + unit + "s along it, end to end, from its beginning to its end.",
                        List.of(lay),
                        new Layout.Stacked(),
                        hints(object, unit)))
                .part(Part.of(
                        "How many " + unit + "s long is it?",
                        number,
                        "Count the " + unit + "s that lie there, or the spaces between the marks.",
                        "A mark is a place; a length is what lies between two places.",
                        "Go from mark " + start + " to the next one: that is one " + unit + "."))
                .step(
                        "The " + object + " goes from mark " + start + " to mark " + (start + length)
                                + ". Count the spaces between the marks.",
                        (start + length) + " - " + start)
                .step("That many " + unit + "s fit.", String.valueOf(length))
                .given((start + length) + "-" + start)
                .build();
    }

    private static List<String> hints(String object, String unit) {
        return List.of(
                "Where does the " + object + " begin, and where does it end?",
                "Units lie end to end, without gaps and without overlap. Their number is the length.",
                "Put the first " + unit + " where the " + object + " begins, and go on to its end.");
    }
}
