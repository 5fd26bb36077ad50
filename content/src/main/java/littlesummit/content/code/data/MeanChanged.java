package littlesummit.content.code.data;

import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Means that are put together: with one more value, or with the mean of another group. */
final class MeanChanged {
    private static final Rational TWO = Rational.of(2);

    private MeanChanged() {}

    static Item newValue(ItemRef ref, String frame, Draw draw) {
        int n = draw.between(4, 9);
        int mean = draw.between(12, 30);
        int next = draw.between(5, 60, k -> Math.abs(k - mean) > 5);
        Rational changed = Rational.of(n * mean + next, n + 1);
        Mistakes mistakes = Mistakes.of(Measured.rounded(changed))
                .add(
                        Measured.one(Rational.of(mean + next).over(TWO)),
                        "mean-of-two",
                        "The old mean stands for " + n + " values, the new value for one. They do not count alike.")
                .add(
                        Measured.one(Rational.of(n * mean + next, n)),
                        "wrong-count",
                        "How many values are there now, with the new one?")
                .add(
                        Measured.one(Rational.of(mean + next, n + 1)),
                        "mean-as-sum",
                        "The old mean was taken for the old sum.");
        return weighted(
                Items.of(ref).text(frame.formatted(n, mean, next)),
                Part.of(
                        "What is the mean now? Round to the nearest tenth.",
                        Measured.field("New mean", changed, mistakes),
                        "What was the sum before the new value came?",
                        "The mean says what each would have if all had the same. Times their number, it gives the sum.",
                        "The old sum was $" + n + "\\cdot " + mean + "$."),
                n + "\\cdot " + mean + " + " + next,
                n * mean + next,
                String.valueOf(n + 1),
                n + 1,
                changed);
    }

    static Item groups(ItemRef ref, String frame, Draw draw) {
        int first = draw.between(3, 9);
        int second = draw.between(10, 24);
        int low = draw.between(6, 14);
        int high = low + draw.between(3, 9);
        boolean swap = draw.coin();
        int one = swap ? high : low;
        int two = swap ? low : high;
        Rational all = Rational.of(first * one + second * two, first + second);
        Mistakes mistakes = Mistakes.of(Measured.rounded(all))
                .add(
                        Measured.one(Rational.of(one + two).over(TWO)),
                        "mean-of-means",
                        "That would be so if both groups were equally large.")
                .add(
                        Measured.one(Rational.of(first * one + second * two).over(TWO)),
                        "wrong-count",
                        "There are two groups, and more than two who share.")
                .add(
                        Measured.one(Rational.of(first * two + second * one, first + second)),
                        "swapped",
                        "Which mean belongs to which group?");
        return weighted(
                Items.of(ref).text(frame.formatted(first, one, second, two)),
                Part.of(
                        "What is the mean of all together? Round to the nearest tenth.",
                        Measured.field("Mean of all", all, mistakes),
                        "Which of the two groups is larger? The mean of all lies nearer to its mean.",
                        "Work out the sum of each group first, then share what they have together.",
                        "The first group comes to $" + first + "\\cdot " + one + "$ together."),
                first + "\\cdot " + one + " + " + second + "\\cdot " + two,
                first * one + second * two,
                first + " + " + second,
                first + second,
                all);
    }

    private static Item weighted(Items item, Part part, String sums, int sum, String counts, int count, Rational mean) {
        String quotient = Measured.share(Rational.of(sum), Rational.of(count));
        return item.part(part)
                .step("The sum of all, over how many there are.", "\\frac{" + sums + "}{" + counts + "}")
                .step("Work out the sum and the number.", quotient)
                .step(Measured.endWords(mean), Measured.ends(quotient, mean))
                .calculator()
                .given("(" + sums + ")/(" + counts + ")")
                .build();
    }
}
