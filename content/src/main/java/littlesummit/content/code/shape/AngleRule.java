package littlesummit.content.code.shape;

import littlesummit.content.code.StatedRule;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;

/** A rule about angles that somebody states: it holds, or an example goes against it. */
final class AngleRule {
    private static final StatedRule.Family FAMILY = new StatedRule.Family(
            "an example",
            "Of which angles does the rule speak: beside each other, or opposite?",
            "Go through them one by one: does the rule speak of it, and is it as the rule says?",
            "Try it with right angles, with small ones and with large ones.",
            "Look whether the rule speaks of these angles, and whether they go against it.");

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

    private AngleRule() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int a = draw.between(3, 8) * 10;
        int b = draw.between(2, 5) * 10;
        String right = "two beams that cross squarely, 90° and 90° beside each other.";
        String opposite = "two angles of " + a + "° that lie opposite each other.";
        String beside = "two angles of " + (180 - a) + "° and " + a + "° beside each other.";
        String three = "three angles of " + b + "°, " + (b + 10) + "° and " + (170 - 2 * b) + "° on a straight line.";
        StatedRule stated =
                switch (rule) {
                    case NEVER -> FAMILY.rule(right, opposite, beside);
                    case SUM -> FAMILY.rule(opposite, right, beside);
                    case HALF -> FAMILY.rule(three, beside, right);
                    case RIGHT, BOTH -> FAMILY.rule("", beside, opposite);
                };
        return stated.item(ref, frame.formatted(Words.name(draw), rule.text), draw, why(rule));
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
