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

/** A number in front that is ten or more, or less than 1: its point moves, and the exponent follows. */
final class PutInForm {
    private PutInForm() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Rational front = Rational.of(draw.between(11, 99, n -> n % 10 != 0), 10);
        int hops = draw.oneOf(-2, -1, 1, 2, 3);
        int shown = draw.between(-5, 8, e -> e != 0 && e + hops != 0);
        int e = shown + hops;
        Tens given = new Tens(front.times(Rational.of(10).power(hops)), shown);
        Tens key = new Tens(front, e);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.SCIENTIFIC, key.plain());
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        new Tens(front, shown).plain(),
                        "exponent-kept",
                        "The point has moved, and the exponent has stayed. Then the value has changed.")
                .add(
                        new Tens(front, shown - hops).plain(),
                        "exponent-wrong-way",
                        hops > 0
                                ? "The number in front became smaller. Must the power of ten become smaller, too?"
                                : "The number in front became larger. Must the power of ten become larger, too?")
                .add(
                        new Tens(front, e + 1).plain(),
                        "one-off",
                        "The exponent is one off. Count the places again, one hop at a time.");
        String places = Math.abs(hops) == 1 ? "one place" : Math.abs(hops) + " places";
        return Items.of(ref)
                .text(frame)
                .formula(given.latex())
                .part(Part.of(
                        "Put it into scientific notation.",
                        Tens.field("In scientific notation", answer, mistakes),
                        "Is the number in front at least 1 and less than 10?",
                        "When the number in front becomes ten times smaller, the exponent goes up by one, so that the"
                                + " value stays.",
                        "First put the point of the number in front behind its first digit that is not zero."))
                .step(
                        "The point in front moves " + places + " to the " + (hops > 0 ? "left" : "right")
                                + "; a power of ten makes up for it.",
                        key.frontLatex() + "\\times 10^{" + hops + "}\\times 10^{" + shown + "}")
                .step("Put the two powers of ten together.", key.latex())
                .given(given.plain())
                .build();
    }
}
