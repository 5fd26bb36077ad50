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
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** Counts made into relative frequencies, cell by cell. */
final class RelativeCells {
    private RelativeCells() {}

    static Item rows(ItemRef ref, String frame, Draw draw) {
        return named(ref, frame, TwoWay.draw(draw, 2, 30), Whole.ROW, "each row");
    }

    static Item columns(ItemRef ref, String frame, Draw draw) {
        return named(ref, frame, TwoWay.draw(draw, 2, 30), Whole.COLUMN, "each column");
    }

    static Item ofAll(ItemRef ref, String frame, Draw draw) {
        return named(ref, frame, TwoWay.draw(draw, 2, 50), Whole.ALL, "all");
    }

    private static Item named(ItemRef ref, String frame, TwoWay t, Whole whole, String name) {
        return item(
                ref,
                frame,
                t,
                whole,
                "Fill in the relative frequencies of " + name + ", rounded to two decimal places.");
    }

    /** What adds up to 1 says of what the cells are parts. */
    static Item three(ItemRef ref, String frame, Draw draw) {
        Whole whole = draw.oneOf(Whole.values());
        String adds =
                switch (whole) {
                    case ROW -> "each row";
                    case COLUMN -> "each column";
                    case ALL -> "the whole table";
                };
        return item(
                ref,
                frame,
                TwoWay.draw(draw, 3, 80),
                whole,
                "Fill it in so that " + adds + " adds up to 1, but for the rounding. Round to two decimal places.");
    }

    private static Item item(ItemRef ref, String frame, TwoWay t, Whole whole, String prompt) {
        List<Field> fields = new ArrayList<>();
        List<List<String>> cells = new ArrayList<>();
        for (int r = 0; r < t.rows().size(); r++) {
            List<String> row = new ArrayList<>(List.of(t.rows().get(r)));
            for (int c = 0; c < 2; c++) {
                String id = "r" + r + "c" + c;
                row.add("{{" + id + "}}");
                fields.add(cell(id, t, r, c, whole));
            }
            cells.add(row);
        }
        int count = t.count(0, 0);
        int total = whole.of(t, 0, 0);
        Rational first = Rational.of(count, total);
        return Items.of(ref)
                .text(t.about() + " " + frame)
                .table(t.table().head(), t.table().rows())
                .part(new Part(
                        prompt,
                        fields,
                        new Layout.InTable(
                                List.of("", t.columns().get(0), t.columns().get(1)), cells, whole == Whole.ROW),
                        List.of(
                                "Which total belongs to a cell here: that of its row, of its column, or of all?",
                                "Divide each count by its total. " + adds(whole),
                                "The first cell is $" + count + "$ divided by $" + total + "$.")))
                .step(
                        "Take the first cell: its count over " + name(whole) + ".",
                        "\\frac{" + count + "}{" + total + "}")
                .step(
                        "As a decimal number with two decimal places.",
                        "\\frac{" + count + "}{" + total + "} \\approx " + share(t, 0, 0, whole))
                .step("The other cells go the same way. All of them: " + all(t, whole), "")
                .calculator()
                .given(count + "/" + total)
                .build();
    }

    private static String adds(Whole whole) {
        return "The shares of "
                + switch (whole) {
                    case ROW -> "one row";
                    case COLUMN -> "one column";
                    case ALL -> "all cells together";
                }
                + " add up to 1, but for the rounding.";
    }

    private static String name(Whole whole) {
        return switch (whole) {
            case ROW -> "the total of its row";
            case COLUMN -> "the total of its column";
            case ALL -> "the total of all";
        };
    }

    /** Every share, row by row. */
    private static String all(TwoWay t, Whole whole) {
        return IntStream.range(0, t.rows().size())
                .mapToObj(r -> t.rows().get(r) + " "
                        + IntStream.range(0, 2)
                                .mapToObj(c -> share(t, r, c, whole))
                                .collect(Collectors.joining(" and ")))
                .collect(Collectors.joining("; ", "", "."));
    }

    /** Rounded to two places. */
    static String share(TwoWay t, int r, int c, Whole whole) {
        return Tex.plain(Rational.of(t.count(r, c), whole.of(t, r, c)).roundHalfUp(2), 2);
    }

    private static Field cell(String id, TwoWay t, int r, int c, Whole whole) {
        int count = t.count(r, c);
        AnswerSpec answer = AnswerSpec.number(new Form.Rounded(2, false), count + "/" + whole.of(t, r, c));
        Mistakes mistakes = Mistakes.of(answer);
        for (Whole other : Whole.values()) {
            mistakes.addIf(
                    other != whole && other.of(t, r, c) != whole.of(t, r, c),
                    share(t, r, c, other),
                    other == Whole.ALL ? "grand-total" : "other-total",
                    "It looks as if the count was divided by " + name(other) + ". Here it is " + name(whole) + ".");
        }
        mistakes.add(
                Tex.plain(Rational.of(count, whole.of(t, r, c)).truncate(2), 2),
                "cut-off",
                "The digits were cut off. Look at the next digit before you round.");
        return Field.typed(
                id,
                t.rows().get(r) + ", " + t.columns().get(c),
                "a decimal number rounded to two decimal places",
                answer,
                mistakes.list());
    }
}
