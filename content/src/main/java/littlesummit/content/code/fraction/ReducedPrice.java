package littlesummit.content.code.fraction;

import java.util.List;
import java.util.Optional;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** From the full price to the reduced one: the equation first, then the price. */
final class ReducedPrice {
    private ReducedPrice() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Sale s = Sale.round(Ware.draw(draw), draw);
        String stem = frame.formatted(s.ware().article(), s.percent(), Tex.money(s.full()));
        String p = Tex.number(s.full());
        Field equation = Choices.right("$x = " + s.left() + "\\cdot " + p + "$")
                .wrong(
                        "$x = " + s.off() + "\\cdot " + p + "$",
                        "discount-only",
                        "That gives what is taken off. What is left to pay?")
                .wrong(
                        "$x = " + p + " - " + s.percent() + "$",
                        "percent-as-money",
                        "That takes off dollars. A percent is a share of the price.")
                .wrong(
                        "$x = " + s.more() + "\\cdot " + p + "$",
                        "added",
                        "That makes the price go up. Is it reduced or raised?")
                .shuffled("equation", "Equation", draw);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.DECIMAL, Tex.plain(s.reduced()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(s.full().minus(s.reduced())),
                        "discount-only",
                        "That is what is taken off. What is left to pay?")
                .add(
                        Tex.plain(s.full().minus(Rational.of(s.percent()))),
                        "percent-as-money",
                        "It looks as if the percent was taken off as dollars. It is a share of the price.")
                .add(
                        Tex.plain(s.full().times(s.moreShare())),
                        "added",
                        "This is more than the full price. Is it reduced or raised?");
        SaleParts.pointMoved(mistakes, s.reduced());
        List<WorkedStep> worked = List.of(
                new WorkedStep(
                        "The full price is 100%. Taking off " + s.percent() + "% leaves the rest of it.",
                        p + "\\cdot (1 - " + s.off() + ")"),
                new WorkedStep(
                        "That is " + (100 - s.percent()) + "% of the full price, or " + s.left() + " times it.",
                        p + "\\cdot " + s.left()),
                new WorkedStep("Multiply.", Tex.number(s.reduced())));
        return new Item(
                ref,
                List.of(new Block.Text(stem + " What is the reduced price?")),
                List.of(SaleParts.chooseEquation(equation, s), SaleParts.price(answer, mistakes, s, false)),
                worked,
                Optional.of(SaleParts.bar(s)),
                true,
                Tex.plain(s.full()) + "*(1-" + s.off() + ")");
    }
}
