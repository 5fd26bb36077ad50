package littlesummit.content.code.function;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/**
 * A circle with its centre at (h, k).
 *
 * @param squared square of its radius
 */
record Circle(Rational h, Rational k, int squared) {
    private static final int FARTHEST = 5;

    /** With whole numbers none of which is zero, and which differ even without their signs. */
    static Circle whole(Draw draw) {
        int r = draw.between(2, 4);
        int h = draw.between(-FARTHEST, FARTHEST, n -> n != 0);
        int k = draw.between(-FARTHEST, FARTHEST, n -> n != 0 && Math.abs(n) != Math.abs(h));
        return new Circle(Rational.of(h), Rational.of(k), r * r);
    }

    static Circle ofFractions(Draw draw) {
        int r = draw.between(2, 4);
        return new Circle(
                Rational.of(2L * draw.between(-FARTHEST, FARTHEST) + 1, draw.oneOf(2, 4)),
                Rational.of(draw.oneOf(-5, -4, -2, -1, 1, 2, 4, 5), 3),
                r * r);
    }

    int x() {
        return h.num().intValueExact();
    }

    int y() {
        return k.num().intValueExact();
    }

    int radius() {
        return (int) Math.round(Math.sqrt(squared));
    }

    /** With brackets, in LaTeX. */
    String latex() {
        return square("x", h) + " + " + square("y", k) + " = " + squared;
    }

    /** The same in the syntax of entries. */
    String entry() {
        return "(x " + minusPlain(h) + ")^2 + (y " + minusPlain(k) + ")^2 = " + squared;
    }

    /** Without brackets, everything on one side, in LaTeX; for whole numbers. */
    String expanded() {
        int rest = x() * x() + y() * y() - squared;
        return "x^2 + y^2" + term(-2 * x(), "x") + term(-2 * y(), "y") + (rest == 0 ? "" : term(rest, "")) + " = 0";
    }

    static String term(int coefficient, String letter) {
        return (coefficient < 0 ? " - " : " + ") + Math.abs(coefficient) + letter;
    }

    static String square(String letter, Rational c) {
        return "\\left(" + letter + " " + minus(c) + "\\right)^{2}";
    }

    static String minus(Rational c) {
        return (c.signum() < 0 ? "+ " : "- ") + Linear.fractionLatex(c.abs());
    }

    private static String minusPlain(Rational c) {
        return (c.signum() < 0 ? "+ " : "- ") + Linear.fraction(c.abs());
    }

    static String pair(Rational x, Rational y) {
        return "(" + Linear.fraction(x) + ", " + Linear.fraction(y) + ")";
    }

    /**
     * The centre as a pair, with the mistakes that are made with signs and places.
     *
     * @param kept what to say when both signs are the other way round
     */
    Field centre(String kept) {
        return centre(kept, false);
    }

    /**
     * The same for an equation without brackets.
     *
     * @param halved whether the numbers before the letters are to be halved
     */
    Field centre(String kept, boolean halved) {
        boolean fractions = !h.isInteger() || !k.isInteger();
        AnswerSpec answer =
                AnswerSpec.of(Kind.PAIR, fractions ? Form.Shape.FRACTION_LOWEST : Form.Shape.ANY, pair(h, k));
        Mistakes mistakes = Mistakes.of(answer)
                .add(pair(h.negate(), k.negate()), "signs-kept", kept)
                .add(pair(k, h), "swapped", "It looks as if the two have changed places. The first one belongs to x.")
                .addIf(
                        halved,
                        pair(h.plus(h), k.plus(k)),
                        "not-halved",
                        "The number in a bracket is half of the one before the letter.")
                .add(pair(h.negate(), k), "sign-x", "Look at the sign of the first coordinate.")
                .add(pair(h, k.negate()), "sign-y", "Look at the sign of the second coordinate.");
        return Field.typed(
                "center",
                "Centre",
                fractions ? "a pair (x, y) of fractions in lowest terms" : "a pair (x, y)",
                answer,
                mistakes.list());
    }
}
