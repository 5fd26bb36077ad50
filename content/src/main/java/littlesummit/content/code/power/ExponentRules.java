package littlesummit.content.code.power;

import java.util.List;
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
import littlesummit.core.skill.SkillDefinition;

/** Products and quotients of powers: one base, the same exponent, zero, negative exponents, different bases. */
public final class ExponentRules extends SkillDefinition {
    public ExponentRules() {
        super("exponent-rules", "Rules for exponents", List.of("product", "quotient"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        return switch (ref.tier()) {
            case 1 -> oneBase(ref, draw.between(2, 5), draw.between(2, 4), draw.between(1, 3), draw);
            case 2 -> oneBase(ref, draw.between(2, 6), draw.between(-3, 3), draw.between(-3, 3), draw);
            default -> twoBases(ref, draw);
        };
    }

    private Item oneBase(ItemRef ref, int base, int m, int n, Draw draw) {
        boolean product = ref.variant().equals("product");
        int high = ref.tier() == 1 && !product ? m + n : m;
        int total = product ? high + n : high - n;
        if (Math.abs(total) > 4 || ref.tier() == 2 && high >= 0 && n >= 0 && total >= 0) {
            int low = ref.tier() == 1 ? 1 : -3;
            return oneBase(ref, draw.between(2, 6), draw.between(low, 3), draw.between(low, 3, k -> k != 0), draw);
        }
        Rational value = Rational.of(base).power(total);
        String stem = base + "^{" + high + "}" + (product ? "\\cdot " + base + "^{" + n + "}" : "");
        String given = product
                ? base + "^(" + high + ")*" + base + "^(" + n + ")"
                : base + "^(" + high + ")/" + base + "^(" + n + ")";
        String shown = product ? stem : "\\frac{" + stem + "}{" + base + "^{" + n + "}}";
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(value));
        int crossed = product ? high * n : n == 0 ? high : high % n == 0 ? high / n : high + n;
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        Math.abs(crossed) <= 9,
                        Linear.fraction(Rational.of(base).power(Math.abs(crossed) <= 9 ? crossed : 1)),
                        "multiplied-for-added",
                        product
                                ? "It looks as if the exponents were multiplied. For a product of powers of one base"
                                        + " they are added."
                                : "It looks as if the exponents were divided. For a quotient of powers of one base"
                                        + " they are subtracted.")
                .addIf(
                        total < 0,
                        Linear.fraction(Rational.of(base).power(-total).negate()),
                        "negative-number",
                        "A negative exponent does not make the number negative. What does it stand for?")
                .addIf(
                        total < 0,
                        Linear.fraction(Rational.of(base).power(-total)),
                        "sign-lost",
                        "The sign of the exponent has got lost.")
                .addIf(
                        total == 0,
                        "0",
                        "zero-power-zero",
                        "A power with the exponent zero is not zero. Divide a number by itself: what comes out?")
                .add(
                        Linear.fraction(Rational.of((long) base * total)),
                        "times-exponent",
                        "It looks as if the base was multiplied by the exponent. A power multiplies the base by"
                                + " itself.");
        return Items.of(ref)
                .text("Work out the value.")
                .formula(shown)
                .part(part(answer, mistakes, base, high, n, product))
                .step(
                        product ? "One base: add the exponents." : "One base: subtract the exponents.",
                        base + "^{" + high
                                + (product ? n < 0 ? "+(" + n + ")" : "+" + n : n < 0 ? "-(" + n + ")" : "-" + n) + "}")
                .step("Work out the exponent.", base + "^{" + total + "}")
                .step(
                        total < 0
                                ? "A negative exponent means one over the power."
                                : total == 0 ? "Any number but zero to the power zero is 1." : "Multiply it out.",
                        Linear.fractionLatex(value))
                .given(given)
                .build();
    }

    private static Part part(AnswerSpec answer, Mistakes mistakes, int base, int high, int n, boolean product) {
        Field field = Field.typed(
                "answer",
                "Value",
                "a whole number or a fraction in lowest terms, without powers",
                answer,
                mistakes.list());
        return Part.of(
                "What is its value?",
                field,
                "Both powers have the same base. Write a small one out as a product.",
                "For one base, a product adds the exponents and a quotient subtracts them. A negative exponent means"
                        + " one over the power; exponent zero gives one.",
                product
                        ? "The new exponent is $" + high + (n < 0 ? " + (" + n + ")" : " + " + n) + "$."
                        : "The new exponent is $" + high + (n < 0 ? " - (" + n + ")" : " - " + n) + "$.");
    }

    /** The same exponent over different bases. */
    private Item twoBases(ItemRef ref, Draw draw) {
        boolean product = ref.variant().equals("product");
        int e = draw.oneOf(2, 3, -1, -2, -3);
        int a = product ? draw.between(2, 5) : draw.between(2, 9);
        int b = product ? draw.between(2, 5, k -> k != a && k * a <= 20) : draw.between(2, 9, k -> k != a);
        Rational ratio = product ? Rational.of((long) a * b) : Rational.of(a, b);
        Rational value = ratio.power(e);
        String shown = product
                ? a + "^{" + e + "}\\cdot " + b + "^{" + e + "}"
                : "\\frac{" + a + "^{" + e + "}}{" + b + "^{" + e + "}}";
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(value));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Linear.fraction(ratio.power(product ? 2 * e : 1)),
                        "exponents-combined",
                        "The bases differ here. The exponent stays as it is.")
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
        Field field = Field.typed(
                "answer",
                "Value",
                "a whole number or a fraction in lowest terms, without powers",
                answer,
                mistakes.list());
        String together = product
                ? "\\left(" + a + "\\cdot " + b + "\\right)^{" + e + "}"
                : "\\left(\\frac{" + a + "}{" + b + "}\\right)^{" + e + "}";
        Items item = Items.of(ref)
                .text("Work out the value.")
                .formula(shown)
                .part(Part.of(
                        "What is its value?",
                        field,
                        "The bases differ, the exponents agree.",
                        "With the same exponent, the bases can be " + (product ? "multiplied" : "divided")
                                + " under one exponent.",
                        "Write it as $" + together + "$."))
                .step("The same exponent: put the bases together.", together);
        if (e < 0) {
            String turned = product
                    ? "\\frac{1}{" + ratio + "^{" + -e + "}}"
                    : "\\left(\\frac{" + b + "}{" + a + "}\\right)^{" + -e + "}";
            item.step("A negative exponent turns the base over.", turned);
        }
        return item.step("Multiply it out.", Linear.fractionLatex(value))
                .given(product ? a + "^(" + e + ")*" + b + "^(" + e + ")" : a + "^(" + e + ")/" + b + "^(" + e + ")")
                .build();
    }
}
