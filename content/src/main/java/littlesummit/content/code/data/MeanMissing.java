package littlesummit.content.code.data;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** The mean is known, and all values but one. */
final class MeanMissing {
    private MeanMissing() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int n = draw.between(4, 6);
        int mean = draw.between(24, 60);
        List<Integer> known = new ArrayList<>();
        int key;
        do {
            known.clear();
            for (int i = 1; i < n; i++) {
                known.add(mean + draw.between(-15, 15));
            }
            key = mean * n - sum(known);
        } while (key < 8 || key > mean + 40 || Math.abs(key - mean) < 4 || known.contains(key));
        int others = sum(known);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(mean),
                        "the-mean-itself",
                        "The mean of all is not the mean of each. Put yours in: does the mean come out?")
                .add(
                        String.valueOf(Math.abs(mean * (n - 1) - others)),
                        "wrong-count",
                        "How many values are there with the missing one?")
                .add(
                        String.valueOf(mean * n),
                        "all-of-them",
                        "That is the sum of all values, with the known ones in it.")
                .add(String.valueOf(others), "the-others", "That is the sum of those that are known.");
        List<String> days = new ArrayList<>();
        for (int i = 1; i <= n; i++) {
            days.add(String.valueOf(i));
        }
        List<String> cells = new ArrayList<>(known.stream().map(String::valueOf).toList());
        cells.add(draw.between(0, n - 1), "?");
        String added = known.stream().map(String::valueOf).collect(Collectors.joining(" - "));
        return Items.of(ref)
                .text(frame.formatted(n, "$" + mean + "$"))
                .table(days, List.of(cells))
                .part(Part.of(
                        "Which value is missing?",
                        Field.typed("answer", "Missing value", "a whole number", answer, mistakes.list()),
                        "What do all values add up to when their mean is $" + mean + "$?",
                        "The sum is the mean times how many there are. What is known is taken away from it.",
                        "All of them together come to $" + n + "\\cdot " + mean + "$."))
                .step("The sum of all is the mean times how many there are.", n + "\\cdot " + mean + " - " + added)
                .step("Multiply, and add up what is known.", mean * n + " - " + others)
                .step("Take away what is known.", String.valueOf(key))
                .calculator()
                .given(n + "*" + mean + " - " + added)
                .build();
    }

    private static int sum(List<Integer> values) {
        return values.stream().mapToInt(Integer::intValue).sum();
    }
}
