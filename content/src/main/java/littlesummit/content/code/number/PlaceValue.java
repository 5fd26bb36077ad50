package littlesummit.content.code.number;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** What a digit is worth where it stands, and what a number is made of. */
public final class PlaceValue extends KindSkill {
    public PlaceValue() {
        super(
                "place-value",
                "Place and value of a digit",
                3,
                Tier.of(
                        "The place and the value of one digit, and a number put together from its places.",
                        ItemKind.of(
                                "worth",
                                DigitWorth::make,
                                "Since it opened, the goat dairy has made %s cheeses.",
                                "The lake above the hut took in %s litres of water today.",
                                "The weather station has sent %s readings down to the valley."),
                        ItemKind.of(
                                "build",
                                BuiltNumber::make,
                                "The rescue post counted the metres of its rope: %s.",
                                "The cable way keeps its tally of passengers in heaps: %s.",
                                "In the hut's book somebody has added up the guests of the year: %s.")),
                Tier.of(
                        "How many of a smaller unit there are in all, and one digit that stands in two places.",
                        ItemKind.of(
                                "in-all",
                                TensInAll::make,
                                "The dairy packs its %2$s cheeses in boxes of %1$s.",
                                "The school has %2$s beads on strings of %1$s.",
                                "The hut keeps %2$s matches in bundles of %1$s."),
                        ItemKind.of(
                                "twice",
                                SameDigitTwice::make,
                                "A counter at the cable way shows %s.",
                                "The sign at the tree line says that %s trees were planted.",
                                "The scale in the wool store has added up to %s grams.")),
                Tier.of(
                        "Numbers whose heaps hold more than nine, digits that can be laid in any order, and somebody"
                                + " else's mistake.",
                        ItemKind.of(
                                "regroup",
                                RegroupedNumber::make,
                                "The village school paid for its new roof with notes: %1$s notes of %3$s and %2$s notes"
                                        + " of %4$s. How much is that?",
                                "In the store stand %1$s crates with %3$s candles each and %2$s boxes with %4$s candles"
                                        + " each. How many candles is that?"),
                        ItemKind.of(
                                "cards",
                                DigitCards::make,
                                "%s has these cards, one digit on each: %s.",
                                "On the table of the village school %s finds number tiles with these digits: %s."),
                        ItemKind.of(
                                "misread",
                                MisreadNumber::make,
                                "%s reads the number %s aloud and says: “%s.”",
                                "On the radio of the rescue post %s has to pass on the number %s, and says: “%s.”")));
    }
}
