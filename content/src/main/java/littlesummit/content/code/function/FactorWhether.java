package littlesummit.content.code.function;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;

/** Which of four quadratics comes apart no further with whole numbers, or is the only one that does. */
final class FactorWhether {
    private FactorWhether() {}

    private static Polynomial quadratic(int b, int c) {
        return Polynomial.letter("x").power(2).plus(Linear.of("x", b, c));
    }

    private static Polynomial product(int p, int q) {
        return quadratic(p + q, p * q);
    }

    private static boolean isSquare(int n) {
        int root = (int) Math.round(Math.sqrt(Math.max(0, n)));
        return n >= 0 && root * root == n;
    }

    /** A sum of squares, a difference without a square, or a trinomial whose numbers do not exist. */
    private static List<Polynomial> closed(Draw draw) {
        int n = draw.between(2, 9);
        int odd = draw.between(2, 30, k -> !isSquare(k));
        int b = draw.between(1, 9);
        int c = draw.between(1, 20, k -> !isSquare(b * b - 4 * k));
        return draw.shuffled(List.of(quadratic(0, n * n), quadratic(0, -odd), quadratic(b, c)));
    }

    private static List<Polynomial> open(Draw draw) {
        int n = draw.between(2, 9);
        int p = draw.between(-7, 7, k -> k != 0);
        int q = draw.between(-7, 7, k -> k != 0 && k != p && k != -p);
        int r = draw.between(2, 6);
        return draw.shuffled(List.of(quadratic(0, -n * n), product(p, q), product(r, r)));
    }

    static Item make(ItemRef ref, String frame, Draw draw) {
        boolean asksForClosed = draw.coin();
        List<Polynomial> closed = closed(draw);
        List<Polynomial> open = open(draw);
        Polynomial right = asksForClosed ? closed.getFirst() : open.getFirst();
        Choices choices = Choices.right(text(right));
        (asksForClosed ? open : closed)
                .forEach(p -> choices.wrong(
                        text(p),
                        asksForClosed ? "comes-apart" : "stays-whole",
                        "Look for two whole numbers: the last number is to be their product, the one in the middle"
                                + " their sum. Is there such a pair?"));
        return Items.of(ref)
                .text(frame)
                .part(Part.of(
                        asksForClosed
                                ? "Which one does not come apart, with whole numbers in the brackets?"
                                : "Which is the only one that comes apart, with whole numbers in the brackets?",
                        choices.shuffled("answer", asksForClosed ? "Stays whole" : "Comes apart", draw),
                        "For each one ask: which two numbers have the last number as their product?",
                        "A difference of squares comes apart, a sum of squares does not. A trinomial comes apart when"
                                + " two whole numbers have the right product and the right sum.",
                        "Where the term in the middle is missing, the sum of the two numbers has to be zero."))
                .step(
                        asksForClosed
                                ? "No two whole numbers have product " + number(right, 0) + " and sum "
                                        + number(right, 1) + ", so this one stays whole: $"
                                        + PolynomialText.latex(right) + "$."
                                : "Two whole numbers have product " + number(right, 0) + " and sum " + number(right, 1)
                                        + ", so this one comes apart: $" + PolynomialText.latex(right) + "$.",
                        "")
                .step(
                        asksForClosed
                                ? "For each of the other three there is such a pair."
                                : "For none of the other three there is such a pair.",
                        "")
                .given("")
                .build();
    }

    private static String text(Polynomial p) {
        return "$" + PolynomialText.latex(p) + "$";
    }

    private static String number(Polynomial p, int power) {
        return "$" + p.coefficient("x", power).asRational().orElse(Rational.ZERO) + "$";
    }
}
