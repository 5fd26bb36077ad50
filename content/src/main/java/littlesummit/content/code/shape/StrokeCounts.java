package littlesummit.content.code.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** How many segments, or how many rays, points on a line make. */
final class StrokeCounts {
    private StrokeCounts() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int n = draw.between(4, 6);
        boolean segments = draw.between(1, 3) > 1;
        List<String> names = Stroke.letters(draw, n);
        List<Figure.Named> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            points.add(new Figure.Named(names.get(i), 12 + 76.0 * i / (n - 1), 50));
        }
        Figure.Straight figure = new Figure.Straight(
                "A line with the points " + String.join(", ", names) + " on it, in this order.", points, true, true, 0);
        Items item = Items.of(ref).text(frame.formatted(n)).picture(figure);
        return segments ? segments(item, n, names) : rays(item, n, names);
    }

    private static Item segments(Items item, int n, List<String> names) {
        int key = n * (n - 1) / 2;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(n - 1),
                        "neighbours-only",
                        "Those are the segments between neighbours. Longer ones count, too.")
                .add(
                        String.valueOf(n * (n - 1)),
                        "counted-twice",
                        "Each was counted twice: from either end it is the same segment.")
                .add(
                        String.valueOf(n * (n + 1) / 2),
                        "one-too-many",
                        "How many other points are there for the first one?");
        String sum = IntStream.iterate(n - 1, i -> i - 1)
                .limit(n - 1L)
                .mapToObj(String::valueOf)
                .collect(Collectors.joining(" + "));
        return item.part(Part.of(
                        "How many different segments have two of these points as their ends?",
                        Field.typed("answer", "Segments", "a whole number", answer, mistakes.list()),
                        "A segment may have other points in between.",
                        "Go through them in order: first all that begin at the first point, then the new ones from the"
                                + " next point, and so on.",
                        "From " + names.getFirst() + " a segment can go to each of the others: " + names.getFirst()
                                + names.get(1) + ", " + names.getFirst() + names.get(2) + ", and so on."))
                .step("From each point to all points behind it:", sum)
                .step("Add them.", String.valueOf(key))
                .given(sum)
                .build();
    }

    private static Item rays(Items item, int n, List<String> names) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(2 * n));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(n), "one-direction", "From each point a ray can go to either side.")
                .add(
                        String.valueOf(n * (n - 1)),
                        "names-counted",
                        "Those are the pairs of letters. Several of them name the same ray.")
                .add(
                        String.valueOf(2 * n - 2),
                        "ends-left-out",
                        "The line goes on behind the last point, too. A ray needs no second marked point.");
        return item.part(Part.of(
                        "How many different rays on this line begin at one of these points?",
                        Field.typed("answer", "Rays", "a whole number", answer, mistakes.list()),
                        "A ray begins at a point and goes on without end. Which ways can it go on this line?",
                        "Two rays are different when they begin at different points or go to different sides.",
                        "Take " + names.getFirst() + ": which rays begin there? Then go on to the next point."))
                .step("From every point one ray goes to each side.", "2\\cdot " + n)
                .step("Multiply.", String.valueOf(2 * n))
                .given("2*" + n)
                .build();
    }
}
