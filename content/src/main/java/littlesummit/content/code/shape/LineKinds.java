package littlesummit.content.code.shape;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Segments, rays and lines: what is drawn or described, every name that fits, and what lies on what. */
public final class LineKinds extends KindSkill {
    public LineKinds() {
        super(
                "line-kinds",
                "Segments, rays, lines",
                4,
                Tier.of(
                        "What is drawn or described, and one name for it.",
                        ItemKind.of(
                                "drawn",
                                Strokes::drawn,
                                "Look at the drawing.",
                                "This is a part of a larger drawing.",
                                "On the plan of the new roof something straight is drawn like this."),
                        ItemKind.of(
                                "described",
                                Strokes::described,
                                "Somebody describes a drawing: %s",
                                "The exercise book says: %s",
                                "On the blackboard it says: %s")),
                Tier.of(
                        "All names that fit, and whether a point lies on it.",
                        ItemKind.of(
                                "names",
                                StrokeNames::names,
                                "Three points are marked in the drawing.",
                                "The drawing has three named points.",
                                "It goes through three points."),
                        ItemKind.of(
                                "lies-on",
                                StrokeNames::liesOn,
                                "Three points lie in a row.",
                                "A straight edge touches three points.",
                                "The points are all on one straight stroke.")),
                Tier.of(
                        "How many there are, and statements that hold in some cases only.",
                        ItemKind.of(
                                "count",
                                StrokeCounts::make,
                                "%d points lie on a straight line.",
                                "On a straight line %d points are marked.",
                                "%d posts stand in a straight row. On the plan they are points on a line."),
                        ItemKind.of(
                                "how-often",
                                StrokeClaims::make,
                                "%s says: “%s”",
                                "%s has written in an exercise book: “%s”",
                                "%s has written on the blackboard: “%s”")));
    }
}
