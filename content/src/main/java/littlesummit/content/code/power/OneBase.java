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
 * Two powers of one base multiplied or divided, or a power raised again.
 *
 * @param m first exponent
 * @param n second exponent
 */
record OneBase(Rule rule, int base, int m, int n) {
    private static final int MOST = 9;

    /** What is done with the two exponents, and what people do instead. */
    enum Rule {
        PRODUCT("a product of powers of one base", "added", "multiplied"),
        QUOTIENT("a quotient of powers of one base", "subtracted", "divided"),
        POWER("a power of a power", "multiplied", "added");

        final String name;
        final String done;
        private final String instead;

        Rule(String name, String done, String instead) {
            this.name = name;
            this.done = done;
            this.instead = instead;
        }

        int exponent(int m, int n) {
            return switch (this) {
                case PRODUCT -> m + n;
                case QUOTIENT -> m - n;
                case POWER -> m * n;
            };
        }

        /** As if another rule held. */
        int mistaken(int m, int n) {
            return switch (this) {
                case PRODUCT -> m * n;
                case QUOTIENT -> comesOut(m, n) ? m / n : m + n;
                case POWER -> m + n;
            };
        }

        String instead(int m, int n) {
            return this == QUOTIENT && !comesOut(m, n) ? "added" : instead;
        }

        private static boolean comesOut(int m, int n) {
            return n != 0 && m % n == 0;
        }
    }

    /** As one power, its value not asked: the exponents may be larger. */
    static Item power(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int n = draw.between(2, 6);
        int m = rule == Rule.QUOTIENT ? draw.between(n + 2, 15) : draw.between(2, 8);
        OneBase item = new OneBase(rule, draw.between(2, 9), m, n);
        return item.isTelling() ? item.item(ref, frame, true) : power(ref, frame, draw);
    }

    /** Its value. */
    static Item value(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int n = draw.between(2, rule == Rule.POWER ? 3 : 5);
        int m = rule == Rule.QUOTIENT ? draw.between(n + 2, n + 4) : draw.between(2, 3);
        OneBase item = new OneBase(rule, draw.between(2, 10), m, n);
        boolean isSmall = Rational.of(item.base).power(item.total()).compareTo(Rational.of(1500)) < 0;
        return item.isTelling() && isSmall && m != n && item.total() > 1
                ? item.item(ref, frame, false)
                : value(ref, frame, draw);
    }

    static Item belowZero(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        OneBase item = new OneBase(rule, draw.between(2, 6), draw.between(-3, 4), draw.between(-3, 3));
        boolean isBelow = item.m < 0 || item.n < 0 || item.total() <= 0;
        boolean isPlain = rule == Rule.POWER && (item.m == 1 || item.n == 1);
        return isBelow && !isPlain && item.m != 0 && item.n != 0 && Math.abs(item.total()) <= 4 && item.isTelling()
                ? item.item(ref, frame, false)
                : belowZero(ref, frame, draw);
    }

    int total() {
        return rule.exponent(m, n);
    }

    /** Whether the usual mistake does not happen to be right. */
    private boolean isTelling() {
        return rule.mistaken(m, n) != total() && (long) base * total() != 0 || total() == 0;
    }

    private String latex() {
        return switch (rule) {
            case PRODUCT -> base + "^{" + m + "}\\cdot " + base + "^{" + n + "}";
            case QUOTIENT -> "\\frac{" + base + "^{" + m + "}}{" + base + "^{" + n + "}}";
            case POWER -> "\\left(" + base + "^{" + m + "}\\right)^{" + n + "}";
        };
    }

    private String plain() {
        return switch (rule) {
            case PRODUCT -> base + "^(" + m + ")*" + base + "^(" + n + ")";
            case QUOTIENT -> base + "^(" + m + ")/" + base + "^(" + n + ")";
            case POWER -> "(" + base + "^(" + m + "))^(" + n + ")";
        };
    }

