package littlesummit.content.code.power;

import littlesummit.content.code.StatedRule;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Linear;

/** A rule about powers that somebody states: it holds, or one of the powers goes against it. */
final class ExponentRule {
    private static final StatedRule.Family FAMILY = new StatedRule.Family(
            "a power",
            "To which powers does the rule apply? Look at base and exponent.",
            "Go through them one by one: is it one that the rule speaks of, and does it come out as the"
                    + " rule says?",
            "Try it with exponents below zero, with zero, and with a small product.",
            "Look whether this power has anything to do with the rule, and whether it goes against it.");

    private enum Rule {
        NEGATIVE("A negative exponent makes a negative number."),
        ZERO("A number to the power zero is zero."),
        BASES("When powers of one base are multiplied, the bases are multiplied, too."),
        SAME("When powers of one base are multiplied, the exponents are added."),
        LARGER("A power is never less than its base."),
        TURNED("A number to the power $-1$ is one over that number.");

        final String text;

        Rule(String text) {
            this.text = text;
        }
    }

    private ExponentRule() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int a = draw.between(2, 6);
        String negative = equation(a, -draw.between(1, 2));
        String zero = equation(a, 0);
        String square = equation(a, 2);
        String product = "$" + a + "\\cdot " + a + "^{2} = "
                + Linear.fractionLatex(Rational.of(a).power(3)) + "$";
        StatedRule stated =
                switch (rule) {
                    case NEGATIVE -> FAMILY.rule(negative, zero, square);
                    case ZERO -> FAMILY.rule(zero, square, product);
                    case BASES -> FAMILY.rule(product, square, zero);
                    case LARGER -> FAMILY.rule(zero, square, product);
                    case SAME, TURNED -> FAMILY.rule("", square, zero);
                };
        return stated.item(ref, frame.formatted(Words.name(draw), rule.text), draw, why(rule));
    }

    private static String equation(int base, int exponent) {
        return "$" + base + "^{" + exponent + "} = "
                + Linear.fractionLatex(Rational.of(base).power(exponent)) + "$";
    }

    private static String why(Rule rule) {
        return switch (rule) {
            case NEGATIVE -> "A negative exponent means one over the power, and that is positive for a positive base.";
            case ZERO ->
                "Each step down in the exponent divides by the base: from the power one to zero, that gives 1.";
            case BASES -> "The base is repeated as a factor. In a product there are only more of these factors.";
            case SAME -> "The factors of both powers are counted together, whatever the base.";
            case LARGER -> "With the exponent zero comes 1, and with a negative one a fraction.";
            case TURNED -> "Each step down in the exponent divides by the base: from 1, that gives one over it.";
        };
    }
}
