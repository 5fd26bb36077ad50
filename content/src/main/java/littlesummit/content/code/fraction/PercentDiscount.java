package littlesummit.content.code.fraction;

import java.util.List;
import java.util.Optional;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.SecondView;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/**
 * Reduced prices: the equation first, then the price; on the third level from the reduced price back to the full one.
 */
public final class PercentDiscount extends SkillDefinition {
    public PercentDiscount() {
        super("percent-discount", "Reduced prices", List.of("reduced-season", "reduced-member"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public List<String> variants(int tier) {
        return tier == 3 ? List.of("original-season", "original-scratched") : super.variants(tier);
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        Sale sale = Sale.draw(
                ref.tier(), ref.variant().equals("original-scratched") ? Ware.drawSolid(draw) : Ware.draw(draw), draw);
        return ref.tier() == 3 ? original(ref, sale, draw) : reduced(ref, sale, draw);
    }

    private Item reduced(ItemRef ref, Sale s, Draw draw) {
        String stem = ref.variant().equals("reduced-season")
                ? "At the end of the season, " + s.ware().article() + " costs " + s.percent()
                        + "% less than its full price of " + Tex.money(s.full()) + "."
                : "Helpers of the rescue post get " + s.percent() + "% off. The full price of "
                        + s.ware().article() + " is " + Tex.money(s.full()) + ".";
        String p = Tex.number(s.full());
        Field equation = equation(
                draw,
                "x = " + s.left() + "\\cdot " + p,
                new Wrong(
                        "discount-only",
                        "x = " + s.off() + "\\cdot " + p,
                        "That gives what is taken off. What is left to pay?"),
                new Wrong(
                        "percent-as-money",
                        "x = " + p + " - " + s.percent(),
                        "That takes off dollars. A percent is a share of the price."),
                new Wrong(
                        "added",
                        "x = " + s.more() + "\\cdot " + p,
                        "That makes the price go up. Is it reduced or raised?"));
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
                        "This is more than the full price. Is it reduced or raised?")
                .add(
                        Tex.plain(s.reduced().times(Rational.of(10))),
                        "decimal-point",
                        "The digits are right. Is the decimal point in its place?")
                .add(
                        Tex.plain(s.reduced().over(Rational.of(10))),
                        "decimal-point",
                        "The digits are right. Is the decimal point in its place?");
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
                List.of(chooseEquation(equation, s), price(answer, mistakes, s, false)),
                worked,
                Optional.of(bar(s)),
                true,
                Tex.plain(s.full()) + "*(1-" + s.off() + ")");
    }

    private Item original(ItemRef ref, Sale s, Draw draw) {
        String stem = ref.variant().equals("original-season")
                ? "At the end of the season everything is " + s.percent() + "% off. Now "
                        + s.ware().article() + " costs " + Tex.money(s.reduced()) + "."
                : s.ware().capital() + " with a small flaw is sold for " + Tex.money(s.reduced()) + ". That is "
                        + s.percent() + "% less than without the flaw.";
        String r = Tex.number(s.reduced());
        Field equation = equation(
                draw,
                s.left() + "\\cdot x = " + r,
                new Wrong(
                        "wrong-whole",
                        "x = " + s.left() + "\\cdot " + r,
                        "That reduces the price once more. Which price is the whole here?"),
                new Wrong(
                        "added",
                        "x = " + s.more() + "\\cdot " + r,
                        "The percent was taken of the full price, not of the reduced one."),
                new Wrong(
                        "discount-only",
                        s.off() + "\\cdot x = " + r,
                        "That would make the reduced price the part taken off. It is the part left."));
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
                        "It looks as if the percent was added as dollars. It is a share of the full price.")
                .add(
                        Tex.plain(s.full().times(Rational.of(10))),
                        "decimal-point",
                        "The digits are right. Is the decimal point in its place?")
                .add(
                        Tex.plain(s.full().over(Rational.of(10))),
                        "decimal-point",
                        "The digits are right. Is the decimal point in its place?");
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
                List.of(chooseEquation(equation, s), price(answer, mistakes, s, true)),
                worked,
                Optional.of(bar(s)),
                true,
                s.left() + "*x=" + Tex.plain(s.reduced()));
    }

    private static Part chooseEquation(Field equation, Sale s) {
        return Part.of(
                "Let $x$ be the price you look for, in dollars. Which equation fits?",
                equation,
                "Which price is the whole, the 100%?",
                "A price reduced by a percent is 100% less that percent of the full price.",
                "$100\\% - " + s.percent() + "\\% = " + (100 - s.percent()) + "\\%$, as a decimal $" + s.left() + "$.");
    }

    private static Part price(AnswerSpec answer, Mistakes mistakes, Sale s, boolean back) {
        Field field = Field.typed(
                "price",
                "Price in dollars",
                "dollars as a decimal number, such as 12 or 12.50",
                answer,
                mistakes.list());
        return Part.of(
                "Now work out the price.",
                field,
                "Should your answer be more or less than the price you were given?",
                back
                        ? "To undo a multiplication, divide by the same number."
                        : "Multiply the full price by the share that is left.",
                back
                        ? "Divide " + Tex.money(s.reduced()) + " by " + s.left() + "."
                        : "Multiply " + Tex.money(s.full()) + " by " + s.left() + ".");
    }

    private record Wrong(String slip, String latex, String message) {}

    private static Field equation(Draw draw, String right, Wrong... wrong) {
        List<String> ids = draw.shuffled(List.of("a", "b", "c", "d"));
        List<Option> options = new java.util.ArrayList<>(List.of(Option.of(ids.get(0), "$" + right + "$")));
        Mistake[] mistakes = new Mistake[wrong.length];
        for (int i = 0; i < wrong.length; i++) {
            options.add(Option.of(ids.get(i + 1), "$" + wrong[i].latex() + "$"));
            mistakes[i] = new Mistake(ids.get(i + 1), wrong[i].slip(), wrong[i].message());
        }
        options.sort(java.util.Comparator.comparing(Option::id));
        return Field.choice("equation", "Equation", options, ids.get(0), mistakes);
    }

    private static SecondView bar(Sale s) {
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

    /** @param full full price in dollars; the reduced one has whole cents */
    record Sale(Ware ware, Rational full, int percent) {
        static Sale draw(int tier, Ware ware, Draw draw) {
            return switch (tier) {
                case 1 ->
                    new Sale(
                            ware,
                            Rational.of(20L * draw.between((ware.from() + 19) / 20, ware.to() / 20)),
                            draw.oneOf(10, 20, 25, 30, 40));
                case 2 ->
                    new Sale(
                            ware,
                            Rational.of(draw.between(ware.from(), ware.to(), n -> n % 10 != 0)),
                            draw.oneOf(5, 15, 35, 45, 12, 18, 24, 32));
                default ->
                    new Sale(
                            ware,
                            Rational.of(5L * draw.between((ware.from() + 4) / 5, ware.to() / 5)),
                            draw.oneOf(10, 15, 20, 25, 30, 35, 40, 60));
            };
        }

        /** Of 100 dollars, so many percent are so many dollars: then what is a mistake elsewhere is right. */
        private static final Rational HUNDRED = Rational.of(100);

        Sale {
            full = full.equals(HUNDRED) ? Rational.of(120) : full;
        }

        Rational leftShare() {
            return Rational.of(100 - percent, 100);
        }

        Rational moreShare() {
            return Rational.of(100 + percent, 100);
        }

        Rational reduced() {
            return full.times(leftShare());
        }

        String left() {
            return Tex.plain(leftShare());
        }

        String off() {
            return Tex.plain(Rational.of(percent, 100));
        }

        String more() {
            return Tex.plain(moreShare());
        }
    }
}
