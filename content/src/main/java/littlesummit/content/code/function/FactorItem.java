package littlesummit.content.code.function;

import java.util.List;
import java.util.stream.Collectors;
import littlesummit.content.code.Divisors;
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
    static final String SUM_AND_PRODUCT =
            "Look for two numbers whose product is the last number and whose sum is the one in the middle.";
    static final String TWO_SQUARES = "A difference of two squares is a sum times a difference.";

    static Polynomial monomial(int coefficient, int power) {
        return Polynomial.letter("x").power(power).times(Rational.of(coefficient));
    }

    static FactorItem of(Polynomial... brackets) {
        return new FactorItem(Polynomial.ONE, List.of(brackets));
    }

    static Polynomial linear(int a, int b) {
        return Linear.of("x", a, b);
    }

    Polynomial inner() {
        return brackets.stream().reduce(Polynomial.ONE, Polynomial::times);
    }

    private Polynomial whole() {
        return inner().times(outer);
    }

    private String plain() {
        return plain(outer, brackets);
    }

    static String plain(Polynomial outer, List<Polynomial> brackets) {
        String front = outer.equals(Polynomial.ONE) ? "" : PolynomialText.plain(outer) + "*";
        return front
                + brackets.stream()
                        .map(b -> "(" + PolynomialText.plain(b) + ")")
                        .collect(Collectors.joining("*"));
    }

    String latex() {
        return latex(outer, brackets);
    }

    static String latex(Polynomial outer, List<Polynomial> brackets) {
        String front = outer.equals(Polynomial.ONE) ? "" : PolynomialText.latex(outer);
        return front + brackets.stream().map(FactorItem::bracketed).collect(Collectors.joining());
    }

    static String bracketed(Polynomial p) {
        return "\\left(" + PolynomialText.latex(p) + "\\right)";
    }

    AnswerSpec answer() {
        return AnswerSpec.of(Kind.EXPRESSION, Form.Shape.FACTORED, plain());
    }

    Items start(ItemRef ref, String frame, Mistakes mistakes, String... hints) {
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

    static Item ended(Items item, String check) {
        return item.step(check, "").build();
    }

    static final String CHECK = "Multiply it out to see that it is right.";

    static Item common(ItemRef ref, String frame, Draw draw) {
        int number = draw.between(2, 9);
        int power = draw.between(1, 3);
        int a = draw.between(1, 5);
        int b = draw.between(-9, 9, n -> n != 0 && Divisors.gcd(n, a) == 1);
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

    static Item squares(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(1, 3);
        int n = draw.between(2, 12, k -> Divisors.gcd(k, a) == 1);
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

    static Mistakes squareMistakes(FactorItem f, Polynomial outer, int a, int n) {
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

    static String squareText(int a, int n) {
        return (a == 1 ? "x^{2}" : "\\left(" + a + "x\\right)^{2}") + " - " + n + "^{2}";
    }

    static Item perfect(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(1, 5);
        int n = draw.between(-9, 9, k -> Math.abs(k) > 1 && Divisors.gcd(k, a) == 1);
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
}
