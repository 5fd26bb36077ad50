package littlesummit.content.code.shape;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Segments of the same length: told by numbers and marks, made on a number line, and reasoned about. */
public final class CongruentSegments extends KindSkill {
    public CongruentSegments() {
        super(
                "congruent-segments",
                "Segments of the same length",
                4,
                Tier.of(
                        "Two lengths, and marks in a drawing that is not to scale.",
                        ItemKind.of(
                                "lengths",
                                SegmentPairs::lengths,
                                "Rope $AB$ and rope $CD$ are pulled straight. %s",
                                "Trail $AB$ and trail $CD$ are both straight. %s",
                                "The fences $AB$ and $CD$ run straight. %s"),
                        ItemKind.of(
                                "marks",
                                SegmentPairs::marks,
                                "The drawing is not to scale. Equal tick marks say that segments are equally long.",
                                "This sketch is not to scale. Segments with the same number of tick marks have the same"
                                        + " length.",
                                "The sketch was drawn in a hurry and is not to scale. Only the tick marks say what is"
                                        + " equally long.")),
                Tier.of(
                        "A point that makes a segment congruent, and lengths in different units.",
                        ItemKind.of(
                                "place",
                                SegmentPlaces::place,
                                "Three trail signs $A$, $B$ and $C$ stand along a straight path. A fourth one, $D$, is"
                                        + " to stand to the right of $C$.",
                                "On a straight rope the knots $A$, $B$ and $C$ are tied. A knot $D$ is to follow to the"
                                        + " right of $C$.",
                                "Along the lift line stand the masts $A$, $B$ and $C$. A mast $D$ is planned to the"
                                        + " right of $C$."),
                        ItemKind.of(
                                "units",
                                SegmentPairs::units,
                                "Board $AB$ is %d centimetres long.",
                                "Ski $AB$ measures %d centimetres from end to end.",
                                "The shelf from $A$ to $B$ is %d centimetres long.")),
                Tier.of(
                        "Equal parts of a whole, a midpoint, and what follows from congruence.",
                        ItemKind.of(
                                "parts",
                                SegmentPlaces::parts,
                                "The points %s lie on a straight line in this order. All segments between neighbours"
                                        + " are congruent.",
                                "Fence posts %s stand in a straight row, always the same distance apart."),
                        ItemKind.of(
                                "midpoint",
                                SegmentPlaces::midpoint,
                                "Point $M$ is the midpoint of segment $AB$, so $AM$ and $MB$ are congruent.",
                                "A cable from $A$ to $B$ hangs from a mast $M$ that stands exactly in the middle."),
                        ItemKind.of(
                                "how-often",
                                SegmentClaims::make,
                                "%s says: “%s”",
                                "%s has written in an exercise book: “%s”")));
    }
}
