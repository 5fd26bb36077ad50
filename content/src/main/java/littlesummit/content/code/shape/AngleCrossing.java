package littlesummit.content.code.shape;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Two straight lines that cross. */
final class AngleCrossing {
    private AngleCrossing() {}

    private static int angle(Draw draw) {
        return draw.between(28, 152, n -> Math.abs(n - 90) > 5);
    }

    private static List<Figure.Ray> lines(int turn, int a) {
        return List.of(new Figure.Ray(turn, "", true), new Figure.Ray(turn + a, "", true));
    }

    static Item marked(ItemRef ref, String frame, Draw draw) {
        int a = angle(draw);
        int turn = 10 * draw.between(0, 5);
        boolean opposite = draw.coin();
        int right = opposite ? a : 180 - a;
        int from = opposite ? turn + 180 : turn + a;
        Figure.Angles figure = new Figure.Angles(
                "Two straight lines cross. One angle measures " + a + " degrees. Angle x lies "
                        + (opposite ? "opposite it." : "beside it."),
                lines(turn, a),
                List.of(
                        new Figure.Arc(turn, turn + a, a + "°", false),
                        new Figure.Arc(from, from + right, "x", false)));
        AnswerSpec answer = AngleField.spec(right);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(180 - right),
                        opposite ? "vertical-for-adjacent" : "adjacent-for-vertical",
                        opposite
                                ? "Angle x lies opposite, not beside. Opposite angles are equal."
                                : "Angle x lies beside, not opposite. Together they make a straight line.")
                .add(
                        String.valueOf(360 - a),
                        "full-turn",
                        "That would go once round, 360 degrees. Both of these are smaller.");
        Items item = Items.of(ref)
                .text(frame.formatted(a))
                .picture(figure)
                .part(Part.of(
                        "How large is angle x?",
                        AngleField.of("x", mistakes, answer),
                        "Does the marked angle lie opposite the given one, or beside it?",
                        "Opposite angles are equal. Two beside each other make a straight line, and that has 180"
                                + " degrees.",
                        opposite
                                ? "Turn the picture half a turn: which angle lands where x was?"
                                : "Take " + a + " from 180."));
        if (opposite) {
            item.step("The angle between the two makes a straight line with each of them: 180 degrees.", "")
                    .step("So both are equal.", "x = " + a);
        } else {
            item.step("Angle x and the given one make a straight line: 180 degrees.", "x = 180 - " + a)
                    .step("Work it out.", "x = " + right);
        }
        return item.second(
                        "Turn it",
                        new Block.Text("Turn the picture half a turn around the crossing: each angle lands on the one"
                                + " opposite. Two beside each other fill a straight line."))
                .build();
    }

    /** The four angles have letters; one of them is as large as the first. */
    static Item partner(ItemRef ref, String frame, Draw draw) {
        int a = angle(draw);
        int turn = 10 * draw.between(0, 5);
        List<String> others = draw.shuffled(List.of("b", "c", "d"));
        List<Figure.Arc> arcs = new ArrayList<>();
        int[] from = {turn, turn + a, turn + 180, turn + 180 + a};
        int[] to = {turn + a, turn + 180, turn + 180 + a, turn + 360};
        for (int i = 0; i < 4; i++) {
            arcs.add(new Figure.Arc(from[i], to[i], i == 0 ? "a" : others.get(i - 1), false));
        }
        String right = others.get(1);
        Choices choices = Choices.right("angle " + right);
        for (String beside : List.of(others.get(0), others.get(2))) {
            choices.wrong(
                    "angle " + beside,
                    "adjacent-for-vertical",
                    "That one lies beside it. Together they make a straight line; they are equal only when both are"
                            + " right angles.");
        }
        AnswerSpec answer = AngleField.spec(180 - a);
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(a), "vertical-for-adjacent", "This one lies beside angle a, not opposite.");
        return Items.of(ref)
                .text(frame.formatted(a))
                .picture(new Figure.Angles(
                        "Two straight lines cross. Once around lie the angles a, " + String.join(", ", others) + ".",
                        lines(turn, a),
                        arcs))
                .part(Part.of(
                        "Which angle is as large as angle a?",
                        choices.shuffled("partner", "As large as a", draw),
                        "Which of them shares no side with angle a?",
                        "Opposite angles at a crossing are equal.",
                        "Go on from angle a past one angle to the next."))
                .part(Part.of(
                        "How large is angle " + others.getFirst() + "?",
                        AngleField.of(others.getFirst(), mistakes, answer),
                        "Does it lie beside angle a or opposite?",
                        "Two angles beside each other make a straight line.",
                        "Take angle a from 180 degrees."))
                .step("Opposite angle a lies angle " + right + ": these two are equal.", "")
                .step(
                        "Angle " + others.getFirst() + " lies beside angle a: together they have 180 degrees.",
                        "180 - " + a + " = " + (180 - a))
                .build();
    }
}
