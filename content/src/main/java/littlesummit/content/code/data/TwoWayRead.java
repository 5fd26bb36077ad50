package littlesummit.content.code.data;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Two-way tables: what a count says, of which whole it is a part, and what cannot be seen from counts alone. */
public final class TwoWayRead extends KindSkill {
    public TwoWayRead() {
        super(
                "two-way-read",
                "Reading two-way tables",
                4,
                Tier.of(
                        "A count or a total, and the part that a count is of all or of its row.",
                        ItemKind.of(
                                "count",
                                TwoWayCounts::count,
                                "The table says how many there were.",
                                "Here are the counts.",
                                "Each number says how many."),
                        ItemKind.of(
                                "fraction",
                                TwoWayParts::fraction,
                                "Look at the table.",
                                "The table shows what was found.",
                                "These are the notes.")),
                Tier.of(
                        "A count that is missing, a percent of any whole, and which whole a question means.",
                        ItemKind.of(
                                "missing",
                                TwoWayCounts::missing,
                                "One count cannot be read any more.",
                                "One number was rubbed out."),
                        ItemKind.of(
                                "percent",
                                TwoWayParts::percent,
                                "A report needs the share in percent.",
                                "The village wants to know the share in percent."),
                        ItemKind.of(
                                "which",
                                TwoWayParts::which,
                                "Several fractions can be made from these numbers.",
                                "The same count is a part of several wholes.")),
                Tier.of(
                        "The way back from a fraction to its question, either-or, and shares against counts.",
                        ItemKind.of(
                                "question",
                                TwoWayQuestions::question,
                                "%s has worked out the fraction %s from this table.",
                                "%s has noted only a fraction, %s, on a slip of paper."),
                        ItemKind.of(
                                "either",
                                TwoWayQuestions::either,
                                "Mind what belongs to both.",
                                "Some are in one group, some in the other, and some in both."),
                        ItemKind.of(
                                "largest-share",
                                TwoWayQuestions::largestShare,
                                "The largest count is not always the largest share.",
                                "The rows are not equally large.")));
    }
}
