package littlesummit.content.code.power;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** How often one number goes into another: the numbers in front are divided, the exponents are subtracted. */
final class TenQuotients {
    private TenQuotients() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        String[] told = frame.split("#");
        int quotient = draw.between(12, 48, n -> n % 10 != 0);
        int divisor = draw.oneOf(2, 3, 4, 5);
        Tens one = new Tens(Rational.of(divisor), draw.between(3, 4));
        Tens all = new Tens(Rational.of(quotient * divisor, 10), draw.between(6, 8)).inForm();
        Tens key = new Tens(all.value().over(one.value()), 0).inForm();
        Rational front = all.front().over(one.front());
        AnswerSpec answer = AnswerSpec.number(Form.Shape.SCIENTIFIC, key.plain());
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        new Tens(front, all.exponent() + one.exponent())
                                .inForm()
                                .plain(),
                        "exponents-added",
                        "Exponents add when powers are multiplied. Here one number is divided by the other.")
                .add(
                        new Tens(all.front().minus(one.front()).abs(), all.exponent() - one.exponent()).plain(),
                        "fronts-subtracted",
                        "The exponents are subtracted, the numbers in front are divided.")
                .addIf(
                        key.exponent() != all.exponent() - one.exponent(),
                        new Tens(key.front(), key.exponent() + 1).plain(),
                        "one-off",
                        "The number in front came out less than 1. When its point moves, the exponent follows.");
        Tens raw = new Tens(front, all.exponent() - one.exponent());
        return Items.of(ref)
                .text(told[0].formatted(all.latex(), one.latex()))
                .part(Part.of(
                        told[1] + " Write it in scientific notation.",
                        Tens.field(told[2], answer, mistakes),
                        "Which of the two has to be divided by the other?",
                        "Divide the numbers in front, and subtract the exponents.",
                        "Begin with the numbers in front: divide $" + all.frontLatex() + "$ by $" + one.frontLatex()
                                + "$."))
                .step("Write it as a fraction.", "\\frac{" + all.latex() + "}{" + one.latex() + "}")
                .step("Divide the numbers in front and subtract the exponents.", raw.latex())
                .step("See that the number in front is at least 1 and less than 10.", key.latex())
                .given("(" + all.plain() + ")/(" + one.plain() + ")")
                .build();
    }
}
