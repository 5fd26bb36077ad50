package littlesummit.content.code.number;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Absolute values: of numbers, as distances, of sums, in equations, and what is said of them. */
public final class AbsoluteValue extends KindSkill {
    public AbsoluteValue() {
        super(
                "absolute-value",
                "Absolute value",
                6,
                Tier.of(
                        "The distance of a number from zero, and of two places from one another.",
                        ItemKind.of(
                                "value", BarsItem::small, "Find the value.", "What is this worth?", "What comes out?"),
                        ItemKind.of(
                                "apart",
                                PlacesApart::make,
                                "Heights are measured from the valley floor. A cave lies at $%s$ metres, a spring at"
                                        + " $%s$ metres. How many metres of height lie between the two?",
                                "On the pass it was $%s$ °C on Monday and $%s$ °C on Tuesday. How many degrees lie"
                                        + " between the two?",
                                "Two lamps hang from the bridge at $%s$ and $%s$ decimetres; the deck is at 0. How many"
                                        + " decimetres lie between them?")),
                Tier.of(
                        "What is inside has to be worked out first, and from a distance back to the numbers that have"
                                + " it.",
                        ItemKind.of(
                                "inside",
                                BarsItem::inside,
                                "Find the value.",
                                "Work inside the bars first. What comes out?",
                                "What is this worth?"),
                        ItemKind.of(
                                "solve",
                                BarsEquation::make,
                                "Find every number $x$ that makes this true.",
                                "Which numbers can $x$ be?",
                                "For which numbers $x$ does this hold?")),
                Tier.of(
                        "Several absolute values together, and rules that somebody states.",
                        ItemKind.of(
                                "scaled", BarsItem::scaled, "Find the value.", "Go step by step. What is the value?"),
                        ItemKind.of(
                                "journey",
                                BarsItem::journey,
                                "A bucket hangs in the well at $%s$ metres. It is pulled up to $%s$ metres and let down"
                                        + " again to $%s$ metres. How many metres did it travel in all?",
                                "A cabin of the cable way hangs at $%s$ metres, measured from the middle station. It"
                                        + " goes up to $%s$ metres and back down to $%s$ metres. How many metres did it"
                                        + " travel in all?"),
                        ItemKind.of(
                                "rule",
                                BarsRule::make,
                                "%s says: “%s” Which of these shows best whether that is so?",
                                "%s has written a rule in an exercise book: “%s” Which of these fits?")));
    }
}
