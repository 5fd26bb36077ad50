package littlesummit.content.code.data;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Relative frequencies: of rows, of columns and of all; back to counts; and what they show about two questions. */
public final class TwoWayRelative extends KindSkill {
    public TwoWayRelative() {
        super(
                "two-way-relative",
                "Relative frequencies",
                5,
                Tier.of(
                        "Relative frequencies of the rows or of the columns, cell by cell.",
                        ItemKind.of(
                                "rows",
                                RelativeCells::rows,
                                "The rows are to be compared.",
                                "Each row is taken as a whole of its own.",
                                "How do the rows differ?"),
                        ItemKind.of(
                                "columns",
                                RelativeCells::columns,
                                "The columns are to be compared.",
                                "Each column is taken as a whole of its own.",
                                "How do the columns differ?")),
                Tier.of(
                        "Relative frequencies of all, and the way back from shares to counts.",
                        ItemKind.of(
                                "all",
                                RelativeCells::ofAll,
                                "Everything in the table together is the whole.",
                                "Each count is taken as a part of all.",
                                "All of them together count as 1."),
                        ItemKind.of(
                                "back",
                                RelativeCounts::make,
                                "The counts are lost. What is left are the relative frequencies of the rows and the"
                                        + " totals.",
                                "Somebody has kept only the relative frequencies of the rows and how many there were in"
                                        + " each row.",
                                "The report gives relative frequencies for each row, and the totals.")),
                Tier.of(
                        "A direction that has to be found, a table that has to be recognised, and whether rows are"
                                + " alike.",
                        ItemKind.of(
                                "three",
                                RelativeCells::three,
                                "The table of relative frequencies is to be filled in.",
                                "Make a table of relative frequencies from these counts."),
                        ItemKind.of(
                                "recognise",
                                RelativeShown::recognise,
                                "%s has made a table of relative frequencies and left out what they are parts of.",
                                "%s's log has this table of relative frequencies, without a heading."),
                        ItemKind.of(
                                "linked",
                                RelativeShown::linked,
                                "Are the answers to the two questions linked?",
                                "Do the rows differ in more than in size?")));
    }
}
