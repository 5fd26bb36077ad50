package littlesummit.content.code.fraction;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Part;
import littlesummit.core.item.SecondView;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** What items about reduced prices have in common: what is asked about the equation, the price to work out, the bar. */
final class SaleParts {
    private SaleParts() {}

    static Part chooseEquation(Field equation, Sale s) {
        return Part.of(
                "Let $x$ be the price you look for, in dollars. Which equation fits?",
                equation,
                "Which price is the whole, the 100%?",
                "A price reduced by a percent is 100% less that percent of the full price.",
                "Take " + s.percent() + "% away from 100%. What is that as a decimal number?");
    }

    /** An amount of dollars to type. */
    static Field dollars(String label, AnswerSpec answer, Mistakes mistakes) {
        return Field.typed("price", label, "dollars as a decimal number, such as 12 or 12.50", answer, mistakes.list());
    }

    /** A point that is one place off, to either side. */
    static Mistakes pointMoved(Mistakes mistakes, Rational right) {
        String message = "The digits are right. Is the decimal point in its place?";
        return mistakes.add(Tex.plain(right.times(Rational.of(10))), "decimal-point", message)
                .add(Tex.plain(right.over(Rational.of(10))), "decimal-point", message);
    }

    static Part price(AnswerSpec answer, Mistakes mistakes, Sale s, boolean back) {
        return Part.of(
                "Now work out the price.",
                dollars("Price in dollars", answer, mistakes),
                "Should your answer be more or less than the price you were given?",
                back
                        ? "To undo a multiplication, divide by the same number."
                        : "Multiply the full price by the share that is left.",
                back
                        ? "Divide " + Tex.money(s.reduced()) + " by " + s.left() + "."
                        : "Multiply " + Tex.money(s.full()) + " by " + s.left() + ".");
    }

    static SecondView bar(Sale s) {
        Figure.Bar bar = new Figure.Bar(
                "A bar for the full price, cut into " + (100 - s.percent()) + "% that is paid and " + s.percent()
                        + "% that is taken off.",
                "full price: 100%",
                List.of(
                        new Figure.Piece(100 - s.percent(), "paid: " + (100 - s.percent()) + "%", true, ""),
                        new Figure.Piece(s.percent(), "off: " + s.percent() + "%", false, "")));
        return new SecondView(
                "As a bar",
                List.of(
                        new Block.Text("The whole bar is the full price. The shaded piece is what you pay: "
                                + (100 - s.percent()) + " of 100 equal parts."),
                        new Block.Picture(bar)));
    }
}
