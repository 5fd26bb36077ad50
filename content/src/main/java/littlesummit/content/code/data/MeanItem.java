package littlesummit.content.code.data;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** Values added and shared out equally. */
final class MeanItem {
    private MeanItem() {}

    static Item values(ItemRef ref, String frame, Draw draw) {
        return table(ref, frame, Measured.drawn(draw, draw.between(4, 5), 15, 60, false));
    }

    static Item tenths(ItemRef ref, String frame, Draw draw) {
        return table(ref, frame, Measured.drawn(draw, draw.between(6, 8), 4, 30, true));
    }

    private static Item table(ItemRef ref, String frame, Measured data) {
        Rational mean = data.mean();
        Rational n = Rational.of(data.count());
        Mistakes mistakes = Mistakes.of(Measured.rounded(mean))
                .add(
                        Tex.plain(data.median()),
                        "median",
                        "That is the one in the middle. The mean shares the sum equally.")
                .add(
                        Measured.one(data.sum().over(Rational.of(data.count() - 1))),
                        "wrong-count",
                        "Count the values again: by how many do you divide?")
                .add(
                        Measured.one(data.values()
                                .getFirst()
                                .plus(data.values().getLast())
                                .over(Rational.of(2))),
                        "first-and-last",
                        "All values belong to it, not only the first and the last.")
                .add(Tex.plain(data.sum()), "not-divided", "That is the sum. Divide it by how many values there are.");
        String quotient = Measured.share(data.sum(), n);
        return Items.of(ref)
                .text(frame.formatted(data.count()))
                .table(data.days(), List.of(data.cells()))
                .part(Part.of(
                        "What is the mean? Round to the nearest tenth.",
                        Measured.field("Mean", mean, mistakes),
                        "If every day had the same amount, how much would it be?",
                        "Add all the values and divide by how many there are.",
                        "There are " + data.count() + " values. Their sum begins with $"
                                + Tex.plain(data.values().get(0)) + " + "
                                + Tex.plain(data.values().get(1)) + " = "
                                + Tex.plain(
                                        data.values().get(0).plus(data.values().get(1))) + "$."))
                .step(
                        "Write the sum of all values over how many there are.",
                        "\\frac{" + data.added() + "}{" + data.count() + "}")
                .step("Add them up.", quotient)
                .step(Measured.endWords(mean), Measured.ends(quotient, mean))
                .calculator()
                .given("(" + data.added() + ")/" + data.count())
                .build();
    }

    static Item sum(ItemRef ref, String frame, Draw draw) {
        int n = draw.between(4, 9);
        int sum = draw.between(n * 11, n * 24, k -> k % n != 0);
        Rational mean = Rational.of(sum, n);
        Mistakes mistakes = Mistakes.of(Measured.rounded(mean))
                .addIf(
                        Rational.of(n, sum).roundHalfUp(1).signum() > 0,
                        Measured.one(Rational.of(n, sum)),
                        "turned-round",
                        "It looks as if it was divided the other way round.")
                .add(
                        Measured.one(Rational.of(sum, n - 1)),
                        "wrong-count",
                        "Into how many equal parts is the whole shared?")
                .add(
                        String.valueOf(sum - n),
                        "subtracted",
                        "Nothing is taken away here. The whole is shared out equally.");
        String quotient = Measured.share(Rational.of(sum), Rational.of(n));
        return Items.of(ref)
                .text(frame.formatted(n, sum))
                .part(Part.of(
                        "Work out the mean. Round to the nearest tenth.",
                        Measured.field("Mean", mean, mistakes),
                        "The sum is given already. What is still to be done?",
                        "The mean is the sum divided by how many there are.",
                        "Share $" + sum + "$ into $" + n + "$ equal parts."))
                .step("Write the sum over how many there are.", quotient)
                .step(Measured.endWords(mean), Measured.ends(quotient, mean))
                .calculator()
                .given(sum + "/" + n)
                .build();
    }
}
