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

/** Two numbers whose powers of ten differ are added: first both get the same power. */
final class TenSums {
    private TenSums() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        String[] told = frame.split("#");
        int low = draw.between(4, 6);
        int high = low + draw.between(1, 2);
        Tens large = new Tens(Rational.of(draw.between(12, 79, n -> n % 10 != 0), 10), high);
        Tens small = new Tens(Rational.of(draw.between(12, 79, n -> n % 10 != 0), 10), low);
        boolean turned = draw.coin();
        Tens first = turned ? small : large;
        Tens second = turned ? large : small;
        Tens key = new Tens(large.value().plus(small.value()), 0).inForm();
        Rational fronts = large.front().plus(small.front());
        AnswerSpec answer = AnswerSpec.number(Form.Shape.SCIENTIFIC, key.plain());
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        new Tens(fronts, high).inForm().plain(),
                        "fronts-added",
                        "The numbers in front were added as they stand. They count different powers of ten.")
                .add(
                        new Tens(fronts, high + low).inForm().plain(),
                        "exponents-added",
                        "Exponents add when powers are multiplied. Here the numbers are added.")
                .add(large.plain(), "one-only", "That is one of the two numbers.");
        Tens same = new Tens(large.value().over(Rational.of(10).power(low)), low);
        Tens added = new Tens(same.front().plus(small.front()), low);
        return Items.of(ref)
                .text(told[0].formatted(first.latex(), second.latex()))
                .part(Part.of(
                        told[1] + " Write it in scientific notation.",
                        Tens.field("Together", answer, mistakes),
                        "Do both numbers in front count the same power of ten?",
                        "Numbers can be added when their powers of ten are the same. Write one of them with the power"
                                + " of the other first.",
                        "Write $" + large.latex() + "$ with the power $10^{" + low + "}$."))
                .step("Give both the same power of ten.", same.latex() + " + " + small.latex())
                .step("Add the numbers in front.", added.latex())
                .step("Put it into scientific notation.", key.latex())
                .given(first.plain() + "+" + second.plain())
                .build();
    }
}
