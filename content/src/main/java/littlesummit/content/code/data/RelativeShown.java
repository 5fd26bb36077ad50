package littlesummit.content.code.data;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** Tables of shares that are looked at: of what they are parts, and whether the rows differ. */
final class RelativeShown {
    private static final List<String> WHOLES =
            List.of("of all together", "of each row", "of each column", "of something else");

    private RelativeShown() {}

    static Item recognise(ItemRef ref, String frame, Draw draw) {
        TwoWay t = TwoWay.draw(draw, 3, 60);
        Whole whole = draw.oneOf(Whole.values());
        String right = WHOLES.get(whole.ordinal());
        Choices choices = Choices.right(right);
        for (String other : WHOLES.subList(0, 3)) {
            choices.wrong(
                    other, "wrong-whole", "Add up the numbers that would belong together then: do they come to 1?");
        }
        choices.wrong(
                WHOLES.getLast(),
                "wrong-whole",
                "Add up the rows, the columns and all of them. One of these sums comes to 1, but for the rounding.");
        List<List<String>> rows = IntStream.range(0, 3)
                .mapToObj(r -> List.of(
                        t.rows().get(r), RelativeCells.share(t, r, 0, whole), RelativeCells.share(t, r, 1, whole)))
                .toList();
        String first = RelativeCells.share(t, 0, 0, whole);
        String second = RelativeCells.share(t, 0, 1, whole);
        return Items.of(ref)
                .text(t.about() + " " + frame.formatted(Words.name(draw)))
                .table(List.of("", t.columns().get(0), t.columns().get(1)), rows)
                .part(Part.of(
                        "Of what are the relative frequencies parts?",
                        choices.ordered("answer", "Parts", Comparator.comparingInt(WHOLES::indexOf)),
                        "What has to come out when one adds up all parts of a whole?",
                        "Parts of one whole add up to 1, but for the rounding.",
                        "Try the first row: $" + first + " + " + second + "$."))
                .step("Add up the first row, to see whether it is a whole.", first + " + " + second)
                .step("They are relative frequencies " + right + ": those add up to 1, but for the rounding.", "")
                .calculator()
                .given(first + "+" + second)
                .build();
    }

    /** Rows of unequal size whose shares are nearly the same, or clearly are not. */
    static Item linked(ItemRef ref, String frame, Draw draw) {
        boolean linked = draw.coin();
        TwoWay story = TwoWay.draw(draw, 2, 20);
        int[] totals = {draw.between(30, 50), draw.between(80, 160)};
        int share = draw.between(25, 70);
        int other = linked ? (share > 47 ? share - draw.between(18, 22) : share + draw.between(18, 22)) : share;
        int[][] counts = {split(totals[0], share), split(totals[1], other)};
        TwoWay t = new TwoWay(story.about(), story.rows(), story.columns(), counts);
        String yes = "Yes: the share of " + t.column(0) + " differs clearly between the rows.";
        String no = "No: the share of " + t.column(0) + " is about the same in both rows.";
        Choices choices = Choices.right(linked ? yes : no)
                .wrong(
                        linked ? no : yes,
                        "shares-not-compared",
                        "Work out the share for both rows and compare the two.")
                .wrong(
                        "Yes: in one row there are many more than in the other.",
                        "counts-compared",
                        "That only says that one row is larger. Compare shares, not counts.")
                .wrong(
                        "No: both columns occur in each row.",
                        "both-occur",
                        "They may occur in every row and still be shared out in quite another way.");
        return Items.of(ref)
                .text(t.about() + " " + frame)
                .table(t.table().head(), t.table().rows())
                .part(Part.of(
                        "What does the table show?",
                        choices.shuffled("answer", "What it shows", draw),
                        "What would one have to see if the rows differed only in size?",
                        "Two questions are linked when the shares differ from row to row.",
                        "In the row " + t.row(0) + " the share of " + t.column(0) + " is $\\frac{" + t.count(0, 0)
                                + "}{" + t.rowTotal(0) + "}$. What is it in the other row?"))
                .step("The share in the first row.", quotient(t, 0))
                .step("The share in the second row is about " + RelativeCells.share(t, 1, 0, Whole.ROW) + ".", "")
                .step(
                        linked
                                ? "The two are far apart: the answers are linked."
                                : "The two are nearly the same: the rows differ in size only.",
                        "")
                .calculator()
                .given(t.count(0, 0) + "/" + t.rowTotal(0))
                .build();
    }

    private static String quotient(TwoWay t, int r) {
        return "\\frac{" + t.count(r, 0) + "}{" + t.rowTotal(r) + "} \\approx "
                + RelativeCells.share(t, r, 0, Whole.ROW);
    }

    private static int[] split(int total, int percent) {
        int count = (int) Math.round(total * percent / 100.0);
        return new int[] {count, total - count};
    }
}
