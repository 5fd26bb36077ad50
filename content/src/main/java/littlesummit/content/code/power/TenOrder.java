package littlesummit.content.code.power;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** Which of four is the largest: neither the largest number in front nor the largest exponent decides alone. */
final class TenOrder {
    private TenOrder() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int e = draw.between(3, 6);
        Rational first = Rational.of(draw.between(61, 79, n -> n % 10 != 0), 10);
        Tens largest = new Tens(first.times(Rational.of(10)), e);
        Tens largestExponent = new Tens(Rational.of(draw.between(11, 49, n -> n % 10 != 0), 1000), e + 2);
        Tens largestFront = new Tens(Rational.of(draw.between(211, 989, n -> n % 10 != 0), 10), e - 1);
        Rational written = Rational.of(draw.between(31, 59, n -> n % 10 != 0))
                .times(Rational.of(10).power(e - 1));
        AnswerSpec answer =
                AnswerSpec.number(Form.Shape.SCIENTIFIC, largest.inForm().plain());
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        largestExponent.inForm().plain(),
                        "exponent-decides",
                        "That one has the largest exponent, and a number in front that is less than 1.")
                .add(
                        largestFront.inForm().plain(),
                        "front-decides",
                        "That one has the largest number in front, and a smaller power of ten.")
                .add(
                        new Tens(written, 0).inForm().plain(),
                        "digits-decide",
                        "That one has the most digits here. Write the others out, too.")
                .add(
                        largest.plain(),
                        "not-in-form",
                        "That is the largest. Now its number in front must be less than 10.");
        List<String> shown = draw.shuffled(
                List.of(largest.latex(), largestExponent.latex(), largestFront.latex(), Tex.number(written)));
        String row = Stream.of(largestExponent, largestFront, new Tens(written, 0), largest)
                .map(Tens::inForm)
                .sorted((a, b) -> a.value().compareTo(b.value()))
                .map(Tens::latex)
                .collect(Collectors.joining(" < "));
        return Items.of(ref)
                .text(frame)
                .formula(String.join(" \\qquad ", shown))
                .part(Part.of(
                        "Which number is the largest? Write it in scientific notation.",
                        Tens.field("The largest", answer, mistakes),
                        "Are all four in scientific notation?",
                        "In scientific notation the exponents decide first; only where they agree the numbers in front"
                                + " do.",
                        "Put all four into scientific notation, one after the other."))
                .step("All four in scientific notation, in order: $" + row + "$.", "")
                .step(
                        "The largest one is this:",
                        largest.latex() + " = " + largest.inForm().latex())
                .build();
    }
}
