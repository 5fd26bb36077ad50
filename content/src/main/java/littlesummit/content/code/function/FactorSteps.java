package littlesummit.content.code.function;

import java.util.List;
import littlesummit.content.code.Divisors;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/** Polynomials that take more than one step: something shared, squares of squares, groups. */
final class FactorSteps {
    private FactorSteps() {}

    /** Something shared, with a trinomial or two squares left. */
    static Item shared(ItemRef ref, String frame, Draw draw) {
        Polynomial outer = FactorItem.monomial(draw.between(2, 5), draw.between(0, 2));
        boolean isSquares = draw.coin();
        int p = draw.between(-9, 9, k -> Math.abs(k) > 1);
        int q = isSquares ? -p : draw.between(-9, 9, k -> k != 0 && k != p && k != -p);
        int low = Math.min(p, q);
        int high = Math.max(p, q);
        FactorItem f = new FactorItem(outer, List.of(FactorItem.linear(1, low), FactorItem.linear(1, high)));
        Mistakes begun = isSquares
                ? FactorItem.squareMistakes(f, outer, 1, Math.abs(p))
                : FactorTrinomial.mistakes(f, outer, p, q);
        Mistakes mistakes = begun.add(
                        PolynomialText.plain(outer) + "*(" + PolynomialText.plain(f.inner()) + ")",
                        "content-only",
                        "A good start. What is left in the brackets comes apart further.")
                .add(
                        FactorItem.plain(Polynomial.ONE, f.brackets()),
                        "content-lost",
                        "What was taken out in front has got lost.");
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "Do all terms share a factor?",
                        "First take out what all terms share. "
                                + (isSquares ? FactorItem.TWO_SQUARES : FactorItem.SUM_AND_PRODUCT),
                        "Take $" + PolynomialText.latex(outer) + "$ out first. What is left in the brackets?")
                .step("Take out what all terms share.", PolynomialText.latex(outer) + FactorItem.bracketed(f.inner()));
        if (isSquares) {
            item.step(
                    "Both terms in the brackets are squares.",
                    PolynomialText.latex(outer) + "\\left(" + FactorItem.squareText(1, Math.abs(p)) + "\\right)");
        } else {
            FactorTrinomial.split(item, outer, p, q);
        }
        return FactorItem.ended(
                item.step(isSquares ? "Sum times difference." : "Group, and take out the shared bracket.", f.latex()),
                FactorItem.CHECK);
    }

    /** x⁴ − n⁴, or (x² − m²)(x² − n²) multiplied out. */
    static Item fourth(ItemRef ref, String frame, Draw draw) {
        int n = draw.between(1, 5);
        boolean isPure = draw.between(1, 3) == 1;
        int m = draw.between(1, 6, k -> k != n);
        Polynomial first = isPure ? Linear.of("x", 0, n * n).plus(FactorItem.monomial(1, 2)) : squareLess(m);
        List<Polynomial> brackets = isPure
                ? List.of(first, FactorItem.linear(1, -n), FactorItem.linear(1, n))
                : List.of(
                        FactorItem.linear(1, -m),
                        FactorItem.linear(1, m),
                        FactorItem.linear(1, -n),
                        FactorItem.linear(1, n));
        FactorItem f = FactorItem.of(brackets.toArray(Polynomial[]::new));
        Mistakes mistakes = Mistakes.of(f.answer())
                .add(
                        FactorItem.plain(Polynomial.ONE, List.of(first, squareLess(n))),
                        "stopped-early",
                        "A good start. Does one of the brackets come apart further?")
                .addIf(
                        isPure,
                        FactorItem.plain(
                                Polynomial.ONE,
                                List.of(
                                        FactorItem.linear(1, -n),
                                        FactorItem.linear(1, -n),
                                        FactorItem.linear(1, n),
                                        FactorItem.linear(1, n))),
                        "sum-of-squares",
                        "A sum of two squares does not come apart. Multiply yours out and see.");
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "Call $x^2$ by a letter of its own for a while. What do you see?",
                        isPure
                                ? FactorItem.TWO_SQUARES + " Then look at each bracket once more."
                                : FactorItem.SUM_AND_PRODUCT + " Here the brackets begin with $x^2$.",
                        "When you have brackets with $x^2$, look at each of them: is it again a difference of squares?")
                .step(
                        isPure
                                ? "$x^4$ and $" + n * n * n * n + "$ are squares."
                                : "Two numbers with product $" + m * m * n * n + "$ and sum $" + (-m * m - n * n)
                                        + "$ are $" + -m * m + "$ and $" + -n * n + "$.",
                        FactorItem.latex(Polynomial.ONE, List.of(first, squareLess(n))));
        return FactorItem.ended(
                item.step("Each difference of squares comes apart once more.", f.latex()), FactorItem.CHECK);
    }

    private static Polynomial squareLess(int n) {
        return FactorItem.monomial(1, 2).minus(Polynomial.constant(Rational.of(n * n)));
    }

    /** (x + p)(ax² + q) multiplied out; the second bracket comes apart no further. */
    static Item grouping(ItemRef ref, String frame, Draw draw) {
        int p = draw.between(-7, 7, n -> n != 0);
        int a = draw.between(1, 4);
        int q = draw.between(1, 9, n -> Divisors.gcd(n, a) == 1);
        Polynomial second = FactorItem.monomial(a, 2).plus(Polynomial.constant(Rational.of(q)));
        FactorItem f = FactorItem.of(FactorItem.linear(1, p), second);
        Mistakes mistakes = Mistakes.of(f.answer())
                .add(
                        FactorItem.plain(Polynomial.ONE, List.of(FactorItem.linear(1, -p), second)),
                        "sign",
                        "Multiply yours out and look at the signs.")
                .add(
                        FactorItem.plain(
                                Polynomial.ONE,
                                List.of(
                                        FactorItem.linear(1, q),
                                        FactorItem.monomial(a, 2).plus(FactorItem.linear(0, p)))),
                        "groups-mixed",
                        "Multiply yours out: do all four terms come back?");
        String groups = PolynomialText.latex(FactorItem.monomial(a, 2)) + FactorItem.bracketed(FactorItem.linear(1, p))
                + " + " + (q == 1 ? "" : q) + FactorItem.bracketed(FactorItem.linear(1, p));
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "Take the first two terms together, and the last two. What does each pair share?",
                        "When both groups contain the same bracket, that bracket can be taken out as a whole.",
                        "What do $" + PolynomialText.latex(FactorItem.monomial(a, 3)) + "$ and $"
                                + PolynomialText.latex(FactorItem.monomial(a * p, 2)) + "$ share?")
                .step("Take out of each group what its terms share.", groups);
        return FactorItem.ended(
                item.step("Both groups contain the same bracket: take it out.", f.latex()), FactorItem.CHECK);
    }
}
