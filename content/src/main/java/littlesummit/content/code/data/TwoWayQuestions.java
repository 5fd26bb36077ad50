package littlesummit.content.code.data;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.content.code.Words;
import littlesummit.content.code.data.TwoWayParts.Cell;
import littlesummit.content.code.data.TwoWayParts.Whole;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;
import littlesummit.core.skill.Mistakes;

/** From a fraction to its question, groups that share members, and shares that are not as the counts seem to say. */
final class TwoWayQuestions {
    private TwoWayQuestions() {}

    static Item question(ItemRef ref, String frame, Draw draw) {
        Cell cell = Cell.drawn(draw, draw.between(2, 3), 45);
        Whole whole = draw.oneOf(Whole.values());
        Choices choices = Choices.right(whole.question(cell.t(), cell.r(), cell.c()));
        for (Whole other : Whole.values()) {
            choices.wrong(
                    other.question(cell.t(), cell.r(), cell.c()),
                    "wrong-total",
                    "The part fits. Compare the number below the line with the totals in the table.");
        }
        choices.wrong(
                whole.question(cell.t(), cell.r(), 1 - cell.c()),
                "other-cell",
                "The number above the line stands in another column.");
        return Items.of(ref)
                .text(cell.t().about() + " " + frame.formatted(Words.name(draw), "$" + cell.latex(whole) + "$"))
                .table(cell.t().table().head(), cell.t().table().rows())
                .part(Part.of(
                        "Which question does it answer?",
                        choices.shuffled("answer", "The question", draw),
                        "Find both numbers of the fraction in the table.",
                        "The number below the line is the whole: all, one row or one column.",
                        "In which row and which column does the " + cell.part() + " stand?"))
                .step(
                        "The " + cell.part() + " stands where " + cell.t().row(cell.r()) + " and "
                                + cell.t().column(cell.c()) + " meet.",
                        "")
                .step(
                        switch (whole) {
                            case ALL -> "The whole is the total of all.";
                            case ROW -> "The whole is the total of the row.";
                            case COLUMN -> "The whole is the total of the column.";
                        },
                        cell.latex(whole))
                .build();
    }

    static Item either(ItemRef ref, String frame, Draw draw) {
        Cell cell = Cell.drawn(draw, 3, 40);
        TwoWay t = cell.t();
        int row = t.rowTotal(cell.r());
        int column = t.columnTotal(cell.c());
        int members = row + column - cell.part();
        Rational share = Rational.of(members, t.total());
        AnswerSpec answer = AnswerSpec.number(Form.Shape.FRACTION, Linear.fraction(share));
        Mistakes mistakes = Mistakes.of(answer)
                .add(row + column + "/" + t.total(), "counted-twice", "Those that belong to both were counted twice.")
                .add(
                        cell.part() + "/" + t.total(),
                        "both-only",
                        "That is the part that belongs to both. One of the two is enough here.")
                .add(
                        members - cell.part() + "/" + t.total(),
                        "without-both",
                        "Those that belong to both belong to it, too: once.");
        Field field = Field.typed(
                "answer", "Fraction", "a fraction; it need not be in lowest terms", answer, mistakes.list());
        String sum = row + " + " + column + " - " + cell.part();
        return Items.of(ref)
                .text(t.about() + " " + frame)
                .table(t.table().head(), t.table().rows())
                .part(Part.of(
                        "What part of all is " + t.row(cell.r()) + " or " + t.column(cell.c()) + " (or both)?",
                        field,
                        "Which cells of the table belong to it?",
                        "Add the total of the row and that of the column. What was counted twice then?",
                        "The row comes to $" + row + "$, and the column to $" + column + "$."))
                .step(
                        "Row and column together, without counting twice what is in both, over all.",
                        "\\frac{" + sum + "}{" + t.total() + "}")
                .step("Work it out.", "\\frac{" + members + "}{" + t.total() + "}")
                .step("It may be left so or reduced.", Linear.fractionLatex(share))
                .calculator()
                .given("(" + sum + ")/" + t.total())
                .build();
    }

    /** The row with the largest count has not the largest share: who compares counts is wrong. */
    static Item largestShare(ItemRef ref, String frame, Draw draw) {
        int c = draw.between(0, 1);
        TwoWay t;
        do {
            t = TwoWay.draw(draw, 3, 60);
        } while (!isTelling(t, c));
        TwoWay table = t;
        int right = mostShare(t, c);
        Choices choices = Choices.right(t.rows().get(right));
        for (int r : List.of(0, 1, 2)) {
            choices.wrong(
                    t.rows().get(r),
                    r == mostCount(t, c) ? "largest-count" : "smaller-share",
                    r == mostCount(t, c)
                            ? "This row has the most of them. As a part of its row it is less than in another one."
                            : "Work out the share for each row: the count over the total of its row.");
        }
        Items item = Items.of(ref)
                .text(t.about() + " " + frame)
                .table(t.table().head(), t.table().rows())
                .part(Part.of(
                        "In which row is the share of " + t.column(c) + " the largest?",
                        choices.shuffled("answer", "The row", draw),
                        "Are the rows equally large?",
                        "A share is the count over the total of its own row. Work it out for each of the three.",
                        "In the row " + t.row(0) + " it is $" + t.count(0, c) + "$ of $" + t.rowTotal(0) + "$."));
        List.of(0, 1, 2)
                .forEach(r -> item.step(
                        "In the row " + table.row(r) + " it is $\\frac{" + table.count(r, c) + "}{" + table.rowTotal(r)
                                + "}$, about " + percent(table, r, c) + "%.",
                        ""));
        return item.step("The largest share is in the row " + t.row(right) + ".", "")
                .calculator()
                .build();
    }

    private static long percent(TwoWay t, int r, int c) {
        return Math.round(100.0 * t.count(r, c) / t.rowTotal(r));
    }

    private static int mostCount(TwoWay t, int c) {
        return best(t, (a, b) -> t.count(a, c) - t.count(b, c));
    }

    private static int mostShare(TwoWay t, int c) {
        return best(t, (a, b) -> (int) (percent(t, a, c) - percent(t, b, c)));
    }

    private static int best(TwoWay t, Comparator<Integer> order) {
        return IntStream.range(0, t.rows().size()).boxed().max(order).orElseThrow();
    }

    private static boolean isTelling(TwoWay t, int c) {
        int share = mostShare(t, c);
        return share != mostCount(t, c)
                && IntStream.range(0, 3).allMatch(r -> r == share || percent(t, share, c) - percent(t, r, c) >= 5);
    }
}
