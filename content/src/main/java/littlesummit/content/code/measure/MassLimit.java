package littlesummit.content.code.measure;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** As many as a limit allows, and what is left of it. */
final class MassLimit {
    private MassLimit() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Load load = Load.heavy(draw);
        int each = draw.between(Math.max(3, load.least()), Math.max(4, load.most()));
        int count = draw.between(6, 14, n -> n != each);
        int rest = draw.between(1, each - 1);
        int limit = count * each + rest;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(count));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(count + 1), "rounded-up", "That is one too many: what do so many weigh together?")
                .add(String.valueOf(limit - each), "subtracted", "That takes one off. How many fit into the whole?")
                .addIf(
                        rest != count,
                        String.valueOf(rest),
                        "rest-for-count",
                        "So many kilograms are left. How many fit?");
        AnswerSpec left =
                AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(rest)).withSuffix("kg");
        Mistakes wrong = Mistakes.of(left)
                .add(String.valueOf(count * each), "used", "So much is used. What is left of the limit?")
                .addIf(
                        each - rest != rest,
                        String.valueOf(each - rest),
                        "to-the-next",
                        "So much is missing for one more.");
        return Items.of(ref)
                .text(frame.formatted(load.one(), limit, each))
                .part(Part.of(
                        "How many " + load.many() + " may there be at most?",
                        Field.typed("count", "At most", "a whole number", answer, mistakes.list()),
                        "How often does one of them fit into the limit?",
                        "Divide; what does not make a whole one stays.",
                        "Ten of them weigh " + 10 * each + " kg. Do more fit, or fewer?"))
                .part(Part.of(
                        "How many kilograms of the limit are left then?",
                        Field.typed("left", "Left", "a whole number", left, wrong.list()),
                        "Multiply first: what do they weigh together?",
                        "What is left is the limit without that.",
                        "Take what they weigh from " + limit + " kg."))
                .step(
                        "One more would be too much: " + (count + 1) + " weigh " + (count + 1) * each + " kg.",
                        count + "\\cdot " + each + " = " + count * each)
                .step("What is left of the limit:", limit + " - " + count * each + " = " + rest)
                .build();
    }
}
