package littlesummit.content.code.power;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/**
 * (bᵐ)ⁿ · bᵏ over bˡ.
 *
 * @param base a number or x
 * @param k 0 for no second factor
 */
record SeveralRules(String base, int m, int n, int k, int l) {
    static Item number(ItemRef ref, String frame, Draw draw) {
        return drawn(String.valueOf(draw.between(2, 9)), draw).item(ref, frame, false);
    }

    static Item letter(ItemRef ref, String frame, Draw draw) {
        return drawn("x", draw).item(ref, frame, true);
    }

    private static SeveralRules drawn(String base, Draw draw) {
        SeveralRules rules = new SeveralRules(
                base, draw.between(2, 5), draw.between(2, 4), draw.coin() ? draw.between(2, 6) : 0, draw.between(2, 9));
        boolean isTelling =
                rules.total() > 1 && rules.withSum() != rules.total() && rules.m * rules.n != rules.m + rules.n;
        return isTelling ? rules : drawn(base, draw);
    }

    private int total() {
        return m * n + k - l;
    }

    /** As if the power of a power added the exponents. */
    private int withSum() {
        return m + n + k - l;
    }

    private String above(String first) {
        return first + (k == 0 ? "" : "\\cdot " + base + "^{" + k + "}");
    }

    private String over(String top) {
        return "\\frac{" + top + "}{" + base + "^{" + l + "}}";
    }

    private Item item(ItemRef ref, String frame, boolean isLetter) {
        Items item = Items.of(ref)
                .text(frame)
                .formula(over(above("\\left(" + base + "^{" + m + "}\\right)^{" + n + "}")))
                .part(part(isLetter))
                .step(
                        "A power of a power: multiply the exponents $" + m + "$ and $" + n + "$.",
                        over(above(base + "^{" + m * n + "}")));
        if (k != 0) {
            item.step("A product of powers of one base: add the exponents.", over(base + "^{" + (m * n + k) + "}"));
        }
        return item.step("A quotient of powers of one base: subtract the exponents.", base + "^{" + total() + "}")
                .given("(" + base + "^" + m + ")^" + n + (k == 0 ? "" : "*" + base + "^" + k) + "/" + base + "^" + l)
                .build();
    }

    private Part part(boolean isLetter) {
        String key = base + "^" + total();
        AnswerSpec answer = isLetter
                ? AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, key)
                : AnswerSpec.number(Form.Shape.POWER, key);
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        withSum() > 1,
                        base + "^" + withSum(),
                        "power-of-power-added",
                        "It looks as if the exponents of the power of a power were added. How many factors has one"
                                + " bracket, and how many brackets are there?")
                .add(
                        base + "^" + (m * n + k + l),
                        "quotient-added",
                        "It looks as if the exponent below was added. What do the factors below do to those above?")
                .addIf(
                        k != 0 && m * n * k - l > 1 && m * n * k - l < 60,
                        base + "^" + (m * n * k - l),
                        "product-multiplied",
                        "It looks as if the exponents of the product were multiplied. Count the factors of both"
                                + " powers.")
                .addIf(
                        (m * n + k) % l == 0 && (m * n + k) / l > 1,
                        base + "^" + (m * n + k) / l,
                        "quotient-divided",
                        "It looks as if the exponents were divided. How many factors above cancel?");
        return Part.of(
                isLetter ? "What is it as one power of $x$?" : "What is it as one power?",
                Field.typed("answer", "One power", "a base with an exponent", answer, mistakes.list()),
                "Which rule is needed first, and which one after it?",
                "Brackets first, then the product above, and the quotient last.",
                "Begin inside the top: how many factors does $\\left(" + base + "^{" + m + "}\\right)^{" + n
                        + "}$ have?");
    }
}
