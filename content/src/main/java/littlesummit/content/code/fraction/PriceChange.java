package littlesummit.content.code.fraction;

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

/** The percent that a price has changed by, and prices that go up. */
final class PriceChange {

    private PriceChange() {}

    static Item rate(ItemRef ref, String frame, Draw draw) {
        Sale s;
        do {
            s = Sale.back(Ware.draw(draw), draw);
        } while (s.saved().equals(Rational.of(s.percent())));
        String full = Tex.number(s.full());
        AnswerSpec answer = Percents.answer(Rational.of(s.percent()));
        Rational ofReduced = s.saved().over(s.reduced()).times(Percents.HUNDRED).roundHalfUp(0);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(100 - s.percent()),
                        "rest-for-part",
                        "That is how much of the old price is left. How much was taken off?")
                .add(
                        Tex.plain(s.saved()),
                        "money-as-percent",
                        "Those are dollars. Which part of the old price are they?")
                .add(
                        Tex.plain(ofReduced),
                        "wrong-whole",
                        "It looks as if the new price was the whole. The change is a part of the old price.");
        String quotient = "\\frac{" + Tex.number(s.saved()) + "}{" + full + "}";
        return Items.of(ref)
                .text(frame.formatted(s.ware().article(), Tex.money(s.full()), Tex.money(s.reduced())))
                .part(Part.of(
                        "By what percent is it reduced?",
                        Percents.field("Percent less", answer, mistakes),
                        "How many dollars cheaper is it?",
                        "A reduction is a part of the old price: the difference over the old price.",
                        "The difference is " + Tex.money(s.full()) + " less " + Tex.money(s.reduced()) + "."))
                .step(
                        "The difference, over the old price.",
                        "\\frac{" + full + " - " + Tex.number(s.reduced()) + "}{" + full + "}")
                .step("Take the new price from the old one.", quotient)
                .step("Divide, and say it as a percent.", Tex.plain(Rational.of(s.percent(), 100)))
                .calculator()
                .given("(" + Tex.plain(s.full()) + "-" + Tex.plain(s.reduced()) + ")/" + Tex.plain(s.full()))
                .build();
    }

    static Item raised(ItemRef ref, String frame, Draw draw) {
        Sale s = Sale.uneven(Ware.draw(draw), draw);
        Rational raised = s.full().times(s.moreShare());
        Rational more = raised.minus(s.full());
        AnswerSpec answer = AnswerSpec.number(Form.Shape.DECIMAL, Tex.plain(raised));
        Mistakes mistakes = Mistakes.of(answer)
                .add(Tex.plain(s.reduced()), "reduced", "This is less than before. Does the price go up or down?")
                .add(Tex.plain(more), "part-only", "That is what is added. What is to be paid in all?")
                .add(
                        Tex.plain(s.full().plus(Rational.of(s.percent()))),
                        "percent-as-money",
                        "It looks as if the percent was added as dollars. It is a share of the price.");
        String p = Tex.number(s.full());
        return Items.of(ref)
                .text(frame.formatted(s.ware().article(), s.percent(), Tex.money(s.full())))
                .part(Part.of(
                        "What does it cost now?",
                        SaleParts.dollars("Price in dollars", answer, mistakes),
                        "Is it more or less than before?",
                        "The old price is 100%. The new one is the old one and the percent of it together.",
                        "$100\\% + " + s.percent() + "\\% = " + (100 + s.percent()) + "\\%$, as a decimal number $"
                                + s.more() + "$."))
                .step(
                        "The old price is 100%, and " + s.percent() + "% of it comes on top.",
                        p + "\\cdot (1 + " + s.off() + ")")
                .step("That is " + s.more() + " times the old price.", p + "\\cdot " + s.more())
                .step("Multiply.", Tex.number(raised))
                .calculator()
                .given(Tex.plain(s.full()) + "*(1+" + s.off() + ")")
                .build();
    }
}