    private String exponents() {
        String second = n < 0 ? "\\left(" + n + "\\right)" : String.valueOf(n);
        return switch (rule) {
            case PRODUCT -> m + " + " + second;
            case QUOTIENT -> m + " - " + second;
            case POWER -> m + "\\cdot " + second;
        };
    }

    private Item item(ItemRef ref, String frame, boolean asPower) {
        int total = total();
        Items item = Items.of(ref)
                .text(frame)
                .formula(latex())
                .part(part(asPower))
                .step("In " + rule.name + " the exponents are " + rule.done + ".", base + "^{" + exponents() + "}")
                .step("Work out the exponent.", base + "^{" + total + "}");
        if (!asPower) {
            item.step(
                    total < 0
                            ? "A negative exponent means one over the power."
                            : total == 0 ? "Any number but zero to the power zero is 1." : "Multiply it out.",
                    Linear.fractionLatex(Rational.of(base).power(total)));
        }
        return item.given(plain()).build();
    }

    private Part part(boolean asPower) {
        int total = total();
        AnswerSpec answer = asPower
                ? AnswerSpec.number(Form.Shape.POWER, base + "^" + total)
                : AnswerSpec.number(
                        Form.Shape.FRACTION_LOWEST,
                        Linear.fraction(Rational.of(base).power(total)));
        int mistaken = rule.mistaken(m, n);
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        Math.abs(mistaken) <= (asPower ? 90 : MOST),
                        entry(base, mistaken, asPower),
                        "exponents-" + rule.instead(m, n),
                        "It looks as if the exponents were " + rule.instead(m, n) + ". What happens to them in "
                                + rule.name + "?")
                .addIf(
                        rule == Rule.PRODUCT && Math.abs(total) <= MOST,
                        entry(base * base, total, asPower),
                        "bases-multiplied",
                        "It looks as if the bases were multiplied, too. How often does the base occur as a factor?")
                .addIf(
                        rule == Rule.QUOTIENT,
                        asPower ? "1" : entry(1, total, false),
                        "bases-cancelled",
                        "It looks as if the bases were cancelled. How many factors are left?")
                .addIf(
                        !asPower && total < 0,
                        Linear.fraction(Rational.of(base).power(-total).negate()),
                        "negative-number",
                        "A negative exponent does not make the number negative. What does it stand for?")
                .addIf(
                        !asPower && total < 0,
                        Linear.fraction(Rational.of(base).power(-total)),
                        "sign-lost",
                        "The sign of the exponent has got lost.")
                .addIf(
                        !asPower && total == 0,
                        "0",
                        "zero-power-zero",
                        "A power with the exponent zero is not zero. Divide a number by itself: what comes out?")
                .addIf(
                        !asPower,
                        String.valueOf((long) base * total),
                        "times-exponent",
                        "It looks as if the base was multiplied by the exponent. A power multiplies the base by"
                                + " itself.");
        Field field = Field.typed(
                "answer",
                asPower ? "One power" : "Value",
                asPower ? "a base with an exponent" : "a whole number or a fraction in lowest terms, without powers",
                answer,
                mistakes.list());
        return Part.of(
                asPower ? "What is it as one power?" : "What is its value?",
                field,
                "What does each power mean? Write a small one out as a product.",
                rule == Rule.POWER
                        ? "Raising a power repeats it as a factor, so its factors are counted so many times over."
                        : rule == Rule.PRODUCT
                                ? "In a product the factors of both powers are counted together."
                                : "In a quotient each factor below cancels one above.",
                switch (rule) {
                    case PRODUCT -> "How many factors has each of the two, and how many have they in all?";
                    case QUOTIENT -> "How many factors stand above, and how many of them cancel?";
                    case POWER -> "How many factors has one bracket, and how many brackets are there?";
                });
    }

    private static String entry(int base, int exponent, boolean asPower) {
        return asPower
                ? base + "^(" + exponent + ")"
                : Linear.fraction(Rational.of(base).power(exponent));
    }
}
