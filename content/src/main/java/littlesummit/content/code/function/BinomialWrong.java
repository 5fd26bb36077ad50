package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import littlesummit.content.code.Words;
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
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Somebody's expansion in which one term is wrong: which one, and what it should be. */
final class BinomialWrong {
    private static final List<String> NAMES =
            List.of("the first term", "the second term", "the third term", "the fourth term");

    private BinomialWrong() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(2, 3);
        int b = draw.oneOf(-5, -4, -3, -2, 2, 3, 4, 5);
        BinomialPower p = new BinomialPower(BinomialPower.times(a, BinomialPower.X), BinomialPower.number(b), 3);
        int wrong = draw.between(0, 2);
        Polynomial slipped = slipped(p, wrong, draw.coin());
        List<String> terms = new ArrayList<>();
        for (int k = 0; k <= 3; k++) {
            String term = PolynomialText.latex(k == wrong ? slipped : p.term(k));
            terms.add(k == 0 ? term : term.startsWith("-") ? " - " + term.substring(1) : " + " + term);
        }
        Choices choices = Choices.right(NAMES.get(wrong));
        NAMES.forEach(name -> choices.wrong(
                name, "term-stands", "This term is as it should be. Work it out once more from the triangle."));
        AnswerSpec answer = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, PolynomialText.plain(p.term(wrong)))
                .withLetters("x");
        Mistakes mistakes = Mistakes.of(answer)
                .add(PolynomialText.plain(slipped), "copied", "That is what stands there.")
                .add(
                        PolynomialText.plain(p.term(wrong).negate()),
                        "sign",
                        "Look at the sign: which power of the second belongs to this term?");
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw)))
                .formula(p.latex() + " = " + String.join("", terms))
                .part(Part.of(
                        "Which term is wrong?",
                        choices.ordered("term", "Wrong term", Comparator.comparingInt(NAMES::indexOf)),
                        "Take the terms one by one: number of the triangle, power of the first, power of the second.",
                        "A power of a product is taken of each factor. An odd power of a negative number is negative.",
                        "Row 3 of Pascal's triangle is 1, 3, 3, 1. Compare each coefficient with what it should be."))
                .part(Part.of(
                        "What should it be?",
                        Field.typed(
                                "answer", "The correct term", "one term, its sign with it", answer, mistakes.list()),
                        "Take this one term alone.",
                        "Number of the triangle, power of the first, power of the second: multiply the three.",
                        "The exponents of the two add up to 3. Which ones belong to this term?"))
                .step(why(wrong), "")
                .step("Take this term: number of the triangle, powers of the first and the second.", p.raw(wrong))
                .step("Work it out.", PolynomialText.latex(p.term(wrong)))
                .second("Pascal's triangle", p.triangle())
                .build();
    }

    private static String why(int wrong) {
        return "The mistake is in " + NAMES.get(wrong) + ": it is not the number of the triangle times the two"
                + " powers.";
    }

    /** The number before the letter is not raised, or a factor of the triangle is missing, or the sign is turned. */
    private static Polynomial slipped(BinomialPower p, int k, boolean first) {
        Polynomial term = p.term(k);
        Rational a = p.first().content();
        return switch (k) {
            case 0 -> term.times(a.power(2).reciprocal());
            case 1 -> first ? term.times(a.reciprocal()) : term.times(Rational.of(1, 3));
            default -> first ? term.negate() : term.times(Rational.of(1, 3));
        };
    }
}
