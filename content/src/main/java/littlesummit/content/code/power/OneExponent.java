package littlesummit.content.code.power;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/**
 * Different bases under the same exponent.
 *
 * @param e the exponent of both
 */
record OneExponent(boolean isProduct, int a, int b, int e) {
    static Item make(ItemRef ref, String frame, Draw draw) {
        boolean isProduct = draw.coin();
        int e = draw.oneOf(2, 3, -1, -2, -3);
        int a = isProduct ? draw.between(2, 5) : draw.between(2, 9);
        int b = isProduct ? draw.between(2, 10, k -> k != a && k * a <= 20) : draw.between(2, 9, k -> k != a);
        return new OneExponent(isProduct, a, b, e).item(ref, frame);
    }

    private Rational ratio() {
        return isProduct ? Rational.of((long) a * b) : Rational.of(a, b);
    }

    private Item item(ItemRef ref, String frame) {
        String shown = isProduct
                ? a + "^{" + e + "}\\cdot " + b + "^{" + e + "}"
                : "\\frac{" + a + "^{" + e + "}}{" + b + "^{" + e + "}}";
        String together = isProduct
                ? "\\left(" + a + "\\cdot " + b + "\\right)^{" + e + "}"
                : "\\left(\\frac{" + a + "}{" + b + "}\\right)^{" + e + "}";
        Items item = Items.of(ref)
                .text(frame)
                .formula(shown)
                .part(part())
                .step("The same exponent: put the bases together.", together);
        if (e < 0) {
            String turned = isProduct
                    ? "\\frac{1}{" + ratio() + "^{" + -e + "}}"
                    : "\\left(\\frac{" + b + "}{" + a + "}\\right)^{" + -e + "}";
            item.step("A negative exponent turns the base over.", turned);
        }
        return item.step("Multiply it out.", Linear.fractionLatex(ratio().power(e)))
                .given(a + "^(" + e + ")" + (isProduct ? "*" : "/") + b + "^(" + e + ")")
                .build();
    }

    private Part part() {
        Rational ratio = ratio();
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(ratio.power(e)));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Linear.fraction(ratio.power(isProduct ? 2 * e : 0)),
                        "exponents-combined",
                        "It looks as if the exponents were put together. The bases differ here: the exponent stays as"
                                + " it is.")
                .addIf(
                        !isProduct,
                        Linear.fraction(ratio),
                        "exponents-cancelled",
                        "It looks as if the exponents were cancelled. Write both powers out as products.")
                .addIf(
                        e < 0,
                        Linear.fraction(ratio.power(-e).negate()),
                        "negative-number",
                        "A negative exponent does not make the number negative. What does it stand for?")
                .addIf(e < 0, Linear.fraction(ratio.power(-e)), "sign-lost", "The sign of the exponent has got lost.")
                .add(
                        Linear.fraction(ratio.times(Rational.of(e))),
                        "times-exponent",
                        "It looks as if it was multiplied by the exponent. A power multiplies the base by itself.");
        return Part.of(
                "What is its value?",
                Field.typed(
                        "answer",
                        "Value",
                        "a whole number or a fraction in lowest terms, without powers",
                        answer,
                        mistakes.list()),
                "What is alike in the two powers, and what is not?",
                "With the same exponent the bases can be " + (isProduct ? "multiplied" : "divided")
                        + " under one exponent.",
                isProduct
                        ? "Put $" + a + "$ and $" + b + "$ into one pair of brackets. What stands behind it?"
                        : "Write one fraction of the bases in brackets. What stands behind it?");
    }
}
