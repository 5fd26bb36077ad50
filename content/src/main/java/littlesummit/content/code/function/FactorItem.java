package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
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

/**
 * A polynomial to be written as a product.
 *
 * @param outer a number and a power of x that all terms share
 * @param brackets what is left, in brackets that come apart no further
 */
record FactorItem(Polynomial outer, List<Polynomial> brackets) {
    private static final String SUM_AND_PRODUCT =
            "Look for two numbers whose product is the last number and whose sum is the one in the middle.";
    private static final String TWO_SQUARES = "A difference of two squares is a sum times a difference.";

    private static Polynomial monomial(int coefficient, int power) {
        return Polynomial.letter("x").power(power).times(Rational.of(coefficient));
    }

    private static FactorItem of(Polynomial... brackets) {
        return new FactorItem(Polynomial.ONE, List.of(brackets));
    }

    private static Polynomial linear(int a, int b) {
        return Linear.of("x", a, b);
    }

    private static int gcd(int a, int b) {
        return b == 0 ? Math.abs(a) : gcd(b, a % b);
    }

    private Polynomial inner() {
        return brackets.stream().reduce(Polynomial.ONE, Polynomial::times);
    }

    private Polynomial whole() {
        return inner().times(outer);
    }

    private String plain() {
        return plain(outer, brackets);
    }

    private static String plain(Polynomial outer, List<Polynomial> brackets) {
        String front = outer.equals(Polynomial.ONE) ? "" : PolynomialText.plain(outer) + "*";
        return front
                + brackets.stream()
                        .map(b -> "(" + PolynomialText.plain(b) + ")")
                        .collect(Collectors.joining("*"));
    }

    private String latex() {
        return latex(outer, brackets);
    }

    private static String latex(Polynomial outer, List<Polynomial> brackets) {
        String front = outer.equals(Polynomial.ONE) ? "" : PolynomialText.latex(outer);
        return front + brackets.stream().map(FactorItem::bracketed).collect(Collectors.joining());
    }

    private static String bracketed(Polynomial p) {
        return "\\left(" + PolynomialText.latex(p) + "\\right)";
    }

    private AnswerSpec answer() {
        return AnswerSpec.of(Kind.EXPRESSION, Form.Shape.FACTORED, plain());
    }

    private Items start(ItemRef ref, String frame, Mistakes mistakes, String... hints) {
        Field field = Field.typed(
                "answer",
                "Factored",
                "a product that comes apart no further, number factors in front",
                answer(),
                mistakes.list());
        return Items.of(ref)
                .text(frame)
                .formula(PolynomialText.latex(whole()))
                .part(Part.of("Factor it completely.", field, hints))
                .given(PolynomialText.plain(whole()));
    }

    private static Item ended(Items item, String check) {
        return item.step(check, "").build();
    }

    private static final String CHECK = "Multiply it out to see that it is right.";

