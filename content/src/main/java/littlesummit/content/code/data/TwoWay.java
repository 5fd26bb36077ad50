package littlesummit.content.code.data;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.item.Block;
import littlesummit.core.skill.Draw;

/**
 * A table of counts by two questions.
 *
 * @param counts by row and column
 */
record TwoWay(String about, List<String> rows, List<String> columns, int[][] counts) {
    static TwoWay draw(Draw draw, int size, int most) {
        List<TwoWay> stories = List.of(
                new TwoWay(
                        "Guests of the hut were asked how they came up and whether they stay the night.",
                        List.of("on foot", "by cable way", "on snowshoes"),
                        List.of("stay", "go down"),
                        new int[0][]),
                new TwoWay(
                        "The goat dairy noted which cheese was sold to whom.",
                        List.of("young cheese", "old cheese", "smoked cheese"),
                        List.of("villagers", "guests"),
                        new int[0][]),
                new TwoWay(
                        "The rescue post counted its ropes by length and state.",
                        List.of("short ropes", "long ropes", "spare ropes"),
                        List.of("sound", "worn"),
                        new int[0][]),
                new TwoWay(
                        "The children of the school were asked how they get there and whether they bring their lunch.",
                        List.of("walking", "on skis", "by bus"),
                        List.of("with lunch", "without"),
                        new int[0][]),
                new TwoWay(
                        "The forester noted the trees along the trail and whether birds nest in them.",
                        List.of("firs", "larches", "birches"),
                        List.of("with nest", "without nest"),
                        new int[0][]));
        TwoWay story = draw.oneOf(stories);
        int[][] counts = new int[size][2];
        for (int[] row : counts) {
            row[0] = draw.between(6, most);
            row[1] = draw.between(6, most, n -> n != row[0]);
        }
        return new TwoWay(story.about, story.rows.subList(0, size), story.columns, counts);
    }

    /** A row or a column as it is called in a question. */
    static String quoted(String name) {
        return "“" + name + "”";
    }

    String row(int row) {
        return quoted(rows.get(row));
    }

    String column(int column) {
        return quoted(columns.get(column));
    }

    int count(int row, int column) {
        return counts[row][column];
    }

    int rowTotal(int row) {
        return counts[row][0] + counts[row][1];
    }

    int columnTotal(int column) {
        int sum = 0;
        for (int[] row : counts) {
            sum += row[column];
        }
        return sum;
    }

    int total() {
        return columnTotal(0) + columnTotal(1);
    }

    Block.Table table() {
        return table(-1, -1);
    }

    /** The table with one count left out; with all of them where the row is -1. */
    Block.Table table(int hiddenRow, int hiddenColumn) {
        List<List<String>> body = new ArrayList<>();
        for (int r = 0; r < counts.length; r++) {
            body.add(List.of(
                    rows.get(r),
                    r == hiddenRow && hiddenColumn == 0 ? "?" : String.valueOf(counts[r][0]),
                    r == hiddenRow && hiddenColumn == 1 ? "?" : String.valueOf(counts[r][1]),
                    String.valueOf(rowTotal(r))));
        }
        body.add(List.of(
                "all", String.valueOf(columnTotal(0)), String.valueOf(columnTotal(1)), String.valueOf(total())));
        return new Block.Table(List.of("", columns.get(0), columns.get(1), "all"), body);
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof TwoWay t && t.table().equals(table()) && t.about.equals(about);
    }

    @Override
    public int hashCode() {
        return table().hashCode();
    }
}
