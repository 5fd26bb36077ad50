package littlesummit.content.code.equation;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/**
 * factor · x = right. A factor such as 1/5 is written as a division: x over 5.
 *
 * @param factor not 0
 * @param x the solution
 */
record Scaled(Rational factor, Rational x) {
    private static final String WANTED = "a whole number or a fraction in lowest terms";

    Rational right() {
        return factor.times(x);
    }

    private boolean divides() {
        return factor.num().intValueExact() == 1 && !factor.isInteger();
    }

    private String left() {
        return divides() ? "\\frac{x}{" + factor.den() + "}" : Linear.fractionLatex(factor) + "x";
    }

    String latex() {
        return left() + " = " + Linear.fractionLatex(right());
    }

    String plain() {
        return divides()
                ? "x/" + factor.den() + "=" + Linear.fraction(right())
                : "(" + Linear.fraction(factor) + ")*x=" + Linear.fraction(right());
    }

    static Item whole(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 12);
        int x = draw.between(2, 12, n -> n != a);
        return new Scaled(Rational.of(a), Rational.of(x)).bare(ref, frame, draw);
    }

    /** Below zero, and the answer is no whole number. */
    static Item signed(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 12) * (draw.between(1, 4) == 1 ? 1 : -1);
        int b = draw.between(-29, 29, n -> n % a != 0 && n != 1 && n != -1);
        return new Scaled(Rational.of(a), Rational.of(b).over(Rational.of(a))).bare(ref, frame, draw);
    }

    static Item shared(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 9);
        int result = draw.between(-9, 12, n -> n != 0 && n != a && Math.abs(n) != 1);
        return new Scaled(Rational.of(1, a), Rational.of((long) a * result)).bare(ref, frame, draw);
    }

    static Item fraction(ItemRef ref, String frame, Draw draw) {
        int q = draw.between(3, 9);
        int p = draw.between(2, 12, n -> n % q != 0 && Rational.of(n, q).den().intValue() == q);
        int b = draw.between(2, 14, n -> n != p && n != q);
        Rational factor = Rational.of(p, q);
        return new Scaled(draw.coin() ? factor : factor.negate(), Rational.of(b).over(factor)).bare(ref, frame, draw);
    }

    private Item bare(ItemRef ref, String frame, Draw draw) {
        return solved(Items.of(ref).text(frame).formula(latex()).part(property(draw)), "Now solve it.", "x =", false)
                .build();
    }

    /**
     * With the part that asks for the solution, and the steps.
     *
     * @param start with the stem
     * @param isInWords whether the equation has to be written first
     */
    Items solved(Items start, String prompt, String label, boolean isInWords) {
        Items item = start.part(solution(prompt, label));
        if (isInWords) {
            item.step("Write it as an equation.", latex());
        }
        if (!divides() && !factor.isInteger()) {
            item.step(
                    "Multiply both sides by $" + factor.den() + "$ to be rid of the bottom.",
                    factor.num() + "x = " + Linear.fractionLatex(cleared()));
        }
        String alone = "x = " + alone();
        String found = "x = " + Linear.fractionLatex(x);
        item.step(undoing(), alone);
        return alone.equals(found)
                ? item.step("Top and bottom share no factor, so this is the solution.", "")
                        .given(plain())
                : item.step("Work it out.", found).given(plain());
    }

    /** The right side once the bottom of the factor is gone. */
    private Rational cleared() {
        return right().times(Rational.of(factor.den()));
    }

    /** What is done last, before anything is worked out. */
    private String undoing() {
        if (divides()) {
            return "$x$ is divided by " + factor.den() + ", so multiply both sides by " + factor.den() + ".";
        }
        return factor.isInteger()
                ? "$x$ is multiplied by $" + factor + "$, so divide both sides by $" + factor + "$."
                : "Divide both sides by $" + factor.num() + "$.";
    }

    private String alone() {
        return divides()
                ? Linear.fractionLatex(right()) + "\\cdot " + factor.den()
                : "\\frac{" + Linear.fractionLatex(cleared()) + "}{" + factor.num() + "}";
    }

    Part property(Draw draw) {
        String c = "$" + Linear.fractionLatex(divides() ? factor.reciprocal() : factor) + "$";
        Field field = Choices.right((divides() ? "multiply both sides by " : "divide both sides by ") + c)
                .wrong(
                        "subtract " + c + " from both sides",
                        "subtracted",
                        "Is anything added to $x$? Look at how the number and $x$ are joined.")
                .wrong(
                        (divides() ? "divide both sides by " : "multiply both sides by ") + c,
                        "once-more",
                        "That does once more what is done to $x$ already. What undoes it?")
                .wrong(
                        "add " + c + " to both sides",
                        "added",
                        "Is anything taken from $x$? Look at how the number and $x$ are joined.")
                .shuffled("property", "What to do", draw);
        return Part.of(
                "What do you do to get $x$ alone?",
                field,
                "What is done with $x$ on the left?",
                "Multiplying and dividing undo one another; so do adding and subtracting. Do the same on both sides.",
                divides() ? "Here $x$ stands over a number." : "Here $x$ has a factor in front.");
    }

    private Part solution(String prompt, String label) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(x));
        Rational b = right();
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Linear.fraction(b.times(factor)),
                        "once-more",
                        "It looks as if you did once more what is done to $x$ already. What undoes it?")
                .add(
                        Linear.fraction(b.minus(divides() ? factor.reciprocal() : factor)),
                        "subtracted",
                        "It looks as if the number was subtracted. Nothing is added to $x$.")
                .addIf(
                        !divides() && !factor.isInteger(),
                        Linear.fraction(b.over(Rational.of(factor.num()))),
                        "top-alone",
                        "It looks as if only the top of the fraction was undone. The bottom has to go, too.")
                .addIf(
                        !divides() && !factor.isInteger(),
                        Linear.fraction(b.times(Rational.of(factor.den()))),
                        "bottom-alone",
                        "It looks as if only the bottom of the fraction was undone. The top has to go, too.")
                .addIf(
                        !divides(),
                        Linear.fraction(factor.over(b)),
                        "upside-down",
                        "It looks as if the division went the other way round.")
                .add(Linear.fraction(x.negate()), "sign", "Look at the sign of your answer: put it in and see.");
        return Part.of(
                prompt,
                Field.typed("x", label, WANTED, answer, mistakes.list()),
                "Which single operation joins the number and $x$?",
                divides() || factor.isInteger()
                        ? "The opposite operation, done on both sides, leaves $x$ alone."
                        : "A fraction in front multiplies by its top and divides by its bottom. Undo one after the"
                                + " other.",
                divides()
                        ? "On the left, $\\frac{x}{" + factor.den() + "}\\cdot " + factor.den()
                                + "$ is $x$. Do the same to the right side."
                        : factor.isInteger()
                                ? "On the left, $\\frac{" + left() + "}{" + factor
                                        + "}$ is $x$. Do the same to the right side."
                                : "Begin with the bottom: multiply both sides by $" + factor.den() + "$.");
    }
}
