package littlesummit.content.code.function;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** One term of an expansion, and what an expansion tells about its power. */
final class BinomialTerms {
    private BinomialTerms() {}

    /** The coefficient of one power of x. */
    static Item coefficient(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(1, 3);
        int b = draw.oneOf(-3, -2, 2, 3);
        int n = draw.between(4, 6);
        int k = draw.between(2, n - 2);
        long choose = BinomialCoefficients.of(n, k).longValueExact();
        long key = choose * power(a, n - k) * power(b, k);
        BinomialPower p = new BinomialPower(BinomialPower.times(a, BinomialPower.X), BinomialPower.number(b), n);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(choose),
                        "triangle-only",
                        "That is the number from Pascal's triangle. The numbers in the brackets count, too.")
                .add(
                        String.valueOf(power(a, n - k) * power(b, k)),
                        "coefficient-missing",
                        "The number from Pascal's triangle is missing.")
                .add(String.valueOf(-key), "sign", "Which power of the second number belongs to this term?")
                .add(
                        String.valueOf(choose * a * b),
                        "not-raised",
                        "The numbers in the brackets are raised to a power, too.");
        String raw = choose + "\\cdot " + (a == 1 ? "" : a + "^{" + (n - k) + "}\\cdot ") + (b < 0 ? "(" + b + ")" : b)
                + "^{" + k + "}";
        String given = choose + "*" + (a == 1 ? "" : a + "^" + (n - k) + "*") + "(" + b + ")^" + k;
        return Items.of(ref)
                .text(frame)
                .formula(p.latex())
                .part(Part.of(
                        "Which number stands before $x^{" + (n - k) + "}$?",
                        Field.typed("answer", "Coefficient", "a whole number, with its sign", answer, mistakes.list()),
                        "Which power of the second number belongs to $x^{" + (n - k) + "}$? The exponents add up to "
                                + n + ".",
                        "A term has a number from Pascal's triangle, a power of the first and a power of the second.",
                        "In row " + n + " of the triangle the first number is for $x^{" + n
                                + "}$. Go on until you come to $x^{" + (n - k) + "}$."))
                .step("Number from the triangle, power of the first, power of the second.", raw)
                .step("Work it out.", String.valueOf(key))
                .given(given)
                .second("Pascal's triangle", p.triangle())
                .build();
    }

    private static long power(int base, int exponent) {
        long value = 1;
        for (int i = 0; i < exponent; i++) {
            value *= base;
        }
        return value;
    }

    /** From the expansion to the power: the ends tell the numbers, the second term tells the sign. */
    static Item back(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(1, 3);
        int b = draw.oneOf(-4, -3, -2, 2, 3, 4);
        int n = draw.between(3, a == 1 ? 4 : 3);
        BinomialPower p = of(a, b, n);
        Choices choices = Choices.right(inText(p))
                .wrong(inText(of(a, -b, n)), "sign", "The second term tells the sign. Which one does it have?")
                .wrong(
                        inText(of(a == 1 ? 2 : 1, b, n)),
                        "first-number",
                        "Which number gives the one at the front when it is raised to this power?")
                .wrong(
                        inText(of(a, b > 0 ? b + 1 : b - 1, n)),
                        "last-number",
                        "Which number gives the one at the end when it is raised to this power?")
                .wrong(inText(of(a, b, n == 3 ? 4 : 3)), "exponent", "The highest power of $x$ tells the exponent.");
        return Items.of(ref)
                .text(frame)
                .formula(PolynomialText.latex(p.whole()))
                .part(Part.of(
                        "Which power is it?",
                        choices.shuffled("answer", "The power", draw),
                        "How many terms are there? One more than the exponent.",
                        "The first term is the power of the first, the last term the power of the second; the second"
                                + " term tells the sign.",
                        "Which number raised to the power " + n + " gives $" + PolynomialText.latex(p.term(n)) + "$?"))
                .step("Both ends are powers. In between come the numbers of Pascal's triangle.", p.latex())
                .step("Multiplied out it is the same again.", PolynomialText.latex(p.whole()))
                .given(PolynomialText.plain(p.whole()))
                .build();
    }

    private static BinomialPower of(int a, int b, int n) {
        return new BinomialPower(BinomialPower.times(a, BinomialPower.X), BinomialPower.number(b), n);
    }

    private static String inText(BinomialPower p) {
        return "$" + p.latex() + "$";
    }

    /** The second term of (x + a)^n is n·a·x^(n−1), the third n(n−1)/2·a²·x^(n−2): one of them is known. */
    static Item unknown(ItemRef ref, String frame, Draw draw) {
        int n = draw.between(3, 5);
        int k = draw.between(1, 2);
        int a = draw.between(2, 9, i -> i != n);
        long choose = BinomialCoefficients.of(n, k).longValueExact();
        long coefficient = choose * power(a, k);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(a));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(coefficient),
                        "triangle-forgotten",
                        "A number from Pascal's triangle is a factor of this coefficient.")
                .addIf(k == 2, String.valueOf(a * a), "square-left", "In this term the number is squared.")
                .addIf(
                        k == 1 && coefficient > n,
                        String.valueOf(coefficient - n),
                        "subtracted",
                        "The number from the triangle is a factor, not a summand.");
        String term = coefficient + "x" + (n - k == 1 ? "" : "^{" + (n - k) + "}");
        Items item = Items.of(ref)
                .text(frame)
                .formula("\\left(x + a\\right)^{" + n + "}")
                .part(Part.of(
                        "Multiplied out, it has the term $" + term + "$. Which number is $a$?",
                        Field.typed("a", "a =", "a whole number", answer, mistakes.list()),
                        "Which number of Pascal's triangle belongs to this term?",
                        "The exponents of the two add up to " + n + ". What is the exponent of $a$ in this term?",
                        "In row " + n + " of the triangle the first number is for $x^{" + n + "}$. Find the one of this"
                                + " term."));
        String divided = "\\frac{" + coefficient + "}{" + choose + "}";
        return item.step(
                        "The number of the triangle is " + choose + ", and $a$ has the exponent " + k
                                + ". Divide by the number of the triangle"
                                + (k == 1 ? "." : "; what is left is the square of $a$."),
                        k == 1 ? divided : "\\sqrt{" + divided + "}")
                .step(
                        k == 1 ? "Work it out." : "The positive number that has this square is looked for.",
                        k == 1 ? String.valueOf(a) : "\\sqrt{" + a * a + "}")
                .step("That is $a$.", k == 1 ? "" : String.valueOf(a))
                .given(k == 1 ? coefficient + "/" + choose : "sqrt(" + coefficient + "/" + choose + ")")
                .build();
    }
}
