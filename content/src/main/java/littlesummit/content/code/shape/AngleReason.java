package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Why the angle opposite is equal: the one between has a name. */
final class AngleReason {
    private AngleReason() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(30, 150, n -> Math.abs(n - 90) > 5);
        int turn = 10 * draw.between(0, 5);
        String between = draw.oneOf("y", "z", "w");
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw), a))
                .picture(new Figure.Angles(
                        "Two straight lines cross. One angle measures " + a
                                + " degrees; opposite it lies x, and between" + " them " + between + ".",
                        List.of(new Figure.Ray(turn, "", true), new Figure.Ray(turn + a, "", true)),
                        List.of(
                                new Figure.Arc(turn, turn + a, a + "°", false),
                                new Figure.Arc(turn + 180, turn + 180 + a, "x", false),
                                new Figure.Arc(turn + a, turn + 180, between, false))))
                .part(Part.of(
                        "Choose the reason.",
                        Choices.right("Both make 180° together with angle " + between + ".")
                                .wrong(
                                        "They look equally large in the picture.",
                                        "by-looks",
                                        "A picture can be drawn badly. Which fact holds for every crossing?")
                                .wrong(
                                        "Angles at one crossing are all equal.",
                                        "all-equal",
                                        "Is angle " + between + " as large as they are?")
                                .wrong(
                                        "Together they make 180°.",
                                        "adjacent-for-vertical",
                                        "Then both would have to be right angles. Who makes a straight line with whom?")
                                .shuffled("reason", "Reason", draw),
                        "Which third angle do both of them touch?",
                        "Angle " + between + " makes a straight line with either of them.",
                        "Take angle " + between + " from 180 degrees, once on each side."))
                .step("Angle " + between + " and the given one make a straight line.", "180 - " + a + " = " + (180 - a))
                .step("Angle " + between + " and x make a straight line, too.", "180 - " + (180 - a) + " = " + a)
                .build();
    }
}
