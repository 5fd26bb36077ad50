package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.SkillDefinition;

/** Whether two segments are congruent: by lengths, on a number line, by tick marks. */
public final class CongruentSegments extends SkillDefinition {
    public CongruentSegments() {
        super("congruent-segments", "Segments of the same length", List.of("lengths", "number-line", "ticks"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public List<String> variants(int tier) {
        return tier == 1 ? List.of("lengths", "ticks") : List.of("number-line", "ticks");
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        boolean same = draw.coin();
        return switch (ref.variant()) {
            case "lengths" -> lengths(ref, same, draw);
            case "ticks" -> ticks(ref, same, draw);
            default -> numberLine(ref, same, draw);
        };
    }

    private Item lengths(ItemRef ref, boolean same, Draw draw) {
        int a = draw.between(12, 60);
        int b = same ? a : a + draw.oneOf(-3, -2, 2, 3);
        return finish(
                Items.of(ref)
                        .text("Rope $AB$ is " + a + " metres long, rope $CD$ is " + b
                                + " metres. Both are pulled straight. Are the segments $AB$ and $CD$ congruent?"),
                same,
                "Compare the two lengths.",
                "Congruent segments are equally long. Which two numbers have to agree?",
                draw);
    }

    private Item numberLine(ItemRef ref, boolean same, Draw draw) {
        int low = ref.tier() == 3 ? -8 : 0;
        int a = draw.between(low, low + 4);
        int length = draw.between(2, 5);
        int c = draw.between(a + length + 1, a + length + 4);
        int other = same ? length : length + draw.oneOf(-1, 1);
        int d = c + other;
        Figure.NumberLine line = new Figure.NumberLine(
                "A number line with A at " + a + ", B at " + (a + length) + ", C at " + c + " and D at " + d + ".",
                low - 1,
                low + 20,
                1,
                List.of(
                        new Figure.Mark(a, "A", false),
                        new Figure.Mark(a + length, "B", false),
                        new Figure.Mark(c, "C", false),
                        new Figure.Mark(d, "D", false)));
        return finish(
                Items.of(ref)
                        .text("Four trail signs stand along a straight path. Are the segments $AB$ and $CD$ congruent?")
                        .picture(line),
                same,
                "Count the spaces from A to B, and from C to D.",
                "From A to B there are " + length + " spaces.",
                draw);
    }

    private Item ticks(ItemRef ref, boolean same, Draw draw) {
        int first = draw.between(1, ref.tier() == 1 ? 2 : 3);
        int second = same ? first : first % 3 + 1;
        double longer = draw.between(0, 1) * 14;
        Figure.Straight one = new Figure.Straight(
                "Segment AB with " + ticksText(first),
                List.of(new Figure.Named("A", 12, 50), new Figure.Named("B", 80 - longer, 50)),
                false,
                false,
                first);
        Figure.Straight two = new Figure.Straight(
                "Segment CD with " + ticksText(second),
                List.of(
                        new Figure.Named("C", 14, 30 + draw.between(0, 3) * 10),
                        new Figure.Named("D", 66 + longer, 62)),
                false,
                false,
                second);
        return finish(
                Items.of(ref)
                        .text("The drawing is not to scale. Segments with the same number of tick marks are equally"
                                + " long. Are $AB$ and $CD$ marked as congruent?")
                        .picture(new Figure.Straights(
                                one.alt() + "; " + two.alt() + ". Not to scale.", List.of(one, two))),
                same,
                "In a drawing that is not to scale, only the tick marks count.",
                "Segment AB has " + ticksText(first) + ".",
                draw);
    }

    private static String ticksText(int n) {
        return n == 1 ? "one tick mark" : n + " tick marks";
    }

    private static Item finish(Items item, boolean same, String look, String first, Draw draw) {
        Choices choices = same ? Choices.right("yes") : Choices.right("no");
        choices.wrong(
                same ? "no" : "yes",
                "looks",
                "Go by lengths and marks, not by how it looks. On a number line count spaces, not marks.");
        Field field = choices.ordered("answer", "Congruent", java.util.Comparator.reverseOrder());
        return item.part(Part.of(
                        "Are they congruent?",
                        field,
                        look,
                        "Segments are congruent when they have the same length, wherever they lie.",
                        first))
                .step(look, "")
                .step(
                        same
                                ? "They agree, so the segments are congruent."
                                : "They differ, so the segments are not congruent.",
                        "")
                .build();
    }
}
