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
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/**
 * Absolute values: of numbers, of sums and differences, and combined. Whoever leaves out all signs and adds is right in
 * few of them: the signs inside the bars are chosen so.
 */
public final class AbsoluteValue extends SkillDefinition {
    /** One of so many items is an easy one, in which leaving out the signs happens to be right. */
    private static final int ONE_OF = 10;

    public AbsoluteValue() {
        super("absolute-value", "Absolute value", List.of("bare", "distance"));
    }

    @Override
    public int version() {
        return 3;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        return ref.variant().equals("bare") ? bare(ref, draw) : distance(ref, draw);
    }

    private static Item bare(ItemRef ref, Draw draw) {
        int most = Grounds.of(ref.tier(), 20, 25, 15);
        BarSum sum =
                switch (ref.tier()) {
                    case 1 -> small(draw, most);
                    case 2 -> BarSum.plain(inside(draw, most));
                    default -> BarSum.scaled(draw.between(2, 6), inside(draw, most), Bars.of(draw.between(-9, -2)));
                };
        return item(ref, sum, "Find the value.", "A minus before the bars is not inside of them: it stays.");
    }

    /** A number in bars, with a minus before them, or two of them. */
    private static BarSum small(Draw draw, int most) {
        int a = draw.between(-most, most, n -> Math.abs(n) > 1);
        int b = draw.between(-most, -2, n -> Math.abs(n) != Math.abs(a));
        return switch (draw.between(1, ONE_OF)) {
            case 1 -> BarSum.plain(Bars.of(-Math.abs(a)));
            case 2, 3 -> BarSum.minus(Bars.of(a));
            case 4, 5 -> BarSum.difference(Bars.of(b), Bars.of(a));
            default -> BarSum.difference(Bars.of(a), Bars.of(b));
        };
    }

    /** Two numbers of which the signs matter; seldom a negative one less a positive one. */
    private static Bars inside(Draw draw, int most) {
        int a = draw.between(2, most);
        int b = draw.between(2, most, n -> n != a);
        return switch (draw.between(1, ONE_OF)) {
            case 1 -> Bars.difference(-a, b);
            case 2, 3 -> Bars.sum(-a, b);
            case 4, 5 -> Bars.sum(a, -b);
            case 6, 7 -> Bars.difference(-a, -b);
            default -> Bars.difference(Math.min(a, b), Math.max(a, b));
        };
    }

    private static Item distance(ItemRef ref, Draw draw) {
        String rule = "A distance is the larger number less the smaller one; the bars do that in any order.";
        return switch (ref.tier()) {
            case 1 -> {
                int cave = draw.between(-25, -8);
                int spring = draw.between(1, ONE_OF) == 1 ? 0 : draw.between(-25, -2, n -> Math.abs(n - cave) > 1);
                yield item(
                        ref,
                        BarSum.plain(Bars.difference(cave, spring)),
                        "Heights are measured from the valley floor. A cave lies at $" + cave
                                + "$ metres, a spring at $" + spring
                                + "$ metres. How many metres of height lie between the two? Find the value.",
                        rule);
            }
            case 2 -> {
                boolean mixed = draw.between(1, ONE_OF) == 1;
                int night = draw.between(-20, -4);
                int noon = mixed ? draw.between(1, 9) : draw.between(-12, -1, n -> n > night + 1 || n < night - 1);
                yield item(
                        ref,
                        BarSum.plain(Bars.difference(night, noon)),
                        "On the pass it was $" + night + "$ °C at night and $" + noon
                                + "$ °C at noon. How many degrees lie between the two? Find the value.",
                        rule);
            }
            default -> {
                int from = draw.between(-30, -12);
                int up = draw.between(-9, -2);
                int down = draw.between(-28, -11, n -> n != from);
                yield item(
                        ref,
                        BarSum.sum(Bars.difference(up, from), Bars.difference(down, up)),
                        "A bucket hangs in the well at $" + from + "$ metres. It is pulled up to $" + up
                                + "$ metres and let down again to $" + down
                                + "$ metres. How many metres did it travel in all? Find the value.",
                        "Each way is a distance of its own; add the two.");
            }
        };
    }

    private static Item item(ItemRef ref, BarSum sum, String stem, String rule) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(sum.value()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(sum.bracketed()),
                        "bars-as-brackets",
                        "It looks as if the bars were read as brackets. They give the distance from zero of what is"
                                + " inside.")
                .add(
                        String.valueOf(sum.withoutSigns()),
                        "signs-left-out",
                        "It looks as if every sign was left out. Work out what is inside the bars first, with its"
                                + " signs.")
                .add(
                        String.valueOf(-sum.value()),
                        "sign",
                        "The size is right. Is what you ended with on this side of zero?");
        Field field = Field.typed("answer", "Value", "a whole number, with its sign", answer, mistakes.list());
        Items item = Items.of(ref)
                .text(stem)
                .formula(sum.text())
                .part(Part.of(
                        "What is the value?",
                        field,
                        "How far from zero is what stands between the bars?",
                        "Work out what is between the bars first. The bars then give its distance from zero. " + rule,
                        sum.first().isOne()
                                ? "On which side of zero does $" + sum.first().text() + "$ lie?"
                                : "Between the first bars stands $"
                                        + sum.first().text() + "$. On which side of zero does" + " that end?"));
        if (!sum.open().equals(sum.text())) {
            item.step("Work out what stands between the bars.", sum.open());
        }
        item.step("Each pair of bars gives a distance from zero, which is never negative.", sum.sizes());
        if (!sum.sizes().equals(String.valueOf(sum.value()))) {
            item.step("Work it out.", String.valueOf(sum.value()));
        } else if (sum.open().equals(sum.text())) {
            item.step("That is the value.", String.valueOf(sum.value()));
        }
        return item.given(sum.text())
                .second(
                        "On a number line",
                        new Block.Text("The bars ask how many steps it is from zero to $"
                                + sum.first().value() + "$."),
                        new Block.Picture(line(sum.first().value())))
                .build();
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
