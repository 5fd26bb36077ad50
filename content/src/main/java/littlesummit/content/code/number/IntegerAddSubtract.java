package littlesummit.content.code.number;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Signed sums and differences: bare, as changes and distances, with a number missing, and what is said of them. */
public final class IntegerAddSubtract extends KindSkill {
    public IntegerAddSubtract() {
        super(
                "integer-add-subtract",
                "Adding and subtracting signed numbers",
                7,
                Tier.of(
                        "One step up or down from a number on either side of zero.",
                        ItemKind.of(
                                "bare",
                                SignedSum::first,
                                "Work out the value.",
                                "What does this come to?",
                                "Find the result."),
                        ItemKind.of(
                                "change",
                                SignedChange::make,
                                "At the weather station it is $%s$ °C. Then the temperature %s °C. What is it now, in"
                                        + " °C?#rises by#falls by",
                                "A diver in the lake is at $%s$ metres; the surface is at 0. The diver %s metres. At"
                                        + " how many metres is the diver now?#rises by#sinks by",
                                "The cable way's account stands at $%s$ coins; below zero it owes them. It %s coins."
                                        + " What does it stand at now, in coins?#takes in#pays out")),
                Tier.of(
                        "Taking away a negative number, and how far it is from one value to another.",
                        ItemKind.of(
                                "brackets",
                                SignedSum::second,
                                "Work out the value.",
                                "What does this come to?",
                                "Find the result."),
                        ItemKind.of(
                                "difference",
                                SignedDifference::make,
                                "On Monday it was $%s$ °C, on Tuesday $%s$ °C. By how many degrees did the temperature"
                                        + " change? A fall is negative.",
                                "The bucket in the well hung at $%s$ metres and hangs at $%s$ metres now. By how many"
                                        + " metres did its height change? A move down is negative.",
                                "Yesterday the account of the school stood at $%s$ coins, today at $%s$. By how many"
                                        + " coins did it change? A loss is negative.")),
                Tier.of(
                        "A number that is missing, two steps in a row, and a rule that somebody states.",
                        ItemKind.of(
                                "missing",
                                MissingSummand::make,
                                "Which number makes this true?",
                                "A number has been covered. Which one is it?"),
                        ItemKind.of(
                                "two-steps",
                                SignedSum::third,
                                "Work out the value.",
                                "Go step by step. What does this come to?"),
                        ItemKind.of(
                                "rule",
                                SignRule::make,
                                "%s says: “%s” Which of these shows best whether that is so?",
                                "%s has written a rule on the board of the school: “%s” Which of these fits?")));
    }
}
