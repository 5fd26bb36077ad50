package littlesummit.content.code.data;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/** A table of row or column relative frequencies, cell by cell. */
public final class TwoWayRelative extends SkillDefinition {
    public TwoWayRelative() {
        super("two-way-relative", "Relative frequencies", List.of("rows", "columns"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        TwoWay t = TwoWay.draw(draw, ref.tier() == 3 ? 3 : 2, Grounds.of(ref.tier(), 20, 45, 90));
        boolean byRow = ref.variant().equals("rows");
        List<Field> fields = new ArrayList<>();
        List<List<String>> cells = new ArrayList<>();
        for (int r = 0; r < t.rows().size(); r++) {
            List<String> row = new ArrayList<>(List.of(t.rows().get(r)));
            for (int c = 0; c < 2; c++) {
                String id = "r" + r + "c" + c;
                row.add("{{" + id + "}}");
                fields.add(cell(id, t, r, c, byRow));
            }
            cells.add(row);
        }
        int whole = byRow ? t.rowTotal(0) : t.columnTotal(0);
        Rational first = Rational.of(t.counts()[0][0], whole);
        Part part = new Part(
                "Fill in the relative frequencies of each " + (byRow ? "row" : "column") + ", rounded to two places.",
                fields,
                new Layout.InTable(List.of("", t.columns().get(0), t.columns().get(1)), cells, byRow),
                List.of(
                        "Which total belongs to a cell when you look at one " + (byRow ? "row" : "column") + " alone?",
                        "Divide each count by the total of its " + (byRow ? "row" : "column") + ". The shares of one "
                                + (byRow ? "row" : "column") + " add to 1, but for the rounding.",
                        "The first cell is $" + t.counts()[0][0] + "$ divided by $" + whole + "$."));
        return Items.of(ref)
                .text(t.about())
                .table(t.table().head(), t.table().rows())
                .part(part)
                .step(
                        "Take the first cell: its count over the total of its " + (byRow ? "row." : "column."),
                        "\\frac{" + t.counts()[0][0] + "}{" + whole + "}")
                .step(
                        "As a decimal number with two places.",
                        "\\frac{" + t.counts()[0][0] + "}{" + whole + "} \\approx " + Tex.plain(first.roundHalfUp(2)))
                .step("The other cells go the same way. All of them: " + all(t, byRow), "")
                .calculator()
                .given(t.counts()[0][0] + "/" + whole)
                .build();
    }

    /** Every share, row by row. */
    private static String all(TwoWay t, boolean byRow) {
        return IntStream.range(0, t.rows().size())
                .mapToObj(r -> t.rows().get(r) + " "
                        + IntStream.range(0, 2)
                                .mapToObj(c -> Rational.of(t.counts()[r][c], byRow ? t.rowTotal(r) : t.columnTotal(c)))
                                .map(share -> Tex.plain(share.roundHalfUp(2)))
                                .collect(Collectors.joining(" and ")))
                .collect(Collectors.joining("; ", "", "."));
    }

    private static Field cell(String id, TwoWay t, int r, int c, boolean byRow) {
        int count = t.counts()[r][c];
        int whole = byRow ? t.rowTotal(r) : t.columnTotal(c);
        AnswerSpec answer = AnswerSpec.number(new Form.Rounded(2, false), count + "/" + whole);
        Rational share = Rational.of(count, whole);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(Rational.of(count, t.total()).roundHalfUp(2)),
                        "grand-total",
                        "It looks as if the count was divided by the total of all.")
                .add(
                        Tex.plain(Rational.of(count, byRow ? t.columnTotal(c) : t.rowTotal(r))
                                .roundHalfUp(2)),
                        "other-total",
                        "It looks as if the total of the " + (byRow ? "column" : "row") + " was taken. Here it is the "
                                + (byRow ? "row" : "column") + ".")
                .add(
                        Tex.plain(share.truncate(2)),
                        "cut-off",
                        "The digits were cut off. Look at the next digit before you round.");
        return Field.typed(
                id,
                t.rows().get(r) + ", " + t.columns().get(c),
                "a decimal number rounded to two places",
                answer,
                mistakes.list());
    }
}
