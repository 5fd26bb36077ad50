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

/** Fractions in lowest terms, proper and improper. */
public final class FractionLowest extends SkillDefinition {
    public FractionLowest() {
        super("fraction-lowest", "Fractions in lowest terms", List.of("bare", "share"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int q = draw.between(3, Grounds.of(ref.tier(), 9, 13, 19));
        int p = ref.tier() == 3
                ? draw.between(q + 1, 3 * q, n -> gcd(n, q) == 1)
                : draw.between(1, q - 1, n -> gcd(n, q) == 1);
        int k = Grounds.of(
                ref.tier(), draw.oneOf(2, 3, 4, 5), draw.oneOf(4, 6, 8, 9, 10, 12), draw.oneOf(6, 8, 12, 14, 15, 18));
        int num = p * k;
        int den = q * k;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, p + "/" + q);
        int small = smallestFactor(k);
        Mistakes mistakes = Mistakes.of(answer)
                .add(p + "/" + den, "top-only", "Only the top was divided. Divide both by the same number.")
                .add(num + "/" + q, "bottom-only", "Only the bottom was divided. Divide both by the same number.")
                .addIf(
                        small != k,
                        num / small + "/" + den / small,
                        "not-finished",
                        "You are on the way. Top and bottom still share a factor.")
                .add(q + "/" + p, "upside-down", "It looks as if top and bottom have changed places.");
        Field field = Field.typed(
                "answer",
                "In lowest terms",
                "one fraction in lowest terms" + (ref.tier() == 3 ? ", not a mixed number" : ""),
                answer,
                mistakes.list());
        String stem = ref.variant().equals("bare")
                ? "Write this fraction in lowest terms."
                : ref.tier() == 3
                        ? "One measure of oats holds " + den + " grams. The mule gets " + num
                                + " grams a day. How many measures is that? Write it in lowest terms."
                        : "Of " + den + " lanterns in the hut, " + num
                                + " are lit. Write the share that is lit in lowest terms.";
        Items item = Items.of(ref)
                .text(stem)
                .formula("\\frac{" + num + "}{" + den + "}")
                .part(Part.of(
                        "What is it in lowest terms?",
                        field,
                        "Is there a number that divides both the top and the bottom?",
                        "Divide top and bottom by their greatest common factor. The value stays the same.",
                        "Both " + num + " and " + den + " can be divided by " + small + "."))
                .step(
                        "Find the greatest common factor: it is " + k + ".",
                        "\\frac{" + k + "\\cdot " + p + "}{" + k + "\\cdot " + q + "}")
                .step("Divide top and bottom by it.", "\\frac{" + p + "}{" + q + "}")
                .given(num + "/" + den);
        return den <= 40 && ref.tier() < 3
                ? item.second("As a bar", bars(num, den, p, q)).build()
                : item.build();
    }

    private static Block[] bars(int num, int den, int p, int q) {
        return new Block[] {
            new Block.Text("The same length is shaded in both bars. The second has larger parts, and fewer of them."),
            picture(num, den),
            picture(p, q)
        };
    }

    private static Block picture(int num, int den) {
        return new Block.Picture(new Figure.FractionPicture(
                "A bar of " + den + " equal parts, " + num + " of them shaded.",
                Figure.Shape.BAR,
                1,
                java.util.Collections.nCopies(den, 1.0),
                num));
    }

    private static int smallestFactor(int k) {
        int f = 2;
        while (k % f != 0) {
            f++;
        }
        return f;
    }

    static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
