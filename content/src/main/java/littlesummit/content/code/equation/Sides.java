package littlesummit.content.code.equation;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/**
 * ax + b = cx + d.
 *
 * @param a coefficient on the left, not that on the right
 * @param b constant on the left
 * @param c coefficient on the right
 * @param d constant on the right
 */
record Sides(int a, int b, int c, int d) {
    /** With one solution, a whole number. */
    static Sides solvedBy(int x, int a, int b, int c) {
        return new Sides(a, b, c, (a - c) * x + b);
    }

    Rational x() {
        return Rational.of(d - b, a - c);
    }

    String latex() {
        return left() + " = " + right();
    }

    String left() {
        return Linear.latex("x", a, b);
    }

    String right() {
        return Linear.latex("x", c, d);
    }

    String plain() {
        return Linear.plain("x", a, b) + "=" + Linear.plain("x", c, d);
    }

    private boolean staysLeft() {
        return a > c;
    }

    /** The letters go to the side that has more of them, so that no sign turns round. */
    Items steps(Items item) {
        int moved = staysLeft() ? c : a;
        int more = Math.abs(a - c);
        int constant = staysLeft() ? b : d;
        int other = staysLeft() ? d : b;
        if (moved != 0) {
            item.step(
                    (moved > 0 ? "Subtract $" + Linear.latex("x", moved, 0) : "Add $" + Linear.latex("x", -moved, 0))
                            + "$ on both sides: then $x$ stands on one side only.",
                    onOneSide(Linear.latex("x", more, constant), String.valueOf(other)));
        }
        if (constant != 0) {
            item.step(
                    (constant > 0 ? "Subtract " + constant : "Add " + -constant) + " on both sides.",
                    onOneSide(Linear.latex("x", more, 0), String.valueOf(other - constant)));
        }
        if (more == 1 && staysLeft()) {
            return item;
        }
        return item.step(
                more == 1 ? "The letter is alone." : "Divide both sides by " + more + ".",
                "x = " + Linear.fractionLatex(x()));
    }

    private String onOneSide(String withLetter, String number) {
        return staysLeft() ? withLetter + " = " + number : number + " = " + withLetter;
    }

    /** What is written where a term changes sides without its sign, and the like. */
    Mistakes mistakes(AnswerSpec answer) {
        String letter = "A term with $x$ changed sides. What happens to its sign?";
        String number = "A number changed sides. What happens to its sign?";
        Mistakes mistakes = Mistakes.of(answer);
        if (a + c != 0) {
            mistakes.add(quotient(d - b, a + c), "letter-sign", letter)
                    .add(quotient(b - d, a + c), "letter-sign", letter)
                    .add(quotient(d + b, a + c), "both-signs", "Terms changed sides. What happens to their signs?");
        }
        mistakes.add(quotient(d + b, a - c), "number-sign", number).add(quotient(-d - b, a - c), "number-sign", number);
        if (d != b) {
            mistakes.add(quotient(a - c, d - b), "upside-down", "The last division went the other way round.");
        }
        return mistakes.add(Linear.fraction(x().negate()), "sign", "Look at the signs in your last step.")
                .add("0", "put-together", "A number alone and a term with $x$ cannot be put together into one term.");
    }

    private static String quotient(int top, int bottom) {
        return Linear.fraction(Rational.of(top, bottom));
    }

    Part part(String prompt, String rule, String start) {
        AnswerSpec answer = answer();
        return part(prompt, answer, mistakes(answer), rule, start);
    }

    AnswerSpec answer() {
        return AnswerSpec.number(Form.Shape.FRACTION_LOWEST, Linear.fraction(x()));
    }

    static Part part(String prompt, AnswerSpec answer, Mistakes mistakes, String rule, String start) {
        return Part.of(
                prompt,
                Field.typed("x", "x =", "a whole number or a fraction in lowest terms", answer, mistakes.list()),
                "What has to happen before $x$ can stand alone on one side?",
                rule,
                start);
    }

    /** The first step of {@link #steps}, as a hint. */
    String start() {
        int moved = staysLeft() ? c : a;
        return moved > 0
                ? "Start by subtracting $" + Linear.latex("x", moved, 0) + "$ on both sides."
                : "Start by adding $" + Linear.latex("x", -moved, 0) + "$ on both sides.";
    }
}
