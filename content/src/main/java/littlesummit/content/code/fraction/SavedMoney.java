package littlesummit.content.code.fraction;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** What is saved: the percent of the full price, not what is left of it. */
final class SavedMoney {
    private SavedMoney() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Sale s = Sale.round(Ware.draw(draw), draw);
        String p = Tex.number(s.full());
        Field equation = Choices.right("$x = " + s.off() + "\\cdot " + p + "$")
                .wrong(
                        "$x = " + s.left() + "\\cdot " + p + "$",
                        "rest-for-part",
                        "That gives what is still to be paid.")
                .wrong(
                        "$x = " + p + " - " + s.percent() + "$",
                        "percent-as-money",
                        "That takes off dollars. A percent is a share of the price.")
                .wrong(
                        "$" + s.off() + "\\cdot x = " + p + "$",
                        "divided",
                        "Then the price would be a part of what is saved.")
                .shuffled("equation", "Equation", draw);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.DECIMAL, Tex.plain(s.saved()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(Tex.plain(s.reduced()), "rest-for-part", "That is what is still to be paid. What is saved?")
                .add(
                        String.valueOf(s.percent()),
                        "percent-as-money",
                        "It looks as if the percent was taken for dollars. It is a share of the price.")
                .add(
                        Tex.plain(s.saved().times(Rational.of(10))),
                        "decimal-point",
                        "The digits are correct. Is the decimal point in its place?");
        return Items.of(ref)
                .text(frame.formatted(s.ware().article(), s.percent(), Tex.money(s.full()))
                        + " How much money is saved?")
                .part(Part.of(
                        "Let $x$ be the money saved, in dollars. Which equation fits?",
                        equation,
                        "Which price is the whole, the 100%?",
                        "What is saved is the percent of the full price that is taken off.",
                        "Write " + s.percent() + "% as a decimal number."))
                .part(Part.of(
                        "Now work it out.",
                        SaleParts.dollars("Saved, in dollars", answer, mistakes),
                        "Is it more or less than half of the price?",
                        "Multiply the full price by the share that is taken off.",
                        "Multiply " + Tex.money(s.full()) + " by " + s.off() + "."))
                .step("The full price is 100%. What is saved is " + s.percent() + "% of it.", s.off() + "\\cdot " + p)
                .step("Multiply.", Tex.number(s.saved()))
                .calculator()
                .given(s.off() + "*" + Tex.plain(s.full()))
                .second(SaleParts.bar(s))
                .build();
    }
}
