package littlesummit.content.code.function;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/** The other way round: x² + kx + c has the factor x + p; which number is k? */
final class FactorCoefficient {
    private FactorCoefficient() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int p = draw.between(-9, 9, n -> n != 0);
        int q = draw.between(-9, 9, n -> n != 0 && Math.abs(n) != Math.abs(p) && n + p != 0);
        int c = p * q;
        int k = p + q;
        String factor = Linear.latex("x", 1, p);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(k));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(q),
                        "other-number",
                        "That is the number in the other bracket. Multiply the two brackets out.")
                .add(String.valueOf(p - q), "sign", "Multiply both brackets out and look at the signs.")
                .add(String.valueOf(-k), "all-signs", "Multiply both brackets out and look at the signs.")
                .add(
                        String.valueOf(c - p),
                        "subtracted",
                        "It looks as if the number was subtracted from the last one. How does the last number come"
                                + " about?");
        Field field = Field.typed("k", "k =", "a whole number, with its sign", answer, mistakes.list());
        String other = Linear.latex("x", 1, q);
        return Items.of(ref)
                .text(frame)
                .formula("x^{2} + kx" + (c < 0 ? " - " : " + ") + Math.abs(c))
                .part(Part.of(
                        "One of its factors is $" + factor + "$. Which number is $k$?",
                        field,
                        "How does the last number come about when two brackets are multiplied?",
                        "The numbers in the brackets multiply to the last one. When both are known, their sum stands in"
                                + " the middle.",
                        "First find the number in the other bracket, from the last number alone."))
                .step(
                        "The numbers in the brackets multiply to $" + c + "$, so the other factor is $" + other + "$.",
                        "")
                .step("Their sum stands in the middle.", p + (q < 0 ? " - " : " + ") + Math.abs(q))
                .step("Work it out.", String.valueOf(k))
                .given(p + (q < 0 ? "-" : "+") + Math.abs(q))
                .build();
    }
}
