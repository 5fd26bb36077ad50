package littlesummit.content.code.data;

import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Tex;

/** What a mean says about its values: one statement of four is true. The false ones are commonly believed. */
final class MeanClaims {
    private MeanClaims() {}

    /** A statement that does not hold for the values, with what shows it. */
    private record False(String text, String slip, String message) {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Measured data = suitable(draw);
        int more = draw.between(2, 6);
        int n = data.count();
        int one = n * draw.between(2, 4);
        List<String> statements = List.of(
                "If every value were " + more + " larger, the mean would be " + more + " larger, too.",
                "If one of the values were " + one + " larger, the mean would be " + one / n + " larger.",
                "If every value were doubled, the mean would double, too.",
                "If one more value came that is equal to the mean, the mean would stay as it is.");
        int right = draw.between(0, statements.size() - 1);
        Choices choices = Choices.right(statements.get(right));
        draw.shuffled(believed(more, one)).subList(0, 3).forEach(f -> choices.wrong(f.text(), f.slip(), f.message()));
        String values = Words.list(data.cells().stream().map(c -> "$" + c + "$").toList());
        return Items.of(ref)
                .text(frame.formatted(values, "$" + Tex.plain(data.mean()) + "$"))
                .part(Part.of(
                        "Which statement is true?",
                        choices.shuffled("claim", "True", draw),
                        "Try each statement with these values: what happens to their sum?",
                        "The mean is the sum divided by how many there are. Ask what changes in each of the two.",
                        "The sum is $" + Tex.plain(data.sum()) + "$ now, and there are $" + n + "$ values."))
                .step("Now the mean is the sum over how many there are.", "\\frac{" + data.added() + "}{" + n + "}")
                .step(
                        switch (right) {
                            case 0 ->
                                "Each of the " + n + " values adds " + more + " to the sum; shared equally, " + more
                                        + " more for each.";
                            case 1 ->
                                "The sum grows by " + one + ". Shared among " + n + " values, that is " + one / n
                                        + " for each.";
                            case 2 -> "The sum doubles, and there are as many values as before.";
                            default -> "The new value brings just what each of the others has when all have the same.";
                        },
                        "")
                .calculator()
                .given("(" + data.added() + ")/" + n)
                .build();
    }

    private static List<False> believed(int more, int one) {
        return List.of(
                new False(
                        "Half of the values lie below the mean.",
                        "mean-as-median",
                        "Count how many of these values lie below it, and how many above."),
                new False("The mean is one of the values.", "mean-as-value", "Look for it among the values."),
                new False(
                        "If one more value of 0 came, the mean would stay as it is.",
                        "zero-ignored",
                        "The sum would stay, and it would be shared among one value more."),
                new False(
                        "If every value were " + more + " larger, the mean would stay as it is.",
                        "mean-fixed",
                        "Then the sum would be larger, and there would be as many values as before."),
                new False(
                        "If one of the values were " + one + " larger, the mean would be " + one + " larger, too.",
                        "change-not-shared",
                        "What one value has more is shared among all of them."),
                new False(
                        "The mean lies halfway between the smallest and the largest value.",
                        "halfway",
                        "Work out what lies halfway, and compare."));
    }

    /** The mean is whole, no value, not in the middle, not halfway; not half of the values lie below it. */
    private static Measured suitable(Draw draw) {
        while (true) {
            Measured data = Measured.drawn(draw, draw.between(5, 6), 5, 40, false);
            List<Rational> sorted = data.values().stream().sorted().toList();
            Rational halfway = sorted.getFirst().plus(sorted.getLast()).over(Rational.of(2));
            Rational mean = data.mean();
            long below = sorted.stream().filter(v -> v.compareTo(mean) < 0).count();
            boolean fits = mean.isInteger()
                    && sorted.stream().distinct().count() == data.count()
                    && !sorted.contains(mean)
                    && !halfway.equals(mean)
                    && below * 2 != data.count();
            if (fits) {
                return data;
            }
        }
    }
}
