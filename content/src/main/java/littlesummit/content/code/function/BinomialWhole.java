package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
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

/** An expansion as a whole, or with blanks in it. */
final class BinomialWhole {
    private BinomialWhole() {}

    static Item blanks(ItemRef ref, String frame, Draw draw) {
        BinomialPower p = plain(draw, 2);
        return p.finished(Items.of(ref).text(frame).formula(p.latex()).part(blanks(p, draw)));
    }

    static Item whole(ItemRef ref, String frame, Draw draw) {
        return all(ref, frame, plain(draw, 1));
    }

    static Item scaled(ItemRef ref, String frame, Draw draw) {
        int sign = draw.coin() ? 1 : -1;
        Polynomial second = draw.coin()
                ? BinomialPower.times((long) sign * draw.between(1, 3), BinomialPower.Y)
                : BinomialPower.number((long) sign * draw.between(1, 4));
        return all(
                ref,
                frame,
                new BinomialPower(
                        BinomialPower.times(draw.between(2, 3), BinomialPower.X), second, draw.between(3, 4)));
    }

    static Item squares(ItemRef ref, String frame, Draw draw) {
        int sign = draw.coin() ? 1 : -1;
        Polynomial first = BinomialPower.X.power(draw.between(2, 3));
        Polynomial second = draw.coin()
                ? BinomialPower.times((long) sign * draw.between(2, 4), BinomialPower.Y)
                : BinomialPower.times(sign, BinomialPower.Y.power(2));
        return all(ref, frame, new BinomialPower(first, second, draw.between(3, 4)));
    }

    /** A letter, and a number of at least this size or another letter, to the third or fourth power. */
    private static BinomialPower plain(Draw draw, int least) {
        int sign = draw.coin() ? 1 : -1;
        Polynomial second = draw.coin()
                ? BinomialPower.times(sign, BinomialPower.Y)
                : BinomialPower.number((long) sign * draw.between(least, 3));
        return new BinomialPower(BinomialPower.X, second, draw.between(3, 4));
    }

    private static Item all(ItemRef ref, String frame, BinomialPower p) {
        return p.finished(Items.of(ref).text(frame).formula(p.latex()).part(whole(p)));
    }

    private static Part whole(BinomialPower p) {
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, PolynomialText.plain(p.whole()))
                .withLetters(p.letters());
        Polynomial ends = p.term(0).plus(p.term(p.n()));
        Polynomial alternating = new BinomialPower(p.first(), p.second().negate(), p.n()).whole();
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
        return Part.of("Write it without brackets.", field, p.hints());
    }

    private static Part blanks(BinomialPower p, Draw draw) {
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
                "Fill in the missing terms.", fields, new Layout.InFormula(template.toString()), List.of(p.hints()));
    }

    private static Field blank(BinomialPower p, int k) {
        Polynomial term = p.term(k);
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, PolynomialText.plain(term))
                .withLetters(p.letters());
        Rational coefficient = Rational.of(BinomialCoefficients.of(p.n(), k));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        PolynomialText.plain(term.negate()),
                        "sign",
                        "Look at the sign: which power of the second belongs to this term?")
                .addIf(
                        !coefficient.isOne(),
                        PolynomialText.plain(term.times(coefficient.reciprocal())),
                        "coefficient-missing",
                        "The number from Pascal's triangle is missing.");
        return Field.typed("t" + k, "term " + (k + 1), "one term, its sign with it", answer, mistakes.list());
    }
}
