package littlesummit.content.code.function;

import java.util.List;
import littlesummit.content.code.Divisors;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Trinomials as two brackets, with a number before the square or none. */
final class FactorTrinomial {
    private FactorTrinomial() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int p = draw.between(-9, 9, n -> n != 0);
        int q = draw.between(-9, 9, n -> n != 0 && n != p && n != -p);
        FactorItem f = FactorItem.of(FactorItem.linear(1, p), FactorItem.linear(1, q));
        Mistakes mistakes = mistakes(f, Polynomial.ONE, p, q);
        Items item = f.start(
                ref,
                frame,
                mistakes,
                "Which two numbers multiply to the last number?",
                FactorItem.SUM_AND_PRODUCT,
                p * q > 0
                        ? "The last number is positive, so the two have the same sign. Which one?"
                        : "The last number is negative, so one of the two is negative. Which is farther from zero?");
        split(item, Polynomial.ONE, p, q);
        return FactorItem.ended(item.step("Group, and take out the shared bracket.", f.latex()), FactorItem.CHECK);
    }

    static Mistakes mistakes(FactorItem f, Polynomial outer, int p, int q) {
        return Mistakes.of(f.answer())
                .add(
                        FactorItem.plain(outer, List.of(FactorItem.linear(1, -p), FactorItem.linear(1, -q))),
                        "signs",
                        "Multiply yours out: the term in the middle does not fit.")
                .add(
                        FactorItem.plain(outer, List.of(FactorItem.linear(1, p), FactorItem.linear(1, -q))),
                        "sign-of-one",
                        "Multiply yours out and look at the last number.")
                .add(
                        FactorItem.plain(outer, List.of(FactorItem.linear(1, 1), FactorItem.linear(1, p + q - 1))),
                        "sum-only",
                        "The sum fits. The two numbers must also multiply to the last one.")
                .add(
                        FactorItem.plain(outer, List.of(FactorItem.linear(1, 1), FactorItem.linear(1, p * q))),
                        "product-only",
                        "The product fits. The two numbers must also add up to the one in the middle.");
    }

    static void split(Items item, Polynomial outer, int p, int q) {
        String middle = term(p) + term(q);
        String inside = "x^{2}" + middle + (p * q < 0 ? " - " : " + ") + Math.abs(p * q);
        item.step(
                "Find two numbers with product $" + p * q + "$ and sum $" + (p + q) + "$: $" + p + "$ and $" + q
                        + "$. Split the middle term.",
                outer.equals(Polynomial.ONE) ? inside : PolynomialText.latex(outer) + "\\left(" + inside + "\\right)");
    }

    static String term(int c) {
        return (c < 0 ? " - " : " + ") + (Math.abs(c) == 1 ? "" : Math.abs(c)) + "x";
    }

    /** (ax + p)(bx + q) with a before the square. */
    static Item leading(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 5);
        int b = draw.between(1, 2);
        int p = draw.between(-7, 7, n -> n != 0 && Divisors.gcd(n, a) == 1);
        int q = draw.between(-7, 7, n -> n != 0 && Divisors.gcd(n, b) == 1 && a * n + b * p != 0);
        if (a == b && p == q) {
            return leading(ref, frame, draw);
        }
        FactorItem f = FactorItem.of(FactorItem.linear(a, p), FactorItem.linear(b, q));
        int first = a * q;
        int second = b * p;
        Mistakes mistakes = Mistakes.of(f.answer())
                .add(
                        FactorItem.plain(Polynomial.ONE, List.of(FactorItem.linear(a, q), FactorItem.linear(b, p))),
                        "numbers-exchanged",
                        "First and last term fit. Multiply yours out and look at the middle.")
                .add(
                        FactorItem.plain(Polynomial.ONE, List.of(FactorItem.linear(a, -p), FactorItem.linear(b, -q))),
                        "signs",
                        "Multiply yours out: the term in the middle does not fit.")
                .add(
                        FactorItem.plain(Polynomial.ONE, List.of(FactorItem.linear(1, p), FactorItem.linear(a * b, q))),
                        "first-exchanged",
                        "Multiply yours out and look at the middle.");
        String middle = term(first) + term(second);
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "The first terms of the brackets multiply to the first term. Which pairs are there?",
                        "Multiply the number before $x^2$ by the last one. Look for two numbers with that product, and"
                                + " the sum in the middle.",
                        "Here the product is $" + a * b * p * q
                                + "$. Which two numbers with this product have the right" + " sum?")
                .step(
                        "Split the middle term into two whose numbers have the product $" + first * second + "$.",
                        PolynomialText.latex(FactorItem.monomial(a * b, 2))
                                + middle
                                + (p * q < 0 ? " - " : " + ")
                                + Math.abs(p * q));
        return FactorItem.ended(item.step("Group, and take out the shared bracket.", f.latex()), FactorItem.CHECK);
    }
}
