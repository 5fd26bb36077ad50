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
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/** The mean of 5 to 9 data, to the nearest tenth. */
public final class Mean extends SkillDefinition {
    public Mean() {
        super("mean", "The mean", List.of("snow", "milk"));
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int n = Grounds.of(ref.tier(), 5, draw.between(6, 7), draw.between(8, 9));
        List<Rational> data = draw(ref, n, draw);
        Rational sum = data.stream().reduce(Rational.ZERO, Rational::plus);
        Rational mean = sum.over(Rational.of(n));
        Rational rounded = mean.roundHalfUp(1);
        String head = ref.variant().equals("snow")
                ? "The snow at the trail sign was measured on " + n + " days, in centimetres."
                : "The goat dairy noted the milk of " + n + " mornings, in litres.";
        AnswerSpec answer = AnswerSpec.number(new Form.Rounded(1, false), Linear.fraction(mean));
        Rational median = median(data);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(median.roundHalfUp(1)),
                        "median",
                        "That is the one in the middle. The mean shares the sum equally.")
                .add(
                        Tex.plain(sum.over(Rational.of(n - 1)).roundHalfUp(1)),
                        "wrong-count",
                        "Count the values again: by how many do you divide?")
                .add(Tex.plain(sum), "not-divided", "That is the sum. Divide it by how many values there are.")
                .addIf(
                        !mean.truncate(1).equals(rounded),
                        Tex.plain(mean.truncate(1)),
                        "cut-off",
                        "The digits were cut off. Look at the next digit before you round.")
                .addIf(
                        !mean.equals(rounded),
                        Tex.plain(mean.roundHalfUp(2)),
                        "not-rounded",
                        "Round to one place after the point.");
        Field field = Field.typed("answer", "Mean", "a decimal number rounded to tenths", answer, mistakes.list());
        String list = data.stream().map(Tex::plain).collect(Collectors.joining(" + "));
        Items item = Items.of(ref)
                .text(head)
                .table(days(n), List.of(data.stream().map(Tex::plain).toList()))
                .part(Part.of(
                        "What is the mean? Round to the nearest tenth.",
                        field,
                        "If every day had the same amount, how much would it be?",
                        "Add all the values and divide by how many there are.",
                        "There are " + n + " values. Their sum starts with $" + Tex.plain(data.get(0)) + " + "
                                + Tex.plain(data.get(1)) + " = "
                                + Tex.plain(data.get(0).plus(data.get(1))) + "$."))
                .step("Write the sum of all values over how many there are.", "\\frac{" + list + "}{" + n + "}")
                .step("Add them up.", "\\frac{" + Tex.plain(sum) + "}{" + n + "}")
                .calculator()
                .given("(" + list + ")/" + n);
        return (mean.equals(rounded)
                        ? item.step("Divide.", Tex.plain(mean))
                        : item.step(
                                "Divide, and round to tenths.",
                                "\\frac{" + Tex.plain(sum) + "}{" + n + "} \\approx " + Tex.plain(rounded)))
                .build();
    }

    private static List<Rational> draw(ItemRef ref, int n, Draw draw) {
        List<Rational> data = new ArrayList<>();
        boolean tenths = ref.tier() > 1;
        int base = ref.variant().equals("snow") ? draw.between(20, 60) : draw.between(15, 40);
        for (int i = 0; i < n; i++) {
            int tens = base * 10 + draw.between(-120, 120);
            data.add(tenths ? Rational.of(tens, 10) : Rational.of(tens / 10));
        }
        return data;
    }

    private static List<String> days(int n) {
        List<String> head = new ArrayList<>();
        for (int i = 1; i <= n; i++) {
            head.add("day " + i);
        }
        return head;
    }

    private static Rational median(List<Rational> data) {
        List<Rational> sorted = data.stream().sorted().toList();
        int n = sorted.size();
        return n % 2 == 1
                ? sorted.get(n / 2)
                : sorted.get(n / 2 - 1).plus(sorted.get(n / 2)).over(Rational.of(2));
    }
}
