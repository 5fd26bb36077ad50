package littlesummit.content.code.number;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Which of whole numbers is larger, and why. */
public final class CompareWhole extends KindSkill {
    public CompareWhole() {
        super(
                "compare-whole",
                "Comparing whole numbers",
                7,
                Tier.of(
                        "Two numbers, also of unequal length, in words and with a sign; a row in order.",
                        ItemKind.of(
                                "two",
                                ComparedPair::make,
                                "Two snow fields hold %s and %s tonnes of snow.",
                                "Two weather balloons sent %s and %s readings.",
                                "The cable way carried %s passengers last year and %s this year."),
                        ItemKind.of(
                                "order",
                                NumbersInOrder::make,
                                "Four huts of the region added up their guests of the last years.",
                                "Four dairies counted the cheeses in their cellars.",
                                "Four villages counted the trees that they have planted.")),
                Tier.of(
                        "A digit that is not given, and numbers as places on a line.",
                        ItemKind.of(
                                "smudged",
                                SmudgedDigit::make,
                                "The label of a crate is smudged: it weighs %s kilograms. It is known to be %s than a"
                                        + " crate of %s kilograms.",
                                "One digit of a height on the old map cannot be read: %s metres. The peak is known to"
                                        + " be %s than the one of %s metres.",
                                "Snow has covered a digit of the sign: %s steps. The way is known to be %s than the one"
                                        + " of %s steps."),
                        ItemKind.of(
                                "line",
                                NumberOnLine::make,
                                "The scale of the water tank is drawn as a line. It shows %s litres.",
                                "The trail is drawn as a line, in steps from the hut. The spring lies at %s steps.",
                                "The lift mast is drawn as a line, in millimetres. The lamp hangs at %s millimetres.")),
                Tier.of(
                        "Whether it is always so, and whether a reason is one.",
                        ItemKind.of(
                                "always",
                                AlwaysLess::make,
                                "Two counters are partly covered by frost. Each square hides one digit.",
                                "Ink has run over two numbers in the log. Each square hides one digit.",
                                "On two old trail signs some digits have come off. Each square stands for one digit."),
                        ItemKind.of(
                                "reason",
                                ClaimedOrder::make,
                                "%s says: “%s” The reason given: “%s”",
                                "In the log of the station %s has written: “%s” and as a reason: “%s”",
                                "%s claims: “%s” and explains: “%s”")));
    }
}