    static Item common(ItemRef ref, String frame, Draw draw) {
        int number = draw.between(2, 9);
        int power = draw.between(1, 3);
        int a = draw.between(1, 5);
        int b = draw.between(-9, 9, n -> n != 0 && gcd(n, a) == 1);
        FactorItem f = new FactorItem(monomial(number, power), List.of(linear(a, b)));
        Polynomial rest = linear(a, b);
        Mistakes mistakes = Mistakes.of(f.answer())
                .add(
                        number + "*(" + PolynomialText.plain(rest.times(monomial(1, power))) + ")",
                        "number-only",
                        "A good start. The terms in the brackets still share a power of $x$.")
                .add(
                        PolynomialText.plain(monomial(1, power)) + "*("
                                + PolynomialText.plain(rest.times(Rational.of(number))) + ")",
                        "letter-only",
                        "A good start. The terms in the brackets still share a number.")
                .add(
                        plain(monomial(number, power), List.of(linear(a, b * number))),
                        "second-term-kept",
                        "Every term is divided by what is taken out. Multiply yours out and compare the last term.")
                .add(
                        plain(monomial(number, power), List.of(linear(a, -b))),
                        "sign",
                        "Multiply yours out and look at the signs.");
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "What do the two numbers share, and which power of $x$ do both terms have?",
                        "What is taken out of a sum is a factor of every term; each term is divided by it.",
                        "First look for the largest number that divides both " + Math.abs(number * a) + " and "
                                + Math.abs(number * b) + ".")
                .step(
                        "Both terms share $" + PolynomialText.latex(f.outer) + "$: write each as a product with it.",
                        PolynomialText.latex(f.outer) + "\\cdot "
                                + (a == 1 ? "x" : a + "x") + (b < 0 ? " - " : " + ")
                                + PolynomialText.latex(f.outer) + "\\cdot " + Math.abs(b))
                .step("Take it out in front of brackets.", f.latex());
        return ended(item, CHECK);
    }

    static Item trinomial(ItemRef ref, String frame, Draw draw) {
        int p = draw.between(-9, 9, n -> n != 0);
        int q = draw.between(-9, 9, n -> n != 0 && n != p && n != -p);
        FactorItem f = of(linear(1, p), linear(1, q));
        Mistakes mistakes = trinomialMistakes(f, Polynomial.ONE, p, q);
        Items item = f.start(
                ref,
                frame,
                mistakes,
                "Which two numbers multiply to the last number?",
                SUM_AND_PRODUCT,
                p * q > 0
                        ? "The last number is positive, so the two have the same sign. Which one?"
                        : "The last number is negative, so one of the two is negative. Which is farther from zero?");
        split(item, Polynomial.ONE, p, q);
        return ended(item.step("Group, and take out the shared bracket.", f.latex()), CHECK);
    }

    private static Mistakes trinomialMistakes(FactorItem f, Polynomial outer, int p, int q) {
        return Mistakes.of(f.answer())
                .add(
                        plain(outer, List.of(linear(1, -p), linear(1, -q))),
                        "signs",
                        "Multiply yours out: the term in the middle does not fit.")
                .add(
                        plain(outer, List.of(linear(1, p), linear(1, -q))),
                        "sign-of-one",
                        "Multiply yours out and look at the last number.")
                .add(
                        plain(outer, List.of(linear(1, 1), linear(1, p + q - 1))),
                        "sum-only",
                        "The sum fits. The two numbers must also multiply to the last one.")
                .add(
                        plain(outer, List.of(linear(1, 1), linear(1, p * q))),
                        "product-only",
                        "The product fits. The two numbers must also add up to the one in the middle.");
    }

    private static void split(Items item, Polynomial outer, int p, int q) {
        String middle = term(p) + term(q);
        String inside = "x^{2}" + middle + (p * q < 0 ? " - " : " + ") + Math.abs(p * q);
        item.step(
                "Find two numbers with product $" + p * q + "$ and sum $" + (p + q) + "$: $" + p + "$ and $" + q
                        + "$. Split the middle term.",
                outer.equals(Polynomial.ONE) ? inside : PolynomialText.latex(outer) + "\\left(" + inside + "\\right)");
    }

    private static String term(int c) {
        return (c < 0 ? " - " : " + ") + (Math.abs(c) == 1 ? "" : Math.abs(c)) + "x";
    }

    static Item squares(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(1, 3);
        int n = draw.between(2, 12, k -> gcd(k, a) == 1);
        FactorItem f = of(linear(a, -n), linear(a, n));
        Items item = f.start(
                        ref,
                        frame,
                        squareMistakes(f, Polynomial.ONE, a, n),
                        "Of what is each of the two terms the square?",
                        TWO_SQUARES,
                        "Which number has the square " + n * n + "?")
                .step("Both terms are squares.", squareText(a, n));
        return ended(item.step("Sum times difference.", f.latex()), CHECK);
    }

    private static Mistakes squareMistakes(FactorItem f, Polynomial outer, int a, int n) {
        return Mistakes.of(f.answer())
                .add(
                        plain(outer, List.of(linear(a, -n), linear(a, -n))),
                        "square-of-difference",
                        "That is the square of a difference: multiply it out, and a middle term appears.")
                .add(
                        plain(outer, List.of(linear(a, n), linear(a, n))),
                        "square-of-sum",
                        "That is the square of a sum: multiply it out, and a middle term appears.")
                .add(
                        plain(outer, List.of(linear(a * a, -n), linear(1, n))),
                        "first-not-halved",
                        "Multiply yours out: of what is the first term the square?");
    }

    private static String squareText(int a, int n) {
        return (a == 1 ? "x^{2}" : "\\left(" + a + "x\\right)^{2}") + " - " + n + "^{2}";
    }

    /** (ax + p)(bx + q) with a before the square. */
    static Item leading(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 5);
        int b = draw.between(1, 2);
        int p = draw.between(-7, 7, n -> n != 0 && gcd(n, a) == 1);
        int q = draw.between(-7, 7, n -> n != 0 && gcd(n, b) == 1 && a * n + b * p != 0);
        if (a == b && p == q) {
            return leading(ref, frame, draw);
        }
        FactorItem f = of(linear(a, p), linear(b, q));
        int first = a * q;
        int second = b * p;
        Mistakes mistakes = Mistakes.of(f.answer())
                .add(
                        plain(Polynomial.ONE, List.of(linear(a, q), linear(b, p))),
                        "numbers-exchanged",
                        "First and last term fit. Multiply yours out and look at the middle.")
                .add(
                        plain(Polynomial.ONE, List.of(linear(a, -p), linear(b, -q))),
                        "signs",
                        "Multiply yours out: the term in the middle does not fit.")
                .add(
                        plain(Polynomial.ONE, List.of(linear(1, p), linear(a * b, q))),
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
                        PolynomialText.latex(monomial(a * b, 2))
                                + middle
                                + (p * q < 0 ? " - " : " + ")
                                + Math.abs(p * q));
        return ended(item.step("Group, and take out the shared bracket.", f.latex()), CHECK);
    }

    static Item perfect(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(1, 5);
        int n = draw.between(-9, 9, k -> Math.abs(k) > 1 && gcd(k, a) == 1);
        FactorItem f = of(linear(a, n), linear(a, n));
        Mistakes mistakes = Mistakes.of(f.answer())
                .add(
                        plain(Polynomial.ONE, List.of(linear(a, -n), linear(a, -n))),
                        "sign",
                        "Multiply yours out and look at the sign in the middle.")
                .add(
                        plain(Polynomial.ONE, List.of(linear(a, n), linear(a, -n))),
                        "difference-of-squares",
                        "Multiply yours out: is there a middle term?");
        String first = a == 1 ? "x" : a + "x";
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "Of what are the first and the last term the squares?",
                        "In the square of a sum, the middle term is twice the product of the two; its sign is that of"
                                + " the second one.",
                        "Is twice the product of $" + first + "$ and $" + Math.abs(n) + "$ what stands in the middle?")
                .step(
                        "First and last term are squares, and the middle is twice their product.",
                        (a == 1 ? "x^{2}" : "\\left(" + a + "x\\right)^{2}") + (n < 0 ? " - " : " + ") + "2\\cdot "
                                + first + "\\cdot " + Math.abs(n) + " + " + Math.abs(n) + "^{2}");
        return ended(
                item.step("So it is a square.", "\\left(" + PolynomialText.latex(linear(a, n)) + "\\right)^{2}"),
                CHECK);
    }

    /** Something shared, with a trinomial or two squares left. */
    static Item twoSteps(ItemRef ref, String frame, Draw draw) {
        Polynomial outer = monomial(draw.between(2, 5), draw.between(0, 2));
        boolean isSquares = draw.coin();
        int p = draw.between(-9, 9, k -> Math.abs(k) > 1);
        int q = isSquares ? -p : draw.between(-9, 9, k -> k != 0 && k != p && k != -p);
        int low = Math.min(p, q);
        int high = Math.max(p, q);
        FactorItem f = new FactorItem(outer, List.of(linear(1, low), linear(1, high)));
        List<Mistakes> begun = new ArrayList<>();
        begun.add(isSquares ? squareMistakes(f, outer, 1, Math.abs(p)) : trinomialMistakes(f, outer, p, q));
        Mistakes mistakes = begun.getFirst()
                .add(
                        PolynomialText.plain(outer) + "*(" + PolynomialText.plain(f.inner()) + ")",
                        "content-only",
                        "A good start. What is left in the brackets comes apart further.")
                .add(plain(Polynomial.ONE, f.brackets), "content-lost", "What was taken out in front has got lost.");
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "Do all terms share a factor?",
                        "First take out what all terms share. " + (isSquares ? TWO_SQUARES : SUM_AND_PRODUCT),
                        "Take $" + PolynomialText.latex(outer) + "$ out first. What is left in the brackets?")
                .step("Take out what all terms share.", PolynomialText.latex(outer) + bracketed(f.inner()));
        if (isSquares) {
            item.step(
                    "Both terms in the brackets are squares.",
                    PolynomialText.latex(outer) + "\\left(" + squareText(1, Math.abs(p)) + "\\right)");
        } else {
            split(item, outer, p, q);
        }
        return ended(
                item.step(isSquares ? "Sum times difference." : "Group, and take out the shared bracket.", f.latex()),
                CHECK);
    }

    /** x⁴ − n⁴, or (x² − m²)(x² − n²) multiplied out. */
    static Item fourth(ItemRef ref, String frame, Draw draw) {
        int n = draw.between(1, 5);
        boolean isPure = draw.between(1, 3) == 1;
        int m = draw.between(1, 6, k -> k != n);
        Polynomial first = isPure ? Linear.of("x", 0, n * n).plus(monomial(1, 2)) : squareLess(m);
        List<Polynomial> brackets = isPure
                ? List.of(first, linear(1, -n), linear(1, n))
                : List.of(linear(1, -m), linear(1, m), linear(1, -n), linear(1, n));
        FactorItem f = of(brackets.toArray(Polynomial[]::new));
        Mistakes mistakes = Mistakes.of(f.answer())
                .add(
                        plain(Polynomial.ONE, List.of(first, squareLess(n))),
                        "stopped-early",
                        "A good start. Does one of the brackets come apart further?")
                .addIf(
                        isPure,
                        plain(Polynomial.ONE, List.of(linear(1, -n), linear(1, -n), linear(1, n), linear(1, n))),
                        "sum-of-squares",
                        "A sum of two squares does not come apart. Multiply yours out and see.");
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "Call $x^2$ by a letter of its own for a while. What do you see?",
                        isPure
                                ? TWO_SQUARES + " Then look at each bracket once more."
                                : SUM_AND_PRODUCT + " Here the brackets begin with $x^2$.",
                        "When you have brackets with $x^2$, look at each of them: is it again a difference of squares?")
                .step(
                        isPure
                                ? "$x^4$ and $" + n * n * n * n + "$ are squares."
                                : "Two numbers with product $" + m * m * n * n + "$ and sum $" + (-m * m - n * n)
                                        + "$ are $" + -m * m + "$ and $" + -n * n + "$.",
                        latex(Polynomial.ONE, List.of(first, squareLess(n))));
        return ended(item.step("Each difference of squares comes apart once more.", f.latex()), CHECK);
    }

    private static Polynomial squareLess(int n) {
        return monomial(1, 2).minus(Polynomial.constant(Rational.of(n * n)));
    }

    /** (x + p)(ax² + q) multiplied out; the second bracket comes apart no further. */
    static Item grouping(ItemRef ref, String frame, Draw draw) {
        int p = draw.between(-7, 7, n -> n != 0);
        int a = draw.between(1, 4);
        int q = draw.between(1, 9, n -> gcd(n, a) == 1);
        Polynomial second = monomial(a, 2).plus(Polynomial.constant(Rational.of(q)));
        FactorItem f = of(linear(1, p), second);
        Mistakes mistakes = Mistakes.of(f.answer())
                .add(
                        plain(Polynomial.ONE, List.of(linear(1, -p), second)),
                        "sign",
                        "Multiply yours out and look at the signs.")
                .add(
                        plain(
                                Polynomial.ONE,
                                List.of(linear(1, q), monomial(a, 2).plus(linear(0, p)))),
                        "groups-mixed",
                        "Multiply yours out: do all four terms come back?");
        String groups = PolynomialText.latex(monomial(a, 2)) + bracketed(linear(1, p)) + " + " + (q == 1 ? "" : q)
                + bracketed(linear(1, p));
        Items item = f.start(
                        ref,
                        frame,
                        mistakes,
                        "Take the first two terms together, and the last two. What does each pair share?",
                        "When both groups contain the same bracket, that bracket can be taken out as a whole.",
                        "What do $" + PolynomialText.latex(monomial(a, 3)) + "$ and $"
                                + PolynomialText.latex(monomial(a * p, 2)) + "$ share?")
                .step("Take out of each group what its terms share.", groups);
        return ended(item.step("Both groups contain the same bracket: take it out.", f.latex()), CHECK);
    }
}
