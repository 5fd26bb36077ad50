package littlesummit.content.code.function;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** Trinomials, differences of squares, and content taken out. */
public final class PolynomialFactor extends SkillDefinition {
    public PolynomialFactor() {
        super("polynomial-factor", "Factoring", List.of("trinomial", "squares"));
    }

    @Override
    public int version() {
        return 2;
    }

    /** content · (ax + p)(ax + q). */
    private record Shape(int content, int power, int a, int p, int q) {
        Polynomial left() {
            return Linear.of("x", a, p);
        }

        Polynomial right() {
            return Linear.of("x", a, q);
        }

        Polynomial inner() {
            return left().times(right());
        }

        Polynomial outer() {
            return Polynomial.letter("x").power(power).times(Rational.of(content));
        }

        String front(boolean latex) {
            Polynomial outer = outer();
            return outer.equals(Polynomial.ONE)
                    ? ""
                    : latex ? PolynomialText.latex(outer) : PolynomialText.plain(outer) + "*";
        }

        String factors(boolean latex, int p1, int q1) {
            return front(latex)
                    + (latex
                            ? "\\left(" + Linear.latex("x", a, p1) + "\\right)\\left(" + Linear.latex("x", a, q1)
                                    + "\\right)"
                            : "(" + Linear.plain("x", a, p1) + ")(" + Linear.plain("x", a, q1) + ")");
        }
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        boolean squares = ref.variant().equals("squares");
        int content = ref.tier() == 3 ? draw.between(2, 5) : 1;
        int power = ref.tier() == 3 && draw.coin() ? 1 : 0;
        if (squares) {
            int a = ref.tier() == 1 ? 1 : draw.between(1, 4);
            int n = draw.between(2, 9, k -> gcd(k, a) == 1);
            return build(ref, new Shape(content, power, a, -n, n), true);
        }
        int most = ref.tier() == 1 ? 7 : 10;
        int p = draw.between(ref.tier() == 1 ? 1 : -most, most, n -> n != 0);
        int q = draw.between(ref.tier() == 1 ? 1 : -most, most, n -> n != 0 && n != p && n != -p);
        return build(ref, new Shape(content, power, 1, p, q), false);
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    private Item build(ItemRef ref, Shape s, boolean squares) {
        Polynomial whole = s.inner().times(s.outer());
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.FACTORED, s.factors(false, s.p(), s.q()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        s.factors(false, -s.p(), -s.q()),
                        "signs",
                        "Multiply yours out: the signs in the middle do not fit.")
                .addIf(
                        !squares,
                        s.factors(false, s.p(), -s.q()),
                        "sign-of-one",
                        "Multiply yours out and look at the last number.")
                .addIf(
                        squares,
                        s.factors(false, s.p(), s.p()),
                        "square-of-difference",
                        "That is the square of a difference: multiply it out, and a middle term appears.")
                .addIf(
                        !squares && s.p() + s.q() != s.p() * s.q(),
                        s.factors(false, 1, s.p() + s.q() - 1),
                        "sum-only",
                        "The sum fits. The two numbers must also multiply to the last one.")
                .addIf(
                        !s.outer().equals(Polynomial.ONE),
                        PolynomialText.plain(s.outer()) + "*(" + PolynomialText.plain(s.inner()) + ")",
                        "content-only",
                        "A good start. What is left in the brackets comes apart further.");
        Field field = Field.typed(
                "answer",
                "Factored",
                "a product that comes apart no further, number factors in front",
                answer,
                mistakes.list());
        String inside = PolynomialText.latex(s.inner());
        Items item = Items.of(ref)
                .text(squares ? "Write this difference as a product." : "Write this as a product.")
                .formula(PolynomialText.latex(whole))
                .part(Part.of(
                        "Factor it completely.",
                        field,
                        !s.outer().equals(Polynomial.ONE)
                                ? "Do all terms share a factor?"
                                : squares
                                        ? "Of what is each of the two terms the square?"
                                        : "Which two things multiply to the last number?",
                        squares
                                ? "A difference of two squares is a sum times a difference."
                                : "Look for two numbers whose product is the last number and whose sum is the one in"
                                        + " the middle.",
                        squares && s.outer().equals(Polynomial.ONE)
                                ? "It is $" + squareText(s) + "$."
                                : s.outer().equals(Polynomial.ONE)
                                        ? "Their product is $" + s.p() * s.q() + "$, their sum $" + (s.p() + s.q())
                                                + "$."
                                        : "Take $" + PolynomialText.latex(s.outer()) + "$ out first: $" + inside
                                                + "$ is left."));
        if (!s.outer().equals(Polynomial.ONE)) {
            item.step("Take out what all terms share.", s.front(true) + "\\left(" + inside + "\\right)");
        }
        item.step(
                squares
                        ? "Both terms are squares."
                        : "Find two numbers with product $" + s.p() * s.q() + "$ and sum $" + (s.p() + s.q()) + "$: $"
                                + s.p() + "$ and $" + s.q() + "$. Split the middle term.",
                squares
                        ? s.front(true)
                                + (s.front(true).isEmpty() ? squareText(s) : "\\left(" + squareText(s) + "\\right)")
                        : split(s));
        return item.step(
                        squares ? "Sum times difference." : "Group, and take out the shared bracket.",
                        s.factors(true, s.p(), s.q()))
                .given(PolynomialText.plain(whole))
                .build();
    }

    private static String squareText(Shape s) {
        String first = s.a() == 1 ? "x^{2}" : "\\left(" + s.a() + "x\\right)^{2}";
        return first + " - " + Math.abs(s.p()) + "^{2}";
    }

    private static String split(Shape s) {
        String inner =
                "x^{2}" + linear(s.p()) + linear(s.q()) + (s.p() * s.q() < 0 ? " - " : " + ") + Math.abs(s.p() * s.q());
        return s.front(true).isEmpty() ? inner : s.front(true) + "\\left(" + inner + "\\right)";
    }

    private static String linear(int c) {
        return (c < 0 ? " - " : " + ") + (Math.abs(c) == 1 ? "" : Math.abs(c)) + "x";
    }
}
