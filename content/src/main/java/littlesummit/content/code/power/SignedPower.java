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
 * (−3)² and −3²: whether the minus is raised too. To confuse them is a published mistake (R. Cangelosi and others, The
 * negative sign and exponential expressions, Journal of Mathematical Behavior 32, 2013; from memory).
 *
 * @param isInside whether the minus stands in the brackets that are raised
 */
record SignedPower(int base, int exponent, boolean isInside) {
    static Item make(ItemRef ref, String frame, Draw draw) {
        int exponent = draw.oneOf(2, 2, 3, 4, -1, -2);
        int base = draw.between(2, Math.abs(exponent) > 2 ? 5 : 12);
        return new SignedPower(base, exponent, draw.coin()).item(ref, frame);
    }

    private Rational value() {
        Rational size = Rational.of(base).power(exponent);
        return isInside && exponent % 2 == 0 ? size : size.negate();
    }

    private String latex() {
        return isInside ? "\\left(-" + base + "\\right)^{" + exponent + "}" : "-" + base + "^{" + exponent + "}";
    }

    private Item item(ItemRef ref, String frame) {
        Items item = Items.of(ref).text(frame).formula(latex()).part(part());
        if (exponent < 0) {
            String under = isInside ? "\\left(-" + base + "\\right)" : String.valueOf(base);
            item.step(
                    "A negative exponent means one over the power.",
                    (isInside ? "" : "-") + "\\frac{1}{" + under + "^{" + -exponent + "}}");
        }
        return item.step(
                        isInside
                                ? "The exponent stands behind the brackets, so the minus is raised, too: "
                                        + (exponent % 2 == 0
                                                ? "an even number of minus signs makes a plus."
                                                : "an odd number of minus signs leaves a minus.")
                                : "The exponent stands behind " + base
                                        + " alone. The minus stays in front and is not raised.",
                        Linear.fractionLatex(value()))
                .step("The exponent belongs to what it stands right behind, and to nothing else.", "")
                .given(isInside ? "(-" + base + ")^(" + exponent + ")" : "-" + base + "^(" + exponent + ")")
                .build();
    }

    private Part part() {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(value()));
        Rational upright = Rational.of(base).power(Math.abs(exponent));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Linear.fraction(value().negate()),
                        "minus-raised",
                        "The size is right. What does the exponent stand right behind?")
                .add(
                        String.valueOf(-base * exponent),
                        "times-exponent",
                        "It looks as if the base was multiplied by the exponent. A power multiplies the base by"
                                + " itself.")
                .addIf(exponent < 0, Linear.fraction(upright), "sign-lost", "The sign of the exponent has got lost.")
                .addIf(
                        exponent < 0,
                        Linear.fraction(upright.negate()),
                        "negative-number",
                        "A negative exponent stands for one over the power. It has nothing to do with the sign in"
                                + " front.");
        return Part.of(
                "What is its value?",
                Field.typed(
                        "answer",
                        "Value",
                        "a whole number or a fraction in lowest terms, with its sign",
                        answer,
                        mistakes.list()),
                "What does the exponent stand right behind?",
                "Only what stands right in front of the exponent is raised: a bracket as a whole, else a single"
                        + " number.",
                exponent < 0
                        ? "First write one over the power, and then count the minus signs that are multiplied."
                        : isInside
                                ? "How many minus signs are multiplied with each other here?"
                                : "Work out the power without the minus first. What does the minus do then?");
    }
}
