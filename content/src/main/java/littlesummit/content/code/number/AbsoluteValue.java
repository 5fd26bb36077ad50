package littlesummit.content.code.number;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** Absolute values: of a number, of a difference, and combined. */
public final class AbsoluteValue extends SkillDefinition {
    public AbsoluteValue() {
        super("absolute-value", "Absolute value", List.of("bare", "distance"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int most = Grounds.of(ref.tier(), 20, 30, 40);
        int a = draw.between(-most, -2);
        int b = draw.between(2, most, n -> n != -a);
        int k = draw.between(2, 6);
        boolean distance = ref.variant().equals("distance");
        String expression =
                switch (ref.tier()) {
                    case 1 -> distance ? "|0 - (" + a + ")|" : "|" + a + "|";
                    case 2 -> "|" + a + " - " + b + "|";
                    default ->
                        distance
                                ? "|" + a + " - " + b + "| + |" + -k + "|"
                                : k + "|" + a + " - " + b + "| - |" + -k + "|";
                };
        int inner = ref.tier() == 1 ? distance ? -a : a : a - b;
        int size = Math.abs(inner);
        int result = ref.tier() < 3 ? size : distance ? size + k : k * size - k;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(result));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(ref.tier() < 3 ? -size : distance ? -size - k : -k * size + k),
                        "kept-sign",
                        "A distance is never negative. What do the bars do to the sign?")
                .addIf(
                        ref.tier() > 1,
                        String.valueOf(termByTerm(ref.tier(), distance, a, b, k)),
                        "term-by-term",
                        "It looks as if each number was made positive on its own. Work out what is inside the bars"
                                + " first.");
        Field field = Field.typed("answer", "Value", "a whole number", answer, mistakes.list());
        Items item = Items.of(ref)
                .text(stem(ref, distance, a, b, k))
                .formula(expression)
                .part(Part.of(
                        "What is the value?",
                        field,
                        "How far from zero is what stands between the bars?",
                        "Work out what is between the bars first. The bars then give its distance from zero.",
                        inner == result
                                ? "What stands between the bars is positive. What do the bars do to such a number?"
                                : "Between the first bars stands $" + inner + "$."));
        String open =
                switch (ref.tier()) {
                    case 3 -> distance ? "|" + inner + "| + |" + -k + "|" : k + "|" + inner + "| - |" + -k + "|";
                    default -> "|" + inner + "|";
                };
        item.step("Work out what stands between the bars.", open);
        if (ref.tier() == 3) {
            item.step(
                    "Each pair of bars gives a distance from zero.",
                    distance ? size + " + " + k : k + "\\cdot " + size + " - " + k);
        }
        return item.step("Write the value.", String.valueOf(result))
                .given(expression)
                .second(
                        "On a number line",
                        new Block.Text("The bars ask how many steps it is from zero to $" + inner + "$."),
                        new Block.Picture(line(inner)))
                .build();
    }

    private static int termByTerm(int tier, boolean distance, int a, int b, int k) {
        int each = Math.abs(a) - Math.abs(b);
        return tier == 2 ? each : distance ? each + k : k * each - k;
    }

    private static String stem(ItemRef ref, boolean distance, int a, int b, int k) {
        if (!distance) {
            return "Find the value.";
        }
        return switch (ref.tier()) {
            case 1 ->
                "The valley floor is at height 0. A cave lies at $" + a
                        + "$ metres. How many metres lie between the two? Find the value.";
            case 2 ->
                "On the pass it is $" + a + "$ °C, in the hut " + b
                        + " °C. How many degrees lie between the two? Find the value.";
            default ->
                "A bell rope hangs from a height of " + b + " metres down to $" + a + "$ metres, and " + k
                        + " metres more lie coiled on the ground. How many metres long is it? Find the value.";
        };
    }

    private static Figure.NumberLine line(int inner) {
        int low = Math.min(0, inner) - 2;
        int high = Math.max(0, inner) + 2;
        return new Figure.NumberLine(
                "A number line with marks at 0 and " + inner + ".",
                low,
                high,
                high - low > 30 ? 10 : high - low > 14 ? 5 : 1,
                List.of(new Figure.Mark(0, "0", true), new Figure.Mark(inner, String.valueOf(inner), false)));
    }
}
