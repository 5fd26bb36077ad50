package littlesummit.content.code.fraction;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Percents on a bar: what is left of a whole, how much that is, the rest of a rest, and back to the whole. */
public final class PercentParts extends KindSkill {
    public PercentParts() {
        super(
                "percent-parts",
                "Percent on a bar",
                7,
                Tier.of(
                        "A part that goes away: name the whole, lay out the bar, find the percent that is left.",
                        ItemKind.of(
                                "price",
                                PercentLeft::price,
                                "At the end of the season %s is sold with a discount of %s%%.",
                                "Members of the rescue post get a discount of %2$s%% on %1$s.",
                                "On market day there is a discount of %2$s%% on %1$s."),
                        ItemKind.of(
                                "tank",
                                PercentLeft::tank,
                                "The water tank of the hut was full this morning. Since then %s%% of the water has been"
                                        + " used.",
                                "The tank of the hut was filled to the brim. In the meantime %s%% of the water was"
                                        + " used.",
                                "Yesterday the water tank was full. Overnight %s%% of the water was used.")),
                Tier.of(
                        "The other direction, and how much a percent is of an amount.",
                        ItemKind.of(
                                "gone",
                                PercentLeft::gone,
                                "Of the seats of the cable way %s%% are still free.",
                                "Of the bread for the hut %s%% is still there.",
                                "%s%% of the winter's wood is left."),
                        ItemKind.of(
                                "amount",
                                PercentAmounts::amount,
                                "The tank holds %d litres and was full. Then %d%% of the water was used.",
                                "A herd of %d goats went up in spring. By autumn %d%% of them had come down again.",
                                "The mill had %d kilograms of grain, and %d%% of it is ground.")),
                Tier.of(
                        "A percent of the rest, the way back to the whole, and several parts.",
                        ItemKind.of(
                                "of-the-rest",
                                PercentAmounts::ofTheRest,
                                "On the first day %d%% of the hay was brought in, on the second day %d%% of the rest.",
                                "In the morning %d%% of the apples were picked, and in the afternoon %d%% of what was"
                                        + " left."),
                        ItemKind.of(
                                "whole",
                                PercentAmounts::whole,
                                "%2$d children of the school ski to school. That is %1$d%% of all.",
                                "So far %2$d cheeses are sold. That is %1$d%% of all that were made."),
                        ItemKind.of(
                                "three",
                                PercentAmounts::three,
                                "Of the guests, %d%% came on foot and %d%% on skis. The others, %d of them, came by"
                                        + " cable way.",
                                "Of the trees at the trail, %d%% are firs and %d%% are larches. The remaining %d are"
                                        + " birches.")));
    }
}
