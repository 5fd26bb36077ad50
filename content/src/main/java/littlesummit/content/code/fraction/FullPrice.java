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

/** From the reduced price back to the full one. */
final class FullPrice {
    private FullPrice() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Sale s = Sale.back(frame.contains("flaw") ? Ware.drawSolid(draw) : Ware.draw(draw), draw);
        String stem = frame.formatted(s.ware().article(), s.percent(), Tex.money(s.reduced()));
        String r = Tex.number(s.reduced());
        Field equation = Choices.right("$" + s.left() + "\\cdot x = " + r + "$")
                .wrong(
                        "$x = " + s.left() + "\\cdot " + r + "$",
                        "wrong-whole",
                        "That reduces the price once more. Which price is the whole here?")
                .wrong(
                        "$x = " + s.more() + "\\cdot " + r + "$",
                        "added",
                        "The percent was taken of the full price, not of the reduced one.")
                .wrong(
                        "$" + s.off() + "\\cdot x = " + r + "$",
                        "discount-only",
                        "That would make the reduced price the part taken off. It is the part left.")
                .shuffled("equation", "Equation", draw);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.DECIMAL, Tex.plain(s.full()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(s.reduced().times(s.moreShare())),
                        "wrong-whole",
                        "It looks as if the percent was taken of the reduced price. The whole is the full price.")
                .add(
                        Tex.plain(s.reduced().times(s.leftShare())),
                        "reduced-again",
                        "This is less than the reduced price. Should the full price be?")
                .add(
                        Tex.plain(s.reduced().plus(Rational.of(s.percent()))),
                        "percent-as-money",
                        "It looks as if the percent was added as dollars. It is a share of the full price.");
        SaleParts.pointMoved(mistakes, s.full());
        List<WorkedStep> worked = List.of(
                new WorkedStep(
                        "Call the full price $x$. It is 100%, and " + s.percent() + "% off leaves "
                                + (100 - s.percent()) + "% of it.",
                        s.left() + "\\cdot x = " + r),
                new WorkedStep("Divide both sides by " + s.left() + ".", "x = \\frac{" + r + "}{" + s.left() + "}"),
                new WorkedStep("Work out the quotient.", "x = " + Tex.number(s.full())));
        return new Item(
                ref,
                List.of(new Block.Text(stem + " What was the full price?")),
                List.of(SaleParts.chooseEquation(equation, s), SaleParts.price(answer, mistakes, s, true)),
                worked,
                Optional.of(SaleParts.bar(s)),
                true,
                s.left() + "*x=" + Tex.plain(s.reduced()));
    }
}
