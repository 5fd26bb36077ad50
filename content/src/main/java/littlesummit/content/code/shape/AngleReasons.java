package littlesummit.content.code.shape;

import java.util.List;
import littlesummit.content.code.StatedRule;
import littlesummit.content.code.Words;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Why angles are equal, and rules about them that somebody states. */
final class AngleReasons {
    private AngleReasons() {}

    /** Why the angle opposite is equal; the one between has a name. */
    static Item reason(ItemRef ref, String frame, Draw draw) {
        int a = draw.between(30, 150, n -> Math.abs(n - 90) > 5);
        int turn = 10 * draw.between(0, 5);
        String between = draw.oneOf("y", "z", "w");
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw), a))
                .picture(new Figure.Angles(
                        "Two straight lines cross. One angle has " + a + " degrees; opposite it lies x, and between"
                                + " them " + between + ".",
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

    private enum Rule {
        NEVER("Two angles beside each other at a crossing are never equal."),
        SUM("Opposite angles at a crossing make 180° together."),
        RIGHT("If one angle at a crossing is a right angle, all four are."),
        BOTH("Two angles beside each other on a straight line cannot both be larger than 90°."),
        HALF("If three angles make a straight line, each of them has 60°.");

        final String text;

        Rule(String text) {
            this.text = text;
        }
    }

    static Item rule(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int a = draw.between(3, 8) * 10;
        int b = draw.between(2, 5) * 10;
        String right = "two beams that cross squarely, 90° and 90° beside each other.";
        String opposite = "two angles of " + a + "° that lie opposite each other.";
        String beside = "two angles of " + (180 - a) + "° and " + a + "° beside each other.";
        String three = "three angles of " + b + "°, " + (b + 10) + "° and " + (170 - 2 * b) + "° on a straight line.";
        StatedRule stated =
                switch (rule) {
                    case NEVER -> rule(right, opposite, beside);
                    case SUM -> rule(opposite, right, beside);
                    case HALF -> rule(three, beside, right);
                    case RIGHT, BOTH -> rule("", beside, opposite);
                };
        return stated.item(
                ref,
                frame.formatted(Words.name(draw), rule.text),
                stated.part(
                        draw,
                        "an example",
                        "Of which angles does the rule speak: beside each other, or opposite?",
                        "Go through them one by one: does the rule speak of it, and is it as the rule says?"),
                "example",
                why(rule));
    }

    private static StatedRule rule(String against, String other, String another) {
        return new StatedRule(
                against,
                List.of(other, another),
                "Try it with right angles, with small ones and with large ones.",
                "Look whether the rule speaks of these angles, and whether they go against it.");
    }

    private static String why(Rule rule) {
        return switch (rule) {
            case NEVER -> "Beside each other they make 180 degrees together; half of that each is possible.";
            case SUM -> "Opposite angles are equal. They make 180 degrees together only when both are right angles.";
            case RIGHT -> "The ones beside it have what is left of 180 degrees, and the one opposite is equal to it.";
            case BOTH -> "Together they have 180 degrees, and two that are larger than 90 would have more.";
            case HALF -> "Only their sum is known. They need not be equal.";
        };
    }
}
