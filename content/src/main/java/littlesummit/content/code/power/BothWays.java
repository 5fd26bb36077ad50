package littlesummit.content.code.power;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.item.SecondView;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** A number in scientific notation, and back. */
final class BothWays {
    private BothWays() {}

    static Item largeTo(ItemRef ref, String frame, Draw draw) {
        return toScientific(ref, frame, Amount.large(draw));
    }

    static Item largeFrom(ItemRef ref, String frame, Draw draw) {
        return toNumeral(ref, frame, Amount.large(draw));
    }

    static Item smallTo(ItemRef ref, String frame, Draw draw) {
        return toScientific(ref, frame, Amount.small(draw));
    }

    static Item smallFrom(ItemRef ref, String frame, Draw draw) {
        return toNumeral(ref, frame, Amount.small(draw));
    }

    private static Item toScientific(ItemRef ref, String frame, Amount n) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.SCIENTIFIC, n.scientific());
        int e = n.exponent();
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        n.scientific(-e),
                        "exponent-sign",
                        e > 0
                                ? "Your exponent is negative, which makes a number smaller than 1. Is this one?"
                                : "Your exponent is positive, which makes a number of ten or more. Is this one?")
                .add(
                        n.shifted(1),
                        "coefficient-range",
                        "The number in front must be at least 1 and less than 10. Move its point and let the exponent"
                                + " follow.")
                .addIf(
                        e > 0,
                        n.scientific(n.trailingZeros()),
                        "counted-zeros",
                        "It looks as if only the zeros were counted. Count every place that the point travels.")
                .add(
                        n.scientific(e + 1),
                        "one-off",
                        "The exponent is one off. Count the places again, one hop at a time.")
                .add(
                        n.scientific(e - 1),
                        "one-off",
                        "The exponent is one off. Count the places again, one hop at a time.");
        Field field = Tens.field("In scientific notation", answer, mistakes);
        Part part = Part.of(
                frame,
                field,
                "How many places must the point travel so that a single digit that is not zero stands before it?",
                "Each place to the left counts one up in the exponent, each place to the right one down. A number"
                        + " below 1 has a negative exponent.",
                e == 0
                        ? "The point already stands behind the first digit, so it travels 0 places."
                        : "Put the point behind the " + n.firstDigit() + ": the number in front is $"
                                + Tex.number(n.coefficient()) + "$. Now count how far the point has moved.");
        List<WorkedStep> worked = List.of(
                new WorkedStep(
                        "Put the point behind the first digit that is not zero, and say what it must be multiplied by"
                                + " to be the same number again.",
                        Tex.number(n.coefficient()) + "\\times " + Tex.number(n.scale())),
                new WorkedStep(
                        e == 0
                                ? "Nothing has moved, and 1 is ten to the power zero."
                                : "Write that as a power of ten: the point moved " + places(e) + ".",
                        n.latex()));
        return item(ref, n, n.said(), part, worked, n.plain());
    }

    private static Item toNumeral(ItemRef ref, String frame, Amount n) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.NUMERAL, n.plain());
        int e = n.exponent();
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(n.at(-e)),
                        "exponent-sign",
                        e > 0
                                ? "The point went the other way. A positive exponent makes the number larger."
                                : "The point went the other way. A negative exponent makes the number smaller.")
                .addIf(
                        e > 0,
                        Tex.plain(n.at(e + n.digits() - 1)),
                        "zeros-appended",
                        "It looks as if that many zeros were put behind the digits. Move the point that many places"
                                + " instead.")
                .addIf(
                        e < 0,
                        Tex.plain(n.at(e - 1)),
                        "zeros-after-point",
                        "It looks as if that many zeros were put behind the point. The first hop only passes the digit"
                                + " in front.")
                .add(Tex.plain(n.at(e + 1)), "one-off", "One place off. Move the point again, one hop at a time.")
                .add(Tex.plain(n.at(e - 1)), "one-off", "One place off. Move the point again, one hop at a time.");
        Field field = Field.typed(
                "answer",
                "As a plain number",
                "all its digits, without a power; commas are fine",
                answer,
                mistakes.list());
        Part part = Part.of(
                frame,
                field,
                "Does the exponent make the number larger or smaller than the one in front?",
                "The exponent says how many places the point travels: to the right when it is positive, to the left"
                        + " when it is negative.",
                e == 0
                        ? "Ten to the power zero is 1, so nothing changes."
                        : "The point travels " + places(e) + " to the " + (e > 0 ? "right" : "left")
                                + ". Fill empty places with zeros.");
        List<WorkedStep> worked = List.of(
                new WorkedStep(
                        "Write the power of ten out.",
                        Tex.number(n.coefficient()) + "\\times " + Tex.number(n.scale())),
                new WorkedStep(
                        e == 0
                                ? "Times 1 changes nothing."
                                : "Move the point " + places(e) + " to the " + (e > 0 ? "right" : "left") + ".",
                        Tex.number(n.value())));
        return item(ref, n, n.saidScientific(), part, worked, n.scientific());
    }

    private static Item item(ItemRef ref, Amount n, String stem, Part part, List<WorkedStep> worked, String given) {
        return new Item(
                ref, List.of(new Block.Text(stem)), List.of(part), worked, Optional.of(second(n)), false, given);
    }

    private static String places(int exponent) {
        return Math.abs(exponent) == 1 ? "1 place" : Math.abs(exponent) + " places";
    }

    private static SecondView second(Amount n) {
        List<List<String>> rows = new ArrayList<>();
        int step = Integer.signum(n.exponent());
        for (int k = 0; k != n.exponent() + (step == 0 ? 1 : step); k += step == 0 ? 1 : step) {
            Expr line = Expr.product(
                    Expr.decimal(n.value().over(Rational.of(10).power(k))), Expr.power(Expr.integer(10), k));
            rows.add(List.of("$" + LatexPrinter.latex(line) + "$", "$" + Tex.number(n.value()) + "$"));
        }
        return new SecondView(
                "One hop at a time",
                List.of(
                        new Block.Text(
                                "Each time the point hops one place to the left, the exponent goes up by one, so that"
                                        + " the value stays the same. A hop to the right takes one away."),
                        new Block.Table(List.of("Written as", "Value"), rows)));
    }
}
