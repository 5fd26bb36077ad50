package littlesummit.content.code.power;

import java.util.Comparator;
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

/**
 * Which of four is the largest or the smallest: neither the number in front nor the exponent decides alone, and any of
 * the four may be it.
 *
 * @param tens three of the numbers, with their points out of place
 * @param written the fourth one, with all its digits
 * @param largest whether the largest one is wanted
 */
record TenOrder(List<Tens> tens, Tens written, boolean largest) {
    private static final Comparator<Tens> BY_SIZE = Comparator.comparing(Tens::value);

    static Item make(ItemRef ref, String frame, Draw draw) {
        TenOrder order = drawn(draw);
        return order.isDistinct() ? order.item(ref, frame, draw) : make(ref, frame, draw);
    }

    private static TenOrder drawn(Draw draw) {
        int e = draw.between(4, 6);
        List<Tens> tens = Stream.of(-2, 1, 2)
                .map(shift -> {
                    Tens inForm = inForm(draw, e);
                    return new Tens(inForm.front().times(Rational.of(10).power(shift)), inForm.exponent() - shift);
                })
                .toList();
        return new TenOrder(tens, inForm(draw, e), draw.coin());
    }

    private static Tens inForm(Draw draw, int e) {
        return new Tens(Rational.of(draw.between(11, 99, n -> n % 10 != 0), 10), draw.between(e, e + 1));
    }

    private Tens wanted() {
        return outermost(
                BY_SIZE, Stream.concat(tens.stream(), Stream.of(written)).toList());
    }

    private Tens byExponent() {
        return outermost(Comparator.comparing(Tens::exponent), tens);
    }

    private Tens byFront() {
        return outermost(Comparator.comparing(Tens::front), tens);
    }

    private Tens outermost(Comparator<Tens> order, List<Tens> numbers) {
        return numbers.stream().max(largest ? order : order.reversed()).orElseThrow();
    }

    private boolean isDistinct() {
        return inOrder().distinct().count() == 4;
    }

    private Stream<Tens> inOrder() {
        return Stream.concat(tens.stream(), Stream.of(written))
                .map(Tens::inForm)
                .sorted(BY_SIZE);
    }

    private Item item(ItemRef ref, String frame, Draw draw) {
        String most = largest ? "largest" : "smallest";
        Tens wanted = wanted();
        List<String> shown =
                draw.shuffled(Stream.concat(tens.stream().map(Tens::latex), Stream.of(Tex.number(written.value())))
                        .toList());
        String row = inOrder().map(Tens::latex).collect(Collectors.joining(" < "));
        return Items.of(ref)
                .text(frame)
                .formula(String.join(" \\qquad ", shown))
                .part(Part.of(
                        "Which number is the " + most + "? Write it in scientific notation.",
                        Tens.field("The " + most, answer(), mistakes(most)),
                        "Are all four in scientific notation?",
                        "In scientific notation the exponents decide first; only where they agree the numbers in front"
                                + " do.",
                        "Put all four into scientific notation, one after the other."))
                .step("All four in scientific notation, in order: $" + row + "$.", "")
                .step(
                        "The " + most + " one is this:",
                        (wanted.equals(written) ? Tex.number(wanted.value()) : wanted.latex()) + " = "
                                + wanted.inForm().latex())
                .build();
    }

    private AnswerSpec answer() {
        return AnswerSpec.number(Form.Shape.SCIENTIFIC, wanted().inForm().plain());
    }

    private Mistakes mistakes(String most) {
        return Mistakes.of(answer())
                .addIf(
                        !byExponent().equals(wanted()),
                        byExponent().inForm().plain(),
                        "exponent-decides",
                        "That one has the " + most + " exponent. But its number in front is not between 1 and 10.")
                .addIf(
                        !byFront().equals(wanted()) && !byFront().equals(byExponent()),
                        byFront().inForm().plain(),
                        "front-decides",
                        "That one has the " + most + " number in front. But its power of ten counts, too.")
                .addIf(
                        largest && !written.equals(wanted()),
                        written.inForm().plain(),
                        "digits-decide",
                        "That one has the most digits here. Write the others out, too.")
                .addIf(
                        !wanted().equals(written),
                        wanted().plain(),
                        "not-in-form",
                        "That is the " + most + ". Now its number in front must be at least 1 and less than 10.");
    }
}
