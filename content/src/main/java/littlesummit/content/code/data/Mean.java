package littlesummit.content.code.data;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** The mean: of a list, of counted values and of groups; a value that is missing, and what a new one does. */
public final class Mean extends KindSkill {
    public Mean() {
        super(
                "mean",
                "The mean",
                5,
                Tier.of(
                        "The mean of a few values, and the mean when only their sum is known.",
                        ItemKind.of(
                                "values",
                                MeanItem::values,
                                "The snow at the trail sign was measured on %d days, in centimetres.",
                                "The goat dairy noted the milk of %d mornings, in litres.",
                                "On %d evenings the guests of the hut were counted."),
                        ItemKind.of(
                                "sum",
                                MeanItem::sum,
                                "In %d days the bakery used %d kilograms of flour in all. How many kilograms is that a"
                                        + " day, on average?",
                                "In %d nights %d guests slept in the hut altogether. How many is that a night, on"
                                        + " average?",
                                "On %d tours Ansa has walked %d kilometres in all. How many kilometres is that a tour,"
                                        + " on average?")),
                Tier.of(
                        "Values with tenths, values that occur often, and a value that is missing.",
                        ItemKind.of(
                                "tenths",
                                MeanItem::tenths,
                                "The rain gauge was read on %d days, in millimetres.",
                                "The spring was measured on %d days, in litres a minute."),
                        ItemKind.of(
                                "often",
                                MeanOften::make,
                                "The hens of the village were watched for some weeks. The table says in how many weeks"
                                        + " there were so many eggs.",
                                "The children noted how many tours each of them went on this summer."),
                        ItemKind.of(
                                "missing",
                                MeanMissing::make,
                                "The mean of %d evenings was %s guests. One of the numbers can no longer be read.",
                                "On %d tours the mean time was %s minutes. One time is missing in the log.",
                                "The mean of %d weighings was %s kilograms. One of them was not written down.")),
                Tier.of(
                        "What a new value or a second group does to a mean, and what a mean says and does not say.",
                        ItemKind.of(
                                "new-value",
                                MeanChanged::newValue,
                                "The mean of %d days was %d litres of milk. On the next day there were %d litres.",
                                "After %d tours the mean was %d kilometres. The next tour was %d kilometres long."),
                        ItemKind.of(
                                "groups",
                                MeanChanged::groups,
                                "%d hikers carry %d kilograms each on average. %d others carry %d kilograms on"
                                        + " average.",
                                "The %d goats on the upper pasture give %d litres a week on average, the %d goats on"
                                        + " the lower one %d litres."),
                        ItemKind.of(
                                "claims",
                                MeanClaims::make,
                                "These values were measured at the station: %s. Their mean is %s.",
                                "The log has these values: %s. Their mean is %s.")));
    }
}
