package littlesummit.content.code.fraction;

import java.util.List;
import littlesummit.content.code.fraction.BarParts.Situation;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** In three steps from one percent to the other: the whole, the bar, the percent. */
final class PercentLeft {

    private PercentLeft() {}

    static Item price(ItemRef ref, String frame, Draw draw) {
        Rational percent = tens(draw);
        return item(
                ref,
                frame.formatted(Ware.draw(draw).article(), Tex.plain(percent)) + " What percent is left to pay?",
                new Situation("the full price", "the discount", "the reduced price"),
                percent,
                true,
                draw);
    }

    static Item tank(ItemRef ref, String frame, Draw draw) {
        Rational percent = tens(draw);
        return item(
                ref,
                frame.formatted(Tex.plain(percent)) + " What percent is left?",
                new Situation("the full tank", "the water used", "the water left"),
                percent,
                true,
                draw);
    }

    private static Rational tens(Draw draw) {
        return Rational.of(10L * draw.between(1, 8, n -> n != 5));
    }

    /** The rest is known, and what is gone is asked for; the percents are not round. */
    static Item gone(ItemRef ref, String frame, Draw draw) {
        Rational percent = draw.coin()
                ? Rational.of(draw.between(4, 88, n -> n % 10 != 0 && n != 50))
                : Rational.of(2L * draw.between(5, 90, n -> n != 50) + 1, 2);
        Situation situation = frame.contains("seats")
                ? new Situation("all seats", "the seats taken", "the free seats")
                : frame.contains("bread")
                        ? new Situation("all the bread", "the bread eaten", "the bread left")
                        : new Situation("all the wood", "the wood burnt", "the wood left");
        String asks = frame.contains("seats") ? "are taken" : frame.contains("bread") ? "has been eaten" : "is burnt";
        return item(
                ref,
                frame.formatted(Tex.plain(percent)) + " What percent " + asks + "?",
                situation,
                percent,
                false,
                draw);
    }

    private static Item item(
            ItemRef ref, String text, Situation situation, Rational percent, boolean offKnown, Draw draw) {
        Rational other = Percents.HUNDRED.minus(percent);
        Rational gone = offKnown ? percent : other;
        String p = Tex.plain(percent);
        return Items.of(ref)
                .text(text)
                .part(BarParts.name(situation, draw))
                .part(BarParts.place(situation, percent, gone, offKnown, draw))
                .part(asked(situation, percent, other, offKnown))
                .step("Name the whole: " + situation.whole() + " is 100%.", "")
                .step("Take away the part that is known: " + p + "%.", "100 - " + p)
                .step("Work it out: that percent is the other part.", Tex.plain(other))
                .given("100 - " + p)
                .second("As a bar", new Block.Text("The whole bar is 100%. The two pieces fill it."), bar(gone))
                .build();
    }

    private static Block bar(Rational gone) {
        Rational left = Percents.HUNDRED.minus(gone);
        return new Block.Picture(new Figure.Bar(
                "A bar of 100% cut into " + Tex.plain(left) + "% left and " + Tex.plain(gone) + "% gone.",
                "100%",
                List.of(
                        new Figure.Piece(size(left), "left", true, ""),
                        new Figure.Piece(size(gone), Tex.plain(gone) + "%", false, ""))));
    }

    private static double size(Rational percent) {
        return percent.num().doubleValue() / percent.den().doubleValue();
    }

    private static Part asked(Situation w, Rational percent, Rational other, boolean offKnown) {
        AnswerSpec answer = Percents.answer(other);
        String known = offKnown ? w.off() : w.left();
        String wanted = offKnown ? w.left() : w.off();
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(percent),
                        "known-for-wanted",
                        "That belongs to " + known + ". Find what belongs to " + wanted + ".")
                .add(
                        Tex.plain(Percents.HUNDRED.plus(percent)),
                        "added",
                        "That is more than the whole. Is something taken away or added?")
                .addIf(
                        !offKnown && other.compareTo(Rational.of(90)) < 0,
                        Tex.plain(other.plus(Rational.of(10))),
                        "ten-off",
                        "Close. Check by adding both parts: they make 100%.");
        return Part.of(
                "Now find the percent that belongs to " + wanted + ".",
                Percents.field("Percent: " + wanted, answer, mistakes),
                "Both pieces of the bar make 100% together.",
                "One part is the whole less the other part.",
                "Start with 100% and take away " + Tex.plain(percent) + "%.");
    }
}
