package littlesummit.content.code.data;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** Values of which each occurs several times: the table says how often. */
final class MeanOften {
    private static final int VALUES = 4;

    private MeanOften() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        boolean eggs = frame.contains("eggs");
        int least = draw.between(2, 6);
        List<Integer> values =
                IntStream.range(0, VALUES).mapToObj(i -> least + i).toList();
        List<Integer> often;
        do {
            often = IntStream.range(0, VALUES)
                    .mapToObj(i -> draw.between(2, 12))
                    .toList();
        } while (isEven(often));
        int total = often.stream().mapToInt(Integer::intValue).sum();
        List<Integer> times = often;
        int sum = IntStream.range(0, VALUES)
                .map(i -> values.get(i) * times.get(i))
                .sum();
        Rational mean = Rational.of(sum, total);
        int plain = values.stream().mapToInt(Integer::intValue).sum();
        Mistakes mistakes = Mistakes.of(Measured.rounded(mean))
                .add(
                        Measured.one(Rational.of(plain, VALUES)),
                        "how-often-ignored",
                        "Every value was taken once. The second row says how often each of them occurs.")
                .add(
                        Measured.one(Rational.of(sum, VALUES)),
                        "wrong-count",
                        "The sum belongs to all of them, not to four. How many are there in all?")
                .add(
                        Measured.one(Rational.of(total, VALUES)),
                        "other-row",
                        "That is the mean of the second row. It says how often the values of the first occur.")
                .add(Tex.plain(Rational.of(sum)), "not-divided", "That is the sum. Divide it by how many there are.");
        String products = IntStream.range(0, VALUES)
                .mapToObj(i -> values.get(i) + "\\cdot " + times.get(i))
                .collect(Collectors.joining(" + "));
        String counted = times.stream().map(String::valueOf).collect(Collectors.joining(" + "));
        String quotient = Measured.share(Rational.of(sum), Rational.of(total));
        return Items.of(ref)
                .text(frame)
                .table(row(eggs ? "eggs" : "tours", values), List.of(row(eggs ? "weeks" : "children", times)))
                .part(Part.of(
                        eggs
                                ? "How many eggs were there in a week on average? Round to the nearest tenth."
                                : "How many tours did a child go on, on average? Round to the nearest tenth.",
                        Measured.field("Mean", mean, mistakes),
                        "How many " + (eggs ? "weeks" : "children") + " are there in all?",
                        "A value that occurs several times is added several times: multiply each value by how often it"
                                + " occurs.",
                        "The sum begins with $" + values.get(0) + "\\cdot " + times.get(0) + " + " + values.get(1)
                                + "\\cdot " + times.get(1) + "$."))
                .step(
                        "Every value times how often it occurs, over how many there are.",
                        "\\frac{" + products + "}{" + counted + "}")
                .step("Work out both.", quotient)
                .step(Measured.endWords(mean), Measured.ends(quotient, mean))
                .calculator()
                .given("(" + products + ")/(" + counted + ")")
                .build();
    }

    /** All equally often, or the same from both ends: then it does not matter. */
    private static boolean isEven(List<Integer> often) {
        return often.get(0).equals(often.get(3)) && often.get(1).equals(often.get(2))
                || Math.abs(often.get(0) + often.get(1) - often.get(2) - often.get(3)) < 4;
    }

    private static List<String> row(String name, List<Integer> numbers) {
        List<String> row = new ArrayList<>(List.of(name));
        numbers.forEach(n -> row.add(String.valueOf(n)));
        return row;
    }
}
