package littlesummit.content.code.function;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** Powers of a binomial: the blanks of an expansion, the whole of it, with coefficients and squares inside. */
public final class BinomialExpand extends SkillDefinition {
    public BinomialExpand() {
        super("binomial-expand", "Powers of a binomial", List.of("blanks", "whole"));
    }

    /**
     * (first + second)^n.
     *
     * @param second carries the sign
     */
    private record Power(Polynomial first, Polynomial second, int n) {
        Polynomial term(int k) {
            return first.power(n - k).times(second.power(k)).times(Rational.of(choose(n, k)));
        }

        Polynomial whole() {
            return first.plus(second).power(n);
        }

        String latex() {
            return "\\left(" + PolynomialText.latex(first) + signed(second) + "\\right)^{" + n + "}";
        }

        String plain() {
            return "(" + PolynomialText.plain(first) + " + (" + PolynomialText.plain(second) + "))^" + n;
        }
    }

    /** Binomial coefficients by Pascal's rule. */
    public static BigInteger choose(int n, int k) {
        BigInteger c = BigInteger.ONE;
        for (int i = 1; i <= k; i++) {
            c = c.multiply(BigInteger.valueOf(n - k + i)).divide(BigInteger.valueOf(i));
        }
        return c;
    }

    private static String signed(Polynomial p) {
        boolean minus = p.content().signum() > 0 && PolynomialText.latex(p).startsWith("-");
        return minus ? " - " + PolynomialText.latex(p.negate()) : " + " + PolynomialText.latex(p);
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        Polynomial x = Polynomial.letter("x");
        Polynomial y = Polynomial.letter("y");
        int n = ref.tier() == 1 ? draw.between(3, 4) : draw.between(3, 5);
        Rational sign = Rational.of(draw.coin() ? 1 : -1);
        Polynomial first =
                switch (ref.tier()) {
                    case 1 -> x;
                    case 2 -> x.times(Rational.of(draw.between(1, 3)));
                    default -> draw.coin() ? x.power(2) : x.times(Rational.of(draw.between(2, 3)));
                };
        Polynomial second =
                switch (ref.tier()) {
                    case 1 ->
                        draw.coin() ? y.times(sign) : Polynomial.constant(sign.times(Rational.of(draw.between(1, 3))));
                    case 2 ->
                        draw.coin()
                                ? y.times(sign.times(Rational.of(draw.between(1, 3))))
                                : Polynomial.constant(sign.times(Rational.of(draw.between(2, 4))));
                    default -> y.times(sign.times(Rational.of(draw.between(2, 4))));
                };
        Power power = new Power(first, second, ref.tier() == 3 ? Math.min(n, 4) : n);
        Items item = Items.of(ref)
                .text(ref.variant().equals("blanks") ? "Fill the blanks of this expansion." : "Multiply out.")
                .formula(power.latex())
                .part(ref.variant().equals("blanks") ? blanks(power, draw) : whole(power));
        List<String> raw = new ArrayList<>();
        for (int k = 0; k <= power.n(); k++) {
            raw.add(rawTerm(power, k));
        }
        return item.step(
                        "Take the coefficients of row " + power.n()
                                + " of Pascal's triangle; the powers of the first go down, those of the second up.",
                        String.join(" + ", raw))
                .step("Work out each term.", PolynomialText.latex(power.whole()))
                .given(power.plain())
                .second(
                        "Pascal's triangle",
                        new Block.Text("Each number is the sum of the two above it. Row " + power.n()
                                + " gives the coefficients."),
                        triangle(power.n()))
                .build();
    }

    private static Block triangle(int n) {
        List<List<String>> rows = new ArrayList<>();
        for (int r = 0; r <= n; r++) {
            List<String> row = new ArrayList<>();
            for (int k = 0; k <= r; k++) {
                row.add(choose(r, k).toString());
            }
            rows.add(List.of("row " + r, String.join("   ", row)));
        }
        return new Block.Table(List.of("", "coefficients"), rows);
    }

