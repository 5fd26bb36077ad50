package littlesummit.content.code.number;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Fractions in lowest terms: cancelled, completed, found in a situation, and cancelled wrongly by somebody. */
public final class FractionLowest extends KindSkill {
    public FractionLowest() {
        super(
                "fraction-lowest",
                "Fractions in lowest terms",
                6,
                Tier.of(
                        "A fraction that stands there: cancelled, completed, or left as it is.",
                        ItemKind.of(
                                "bare",
                                LowestItem::bare,
                                "Write this fraction in lowest terms.",
                                "Write the same number with the smallest top and bottom."),
                        ItemKind.of(
                                "missing",
                                LowestItem::missing,
                                "These two fractions are the same number. One part of it is hidden.",
                                "A drop of soup has fallen on one number here. Both fractions are equal."),
                        ItemKind.of(
                                "already",
                                LowestItem::already,
                                "Only one of these fractions cannot be cancelled any further.",
                                "Look for the fraction that is in lowest terms already.")),
                Tier.of(
                        "A share that has to be found first: of all, of what is left, or in a table.",
                        ItemKind.of(
                                "left",
                                LowestShare::left,
                                "Of %d lanterns in the hut, %d are lit.",
                                "The orchard has %d trees. This week %d of them were pruned.",
                                "There are %d sheep on the pasture, and %d of them are shorn."),
                        ItemKind.of(
                                "together",
                                LowestShare::together,
                                "In the herd there are %d white goats and %d brown ones.",
                                "There are %d apples and %d pears in the box.",
                                "This morning %d hikers came up by the trail and %d by the cable way."),
                        ItemKind.of(
                                "table",
                                LowestShare::table,
                                "The joiner has counted his boards.",
                                "The bee-keeper has counted her jars.")),
                Tier.of(
                        "Somebody's cancelling that goes wrong, rules that somebody states, and more than one whole.",
                        ItemKind.of(
                                "improper",
                                LowestShare::measures,
                                "One measure of oats holds %d grams. The mule gets %d grams a day.",
                                "A can of milk holds %d decilitres. The calf drinks %d decilitres a day."),
                        ItemKind.of(
                                "wrong",
                                LowestWrong::make,
                                "%s has cancelled a fraction step by step. One step is wrong.",
                                "One of these steps in %s's exercise book does not hold."),
                        ItemKind.of(
                                "rule",
                                LowestRule::make,
                                "%s says: “%s” Which of these shows best whether that is so?",
                                "%s has written on a slip of paper: “%s” Which of these fits?")));
    }
}
