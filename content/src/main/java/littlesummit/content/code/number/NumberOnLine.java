package littlesummit.content.code.number;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.content.code.Words;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A number that has to be found on a line with few labels; points lie where its digits would mislead one to. */
final class NumberOnLine {
    private NumberOnLine() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int step = draw.oneOf(100, 200, 500);
        int low = step * 10 * draw.between(0, 3);
        int high = low + 10 * step;
        int at = draw.between(1, 9, k -> k != 5);
        int right = low + at * step;
        List<Integer> ticks = new ArrayList<>(List.of(at));
        List.of(10 - at, Math.min(9, at + 1), Math.max(1, at - 1), at > 5 ? 2 : 8, 5, 3)
                .forEach(k -> {
                    if (ticks.size() < 4 && !ticks.contains(k)) {
                        ticks.add(k);
                    }
                });
        List<Integer> places = ticks.stream().sorted().toList();
        List<Figure.Mark> marks = new ArrayList<>();
        Choices choices = Choices.right("point " + letter(places.indexOf(at)));
        for (int i = 0; i < places.size(); i++) {
            int tick = places.get(i);
            marks.add(new Figure.Mark(low + tick * step, letter(i), false));
            choices.wrong(
                    "point " + letter(i),
                    tick == 10 - at ? "from-the-other-end" : "one-mark-one",
                    tick == 10 - at
                            ? "Count from the left end, where the smaller number stands."
                            : "Find out first how much one space between two marks is worth.");
        }
        Field field = choices.ordered("answer", "The point", java.util.Comparator.naturalOrder());
        String alt = "A line from " + low + " to " + high + " with ten equal spaces. "
                + Words.list(IntStream.range(0, places.size())
                        .mapToObj(i -> "Point " + letter(i) + " lies at mark " + places.get(i))
                        .toList())
                + ", counted from the left end.";
        return Items.of(ref)
                .text(frame.formatted(Words.n(right)))
                .picture(new Figure.NumberLine(alt, low, high, step, marks, true))
                .part(Part.of(
                        "Which point is it?",
                        field,
                        "How many equal spaces lie between the two numbers at the ends?",
                        "Share the difference of the ends among the spaces: that is what one space is worth.",
                        "From " + low + " to " + high + " it is " + (high - low) + ", and there are ten spaces."))
                .step(
                        "There are ten spaces, so one is worth a tenth of the difference.",
                        "(" + high + " - " + low + ") / 10 = " + step)
                .step(
                        "From the left end it takes so many spaces:",
                        "(" + right + " - " + low + ") / " + step + " = " + at)
                .given("")
                .build();
    }

    private static String letter(int index) {
        return String.valueOf((char) ('A' + index));
    }
}