    private static String rawTerm(Power p, int k) {
        List<String> factors = new ArrayList<>();
        if (!choose(p.n(), k).equals(BigInteger.ONE)) {
            factors.add(choose(p.n(), k).toString());
        }
        if (k < p.n()) {
            factors.add("\\left(" + PolynomialText.latex(p.first()) + "\\right)^{" + (p.n() - k) + "}");
        }
        if (k > 0) {
            factors.add("\\left(" + PolynomialText.latex(p.second()) + "\\right)^{" + k + "}");
        }
        return String.join("\\cdot ", factors);
    }

    private static String[] hints(Power p) {
        return new String[] {
            "How many terms does the expansion have? One more than the exponent.",
            "The coefficients come from Pascal's triangle. Powers of the first go down by one, powers of the second up"
                    + " by one.",
            "Row " + p.n() + " of the triangle starts with 1, " + p.n() + ". The first term is $"
                    + PolynomialText.latex(p.term(0)) + "$."
        };
    }

    private static String[] letters(Power p) {
        return p.whole().letters().toArray(String[]::new);
    }

    private static Part whole(Power p) {
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, PolynomialText.plain(p.whole()))
                .withLetters(letters(p));
        Polynomial ends = p.term(0).plus(p.term(p.n()));
        Polynomial alternating = new Power(p.first(), p.second().negate(), p.n()).whole();
        Polynomial unraised = Polynomial.ZERO;
        Rational a = p.first().content();
        for (int k = 0; k <= p.n(); k++) {
            int lost = p.n() - k;
            unraised = unraised.plus(
                    lost == 0
                            ? p.term(k)
                            : p.term(k).times(a.power(lost).reciprocal()).times(a));
        }
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        PolynomialText.plain(ends),
                        "ends-only",
                        "Only the ends are there. A power of a sum has terms in between.")
                .add(
                        PolynomialText.plain(alternating),
                        "signs",
                        "Look at the signs: how do powers of the second change them?")
                .addIf(
                        !a.isOne(),
                        PolynomialText.plain(unraised),
                        "coefficient-not-raised",
                        "The number before the letter is raised to the power as well.")
                .add(
                        PolynomialText.plain(p.whole().minus(p.term(1))),
                        "term-missing",
                        "One term is missing. There is one more than the exponent.");
        Field field = Field.typed(
                "answer", "Expanded", "a sum without brackets, like terms together", answer, mistakes.list());
        return Part.of("Write it without brackets.", field, hints(p));
    }

    private static Part blanks(Power p, Draw draw) {
        int hide = draw.between(1, p.n() - 1);
        int second = draw.between(1, p.n(), k -> k != hide);
        List<Field> fields = new ArrayList<>();
        StringBuilder template = new StringBuilder();
        for (int k = 0; k <= p.n(); k++) {
            template.append(k == 0 ? "" : " + ");
            if (k == hide || k == second) {
                template.append("{{t").append(k).append("}}");
                fields.add(blank(p, k));
            } else {
                String latex = PolynomialText.latex(p.term(k));
                template.append(latex.startsWith("-") ? "(" + latex + ")" : latex);
            }
        }
        return new Part(
                "Fill in the missing terms.", fields, new Layout.InFormula(template.toString()), List.of(hints(p)));
    }

    private static Field blank(Power p, int k) {
        Polynomial term = p.term(k);
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, PolynomialText.plain(term))
                .withLetters(letters(p));
        Rational coefficient = Rational.of(choose(p.n(), k));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        PolynomialText.plain(term.negate()),
                        "sign",
                        "Look at the sign: an odd power of a negative number is negative.")
                .addIf(
                        !coefficient.isOne(),
                        PolynomialText.plain(term.times(coefficient.reciprocal())),
                        "coefficient-missing",
                        "The number from Pascal's triangle is missing.");
        return Field.typed("t" + k, "term " + (k + 1), "one term, its sign with it", answer, mistakes.list());
    }
}
