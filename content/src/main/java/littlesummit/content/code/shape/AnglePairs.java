package littlesummit.content.code.shape;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Angles that make a straight line, a right angle or a full turn together, or are equal because they lie opposite. */
public final class AnglePairs extends KindSkill {
    public AnglePairs() {
        super(
                "angle-pairs",
                "Angles that belong together",
                6,
                Tier.of(
                        "One angle at a crossing, by one relation.",
                        ItemKind.of(
                                "marked",
                                AngleCrossing::marked,
                                "Two cables of the cable way cross. One angle measures %d°.",
                                "Two straight trails cross at the hut. One of the angles measures %d°.",
                                "Two beams of the roof cross, and one angle between them measures %d°."),
                        ItemKind.of(
                                "partner",
                                AngleCrossing::partner,
                                "Two straight fences cross. The angles are called a, b, c and d. Angle a measures %d°.",
                                "A saw is laid across a board. Angle a of the four angles measures %d°.",
                                "Two ski tracks cross in straight lines. Of the angles a, b, c and d, angle a"
                                        + " measures %d°.")),
                Tier.of(
                        "More than two angles: on a straight line, in a right angle, or all around a point.",
                        ItemKind.of(
                                "corner",
                                AngleParts::corner,
                                "Two walls of the yard meet in a right angle. A rope runs from the corner and cuts it"
                                        + " in two. One part measures %d°.",
                                "A shelf stands at a right angle to the wall. A strut from the corner makes %d° with"
                                        + " the shelf."),
                        ItemKind.of(
                                "line",
                                AngleParts::line,
                                "From one point of a straight wall two ropes run out. The two angles that are known"
                                        + " measure %d° and %d°.",
                                "Two paths leave a straight road at the same point. Two of the angles there measure %d°"
                                        + " and %d°."),
                        ItemKind.of(
                                "around",
                                AngleParts::around,
                                "A cheese is cut into three pieces from its middle. Two of the angles measure %d° and"
                                        + " %d°.",
                                "Three paths meet at a signpost. Two of the angles between them measure %d° and %d°.")),
                Tier.of(
                        "Angles with a letter in them, the reason behind a relation, and rules that somebody states.",
                        ItemKind.of(
                                "letters",
                                AngleLetters::make,
                                "Two straight lines cross. %s",
                                "In a plan of the village two straight roads cross. %s"),
                        ItemKind.of(
                                "reason",
                                AngleReason::make,
                                "Two straight lines cross. %s says that angle x measures %d°, too.",
                                "%s looks at two crossing cables and writes: “Angle x measures %d° as well.”"),
                        ItemKind.of(
                                "rule",
                                AngleRule::make,
                                "%s says: “%s” Which of these shows best whether that is so?",
                                "%s has written a rule in an exercise book: “%s” Which of these fits?")));
    }
}
