package littlesummit.content.code.data;

import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** The counts themselves: put together from the table, or worked out from the totals. */
final class TwoWayCounts {
    private static final String WANTED = "a whole number";

    private TwoWayCounts() {}

    /** The table comes without its totals, so that those have to be made. */
    static Item count(ItemRef ref, String frame, Draw draw) {
        TwoWay t = TwoWay.draw(draw, 2, 40);
        boolean byRow = draw.coin();
        int at = draw.between(0, 1);
        int key = byRow ? t.rowTotal(at) : t.columnTotal(at);
        int first = byRow ? t.count(at, 0) : t.count(0, at);
        int second = byRow ? t.count(at, 1) : t.count(1, at);
        String group = byRow ? t.row(at) : t.column(at);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(first), "one-cell", "Those are some of them. Which other number belongs to them?")
                .add(String.valueOf(second), "one-cell", "Those are some of them. Which other number belongs to them?")
                .add(String.valueOf(t.total()), "all", "Those are all. Only one group is asked for.")
                .add(
                        String.valueOf(byRow ? t.columnTotal(at) : t.rowTotal(at)),
                        "other-direction",
                        "Rows go from left to right, columns from top to bottom. Which one is asked for?");
        Block.Table table = t.table();
        String sum = first + " + " + second;
        return Items.of(ref)
                .text(t.about() + " " + frame)
                .table(
                        table.head().subList(0, 3),
                        table.rows().subList(0, 2).stream()
                                .map(row -> row.subList(0, 3))
                                .toList())
                .part(Part.of(
                        "How many are in the group " + group + " altogether?",
                        Field.typed("answer", "How many", WANTED, answer, mistakes.list()),
                        "Where in the table does " + group + " stand: at the left or at the top?",
                        "A group has a number for each of the two answers to the other question. Both count.",
                        "One of its two numbers is $" + first + "$. Find the other one."))
                .step("Take both numbers of the group.", sum)
                .step("Add them.", String.valueOf(key))
                .calculator()
                .given(sum)
                .build();
    }

    static Item missing(ItemRef ref, String frame, Draw draw) {
        TwoWay t = TwoWay.draw(draw, 3, 60);
        int r = draw.between(0, 2);
        int c = draw.between(0, 1);
        int key = t.count(r, c);
        int beside = t.count(r, 1 - c);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(t.rowTotal(r) + beside),
                        "added",
                        "The total of the row has the missing number in it already.")
                .add(
                        String.valueOf(t.columnTotal(c) - beside),
                        "mixed",
                        "A total of a column and a count of a row do not belong together.")
                .add(
                        String.valueOf(t.total() - beside),
                        "grand-total",
                        "The number at the bottom right is the total of all. Which total belongs to this row?")
                .add(String.valueOf(t.rowTotal(r)), "total", "That is the total of the row.");
        int above = IntStream.range(0, 3)
                .filter(i -> i != r)
                .map(i -> t.count(i, c))
                .sum();
        return Items.of(ref)
                .text(t.about() + " " + frame)
                .table(t.table().head(), t.table(r, c).rows())
                .part(Part.of(
                        "Which number belongs where the question mark stands?",
                        Field.typed("answer", "Missing count", WANTED, answer, mistakes.list()),
                        "Which total belongs to the row of the question mark?",
                        "The counts of a row add up to its total, and those of a column to the total below it.",
                        "In the row " + t.row(r) + " all are $" + t.rowTotal(r) + "$, and $" + beside
                                + "$ of them are in the other column."))
                .step("Take the other count away from the total of the row.", t.rowTotal(r) + " - " + beside)
                .step("That is what is missing.", String.valueOf(key))
                .step(
                        "The column agrees: with $" + above + "$ in the other rows it comes to $" + t.columnTotal(c)
                                + "$.",
                        "")
                .calculator()
                .given(t.rowTotal(r) + "-" + beside)
                .build();
    }
}
