package littlesummit.content.code.data;

import java.util.ArrayList;
import java.util.List;
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

/** The way back: relative frequencies of the rows and their totals give the counts. */
final class RelativeCounts {
    private static final int[] TOTALS = {20, 40, 60, 80, 120, 140, 160};

    private RelativeCounts() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        TwoWay story = TwoWay.draw(draw, 2, 20);
        int[] totals = {TOTALS[draw.between(0, 6)], 0};
        totals[1] = TOTALS[draw.between(0, 6, i -> TOTALS[i] != totals[0])];
        int[][] counts = new int[2][2];
        int[] twentieths = {draw.between(3, 17, n -> n != 10), 0};
        twentieths[1] = draw.between(3, 17, n -> n != 10 && n != twentieths[0]);
        for (int r = 0; r < 2; r++) {
            counts[r][0] = totals[r] * twentieths[r] / 20;
            counts[r][1] = totals[r] - counts[r][0];
        }
        TwoWay t = new TwoWay(story.about(), story.rows(), story.columns(), counts);
        List<Field> fields = new ArrayList<>();
        List<List<String>> given = new ArrayList<>();
        List<List<String>> cells = new ArrayList<>();
        for (int r = 0; r < 2; r++) {
            given.add(List.of(t.rows().get(r), share(t, r, 0), share(t, r, 1), String.valueOf(t.rowTotal(r))));
            cells.add(List.of(t.rows().get(r), "{{r" + r + "c0}}", "{{r" + r + "c1}}"));
            fields.add(cell(t, r, 0));
            fields.add(cell(t, r, 1));
        }
        String first = share(t, 0, 0) + "\\cdot " + t.rowTotal(0);
        return Items.of(ref)
                .text(t.about() + " " + frame)
                .table(List.of("", t.columns().get(0), t.columns().get(1), "how many in all"), given)
                .part(new Part(
                        "Fill in the counts.",
                        fields,
                        new Layout.InTable(
                                List.of("", t.columns().get(0), t.columns().get(1)), cells, false),
                        List.of(
                                "A relative frequency is a count divided by a total. How do you get back?",
                                "Multiply each share by the total of its own row.",
                                "The first count is $" + first + "$.")))
                .step("Take the first cell: its share of the total of the row.", first)
                .step("Work it out.", String.valueOf(t.count(0, 0)))
                .step("The other cells go the same way. All of them: " + row(t, 0) + "; " + row(t, 1) + ".", "")
                .calculator()
                .given(share(t, 0, 0) + "*" + t.rowTotal(0))
                .build();
    }

    private static String row(TwoWay t, int r) {
        return t.rows().get(r) + " " + t.count(r, 0) + " and " + t.count(r, 1);
    }

    private static String share(TwoWay t, int r, int c) {
        return Tex.plain(Rational.of(t.count(r, c), t.rowTotal(r)), 2);
    }

    private static Field cell(TwoWay t, int r, int c) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(t.count(r, c)));
        Rational share = Rational.of(t.count(r, c), t.rowTotal(r));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        Tex.plain(share.times(Rational.of(t.total()))),
                        "grand-total",
                        "It looks as if the share was taken of all. It is a share of its row.")
                .add(
                        Tex.plain(share.times(Rational.of(100))),
                        "percent-as-count",
                        "That many it would be if there were a hundred in the row. How many are there?")
                .add(String.valueOf(t.count(r, 1 - c)), "other-cell", "That belongs into the other cell of the row.");
        return Field.typed(
                "r" + r + "c" + c,
                t.rows().get(r) + ", " + t.columns().get(c),
                "a whole number",
                answer,
                mistakes.list());
    }
}
