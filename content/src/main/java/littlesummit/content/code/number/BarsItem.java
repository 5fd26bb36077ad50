package littlesummit.content.code.number;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/**
 * The value of an expression with bars. Whoever leaves out all signs and adds is right in few of them: the signs inside
 * the bars are chosen so.
 */
final class BarsItem {
    /** One of so many items is an easy one, in which leaving out the signs happens to be right. */
    private static final int ONE_OF = 10;

    private static final String STAYS = "A minus before the bars is not inside of them: it stays.";

    private BarsItem() {}

    /** A number in bars, with a minus before them, or two of them. */
    static Item small(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(-20, 20, n -> Math.abs(n) > 1);
        int b = draw.between(-20, -2, n -> Math.abs(n) != Math.abs(a));
        BarSum sum =
                switch (draw.between(1, ONE_OF)) {
                    case 1 -> BarSum.plain(Bars.of(-Math.abs(a)));
                    case 2, 3 -> BarSum.minus(Bars.of(a));
                    case 4, 5 -> BarSum.difference(Bars.of(b), Bars.of(a));
                    default -> BarSum.difference(Bars.of(a), Bars.of(b));
                };
        return bare(ref, sum, frame, STAYS);
    }

    static Item inside(ItemRef ref, String frame, Draw draw) {
        return bare(
                ref, BarSum.plain(inside(draw, 25)), frame, "So work out what is inside, and then ask how far it is.");
    }

    static Item scaled(ItemRef ref, String frame, Draw draw) {
        BarSum sum = BarSum.scaled(draw.between(2, 6), inside(draw, 15), Bars.of(draw.between(-9, -2)));
        return bare(ref, sum, frame, STAYS);
    }

    static Item journey(ItemRef ref, String frame, Draw draw) {
        int from = draw.between(-30, -12);
        int up = draw.between(-9, -2);
        int down = draw.between(-28, -11, n -> n != from);
        return item(
                        Items.of(ref).text(frame.formatted(from, up, down)),
                        true,
                        BarSum.sum(Bars.difference(up, from), Bars.difference(down, up)),
                        "Each way is a distance of its own; add the two.")
                .build();
    }

    /** Two numbers that mostly end below zero: leaving out signs and reading bars as brackets are seldom right. */
    private static Bars inside(Draw draw, int most) {
        int a = draw.between(2, most);
        int b = draw.between(2, most, n -> n != a);
        boolean isAbove = draw.between(1, ONE_OF) == 1;
        int large = isAbove ? Math.min(a, b) : Math.max(a, b);
        int small = isAbove ? Math.max(a, b) : Math.min(a, b);
        return switch (draw.between(1, ONE_OF)) {
            case 1 -> Bars.difference(-a, b);
            case 2, 3 -> Bars.sum(-large, small);
            case 4, 5 -> Bars.sum(small, -large);
            case 6, 7 -> Bars.difference(-large, -small);
            default -> Bars.difference(small, large);
        };
    }

    private static Item bare(ItemRef ref, BarSum sum, String frame, String rule) {
        return item(Items.of(ref).text(frame).formula(sum.text()), false, sum, rule)
                .build();
    }

    /**
     * With part, solution and second explanation.
     *
     * @param start with the stem
     * @param isInWords whether the expression still has to be written
     * @param rule what helps here, besides what the bars mean
     */
    static Items item(Items start, boolean isInWords, BarSum sum, String rule) {
        Items item = start.part(part(sum, rule, isInWords));
        if (isInWords) {
            item.step("A way from one place to another is the absolute value of their difference.", sum.text());
        }
        if (!sum.text().equals(sum.open())) {
            item.step("Work out what stands between the bars.", sum.open());
        }
        item.step("Each pair of bars gives a distance from zero, which is never negative.", sum.sizes());
        if (!sum.sizes().equals(String.valueOf(sum.value()))) {
            item.step("Work it out.", String.valueOf(sum.value()));
        } else if (!isInWords && sum.text().equals(sum.open())) {
            item.step("So the value is:", String.valueOf(sum.value()));
        }
        return item.given(sum.text())
                .second(
                        "On a number line",
                        new Block.Text("The bars ask how many steps it is from zero to $"
                                + sum.first().value() + "$."),
                        new Block.Picture(line(sum.first().value())));
    }

    private static Part part(BarSum sum, String rule, boolean isInWords) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(sum.value()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(sum.bracketed()),
                        "bars-as-brackets",
                        "It looks as if a distance came out negative, or was taken with the wrong sign. Bars give the"
                                + " distance from zero of what is inside.")
                .add(
                        String.valueOf(sum.withoutSigns()),
                        "signs-left-out",
                        "It looks as if every sign was left out. On which side of zero does each number lie?")
                .add(
                        String.valueOf(-sum.value()),
                        "sign",
                        isInWords
                                ? "The size is right. Can a distance be negative?"
                                : "The size is right. On which side of zero does it end?");
        Field field = isInWords
                ? Field.typed("answer", "Distance", "a whole number", answer, mistakes.list())
                : Field.typed("answer", "Value", "a whole number, with its sign", answer, mistakes.list());
        return Part.of(
                isInWords ? "How far is it?" : "What is the value?",
                field,
                isInWords
                        ? "From where to where does each way lead?"
                        : sum.first().isOne()
                                ? "How far from zero is each of the numbers?"
                                : "What has to be worked out before the bars can be left out?",
                "An absolute value is a distance from zero, so it is never negative. " + rule,
                isInWords
                        ? "Where is zero: between the two places of a way, or beside both?"
                        : sum.first().isOne()
                                ? "On which side of zero does $" + sum.first().text() + "$ lie?"
                                : "Begin with $" + sum.first().text() + "$. On which side of zero does that end?");
    }

    private static Figure.NumberLine line(int inner) {
        int low = Math.min(0, inner) - 2;
        int high = Math.max(0, inner) + 2;
        return new Figure.NumberLine(
                "A number line with marks at 0 and " + inner + ".",
                low,
                high,
                high - low > 30 ? 10 : high - low > 14 ? 5 : 1,
                List.of(new Figure.Mark(0, "0", true), new Figure.Mark(inner, String.valueOf(inner), false)));
    }
}
