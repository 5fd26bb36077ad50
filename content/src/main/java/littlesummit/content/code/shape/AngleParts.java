package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** A right angle, a straight line or a full turn that is cut into parts. */
final class AngleParts {
    private AngleParts() {}

    static Item corner(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(22, 68, n -> Math.abs(n - 45) > 2);
        int rest = 90 - a;
        AnswerSpec answer = AngleField.spec(rest);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(180 - a),
                        "180-for-90",
                        "These two make a right angle. How many degrees does it have?")
                .add(String.valueOf(a), "equal-parts", "Nothing says that both parts are equal.");
        return Items.of(ref)
                .text(frame.formatted(a))
                .picture(new Figure.Angles(
                        "A right angle is cut into two; one part measures " + a + " degrees, the other is x.",
                        List.of(
                                new Figure.Ray(0, "", false),
                                new Figure.Ray(a, "", false),
                                new Figure.Ray(90, "", false)),
                        List.of(
                                new Figure.Arc(0, 90, "", true),
                                new Figure.Arc(0, a, a + "°", false),
                                new Figure.Arc(a, 90, "x", false))))
                .part(Part.of(
                        "How large is angle x?",
                        AngleField.of("x", mistakes, answer),
                        "Which angle do the two parts make together?",
                        "A right angle has 90 degrees, half of a straight line.",
                        "Take " + a + " from the whole angle."))
                .step("Both parts together are a right angle: 90 degrees.", "x = 90 - " + a)
                .step("Work it out.", "x = " + rest)
                .second(
                        "As a bar",
                        new Block.Text("The whole bar is the right angle."),
                        new Block.Picture(new Figure.Bar(
                                "A bar of 90 degrees: " + a + " and x.",
                                "90°",
                                List.of(
                                        new Figure.Piece(a, a + "°", true, ""),
                                        new Figure.Piece(rest, "x", false, "")))))
                .build();
    }

    static Item line(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(32, 80);
        int b = draw.between(32, 140 - a, n -> n != a);
        return cut(ref, frame, 180, "a straight line", a, b, 0);
    }

    static Item around(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(70, 140, n -> n != 90);
        int b = draw.between(70, 290 - a, n -> n != a && n < 170 && n != 90);
        return cut(ref, frame, 360, "a full turn", a, b, 10 * draw.between(1, 8));
    }

    private static Item cut(ItemRef ref, String frame, int whole, String name, int a, int b, int turn) {
        int rest = whole - a - b;
        AnswerSpec answer = AngleField.spec(rest);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(whole - a),
                        "one-only",
                        "Only one of the two was taken away. All three together make " + name + ".")
                .addIf(
                        540 - whole - a - b > 0,
                        String.valueOf(540 - whole - a - b),
                        "other-whole",
                        "Do they go once round, or half of that?")
                .addIf(
                        whole == 360 && rest != (a + b) / 2,
                        String.valueOf(a + b),
                        "sum-only",
                        "That is what the two have together. How much is missing from " + name + "?");
        List<Figure.Ray> rays = whole == 180
                ? List.of(new Figure.Ray(0, "", true), new Figure.Ray(a, "", false), new Figure.Ray(a + b, "", false))
                : List.of(
                        new Figure.Ray(turn, "", false),
                        new Figure.Ray(turn + a, "", false),
                        new Figure.Ray(turn + a + b, "", false));
        return Items.of(ref)
                .text(frame.formatted(a, b))
                .picture(new Figure.Angles(
                        "Three angles make " + name + " together: " + a + " degrees, " + b + " degrees, and x.",
                        rays,
                        List.of(
                                new Figure.Arc(turn, turn + a, a + "°", false),
                                new Figure.Arc(turn + a, turn + a + b, b + "°", false),
                                new Figure.Arc(turn + a + b, turn + whole, "x", false))))
                .part(Part.of(
                        "How large is angle x?",
                        AngleField.of("x", mistakes, answer),
                        "What do all three angles make together?",
                        whole == 180
                                ? "A straight line has 180 degrees, half of a full turn."
                                : "A full turn has 360 degrees, twice a straight line.",
                        "Add " + a + " and " + b + " first."))
                .step(
                        "All three together are " + name + ": " + whole + " degrees.",
                        "x = " + whole + " - " + a + " - " + b)
                .step("Work it out.", "x = " + rest)
                .build();
    }
}
