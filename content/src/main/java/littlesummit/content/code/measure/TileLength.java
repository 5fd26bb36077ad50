package littlesummit.content.code.measure;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** How many units long something is: laid, read where it does not begin at zero, compared, and said in other units. */
public final class TileLength extends KindSkill {
    public TileLength() {
        super(
                "tile-length",
                "Measuring with units",
                6,
                Tier.of(
                        "Units laid along something, from zero or from another mark.",
                        ItemKind.of(
                                "at-zero",
                                LaidUnits::atZero,
                                "How many %ss long is the %s?",
                                "How long is the %2$s, measured in %1$ss?",
                                "Take %ss and find out how long the %s is."),
                        ItemKind.of(
                                "moved",
                                LaidUnits::moved,
                                "In the workshop things are measured in %ss. On the table lies a %s.",
                                "The strip is longer than what lies over it. It is marked in %ss, and over it is a %s.",
                                "The beginning of the strip is covered with snow. Its marks are %ss, and over it lies"
                                        + " a %s.")),
                Tier.of(
                        "Lengths read from the marks alone, compared, and carried on to their end.",
                        ItemKind.of(
                                "broken",
                                ReadLengths::broken,
                                "The first part of the strip is broken off.",
                                "It does not begin at the first mark."),
                        ItemKind.of(
                                "difference",
                                ReadLengths::difference,
                                "Two things are measured with the same strip.",
                                "One lies over the other, each over a strip of its own."),
                        ItemKind.of(
                                "end",
                                ReadLengths::end,
                                "A %s is %s long. It is laid along a strip with numbered marks, beginning at mark %d.",
                                "Along a wall marks are numbered. A %s of %s is to begin at mark %d.")),
                Tier.of(
                        "Half units, units of another size, and units that were laid wrongly.",
                        ItemKind.of(
                                "halves",
                                ReadLengths::halves,
                                "It does not end at a mark.",
                                "Its end lies in the middle between two marks."),
                        ItemKind.of(
                                "other-unit",
                                OtherUnits::make,
                                "A %s is %s long.",
                                "Somebody has measured a %s: it is %s long."),
                        ItemKind.of(
                                "laid-wrong",
                                LaidWrong::make,
                                "%s lays %s along a %s. %s",
                                "%s measures with %s, which are laid along a %s. %s")));
    }
}
