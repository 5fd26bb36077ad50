package littlesummit.content.code.number;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
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
 * All numbers at a distance from a place: |x| = 7, |x − 2| = 5, |x + 3| = 8.
 *
 * @param middle the place
 * @param distance more than 0
 */
record BarsEquation(int middle, int distance) {
    private static final String OR = "\\text{ or }";

    static Item make(ItemRef ref, String frame, Draw draw) {
        int distance = draw.between(2, 15);
        int middle = draw.between(1, 4) == 1 ? 0 : draw.between(-12, 12, n -> n != 0 && Math.abs(n) != distance);
        return new BarsEquation(middle, distance).item(ref, frame);
    }

    private String inside() {
        return middle == 0 ? "x" : "x" + Signed.added(-middle);
    }

    private int low() {
        return middle - distance;
    }

    private int high() {
        return middle + distance;
    }

    private Item item(ItemRef ref, String frame) {
        String text = "|" + inside() + "| = " + distance;
        Items item = Items.of(ref).text(frame).formula(text).part(part());
        if (middle == 0) {
            item.step("The bars ask how far $x$ is from zero.", text);
        }
        item.step(
                "Two places are " + distance + " away from zero: one on each side.",
                inside() + " = " + distance + OR + inside() + " = -" + distance);
        if (middle != 0) {
            item.step("Undo what is done to $x$, in both.", "x = " + high() + OR + "x = " + low());
        }
        return item.given(text)
                .second(
                        "On a number line",
                        new Block.Text("Stand at $" + middle + "$ and go " + distance + " to the right and " + distance
                                + " to the left."),
                        new Block.Picture(line()))
                .build();
    }

    private Figure.NumberLine line() {
        int from = Math.min(0, low()) - 2;
        int to = Math.max(0, high()) + 2;
        int step = to - from > 40 ? 10 : to - from > 16 ? 5 : 1;
        return new Figure.NumberLine(
                "A number line. The middle lies at " + middle + ", and the two places lie at " + low() + " and "
                        + high() + ".",
                from,
                to,
                step,
                List.of(
                        new Figure.Mark(middle, "middle", true),
                        new Figure.Mark(low(), String.valueOf(low()), false),
                        new Figure.Mark(high(), String.valueOf(high()), false)));
    }

    private static String set(int... numbers) {
        StringBuilder set = new StringBuilder("{");
        for (int n : numbers) {
            set.append(set.length() == 1 ? "" : ",").append(n);
        }
        return set.append('}').toString();
    }

    private Part part() {
        AnswerSpec answer = AnswerSpec.of(Kind.SET, Form.Shape.ANY, set(low(), high()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        set(high()),
                        "one-solution",
                        "That number fits. Is there one on the other side that is just as far away?")
                .add(
                        set(low()),
                        "one-solution",
                        "That number fits. Is there one on the other side that is just as far away?")
                .add(
                        set(-high(), high()),
                        "mirrored-at-zero",
                        "One of them fits. The other one is the same with its sign changed: put it in for $x$ and see.")
                .add(
                        set(distance, -distance),
                        "inside-ignored",
                        "Those are the numbers that what stands between the bars can be. What is $x$ then?")
                .add(
                        set(-middle - distance, -middle + distance),
                        "other-way",
                        "It looks as if what is done to $x$ was done once more and not undone.");
        Field field = Field.typed("answer", "x =", "all numbers, with commas between them", answer, mistakes.list());
        return Part.of(
                "What can $x$ be?",
                field,
                "How many places are that far from zero?",
                "What stands between the bars may be on either side of zero, so there are two cases.",
                middle == 0
                        ? "One of the two is on the right of zero. Where is the other?"
                        : "Write an equation without bars for each side of zero.");
    }
}
