package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Two-way tables read cell by cell, and the words of the question taken at their word. */
class TablesSeenTest {
    private static final Pattern QUOTED = Pattern.compile("“([^”]+)”");

    private static List<Item> items(String kind) {
        return SeenItems.of("two-way-read", kind);
    }

    /** Counts by row and column, without the totals. */
    private record Seen(List<String> rows, List<String> columns, double[][] counts) {
        static Seen of(Item item) {
            List<List<String>> all = SeenItems.table(item);
            List<String> columns = SeenItems.head(item).subList(1, 3);
            List<List<String>> body =
                    all.stream().filter(row -> !row.getFirst().equals("all")).toList();
            return new Seen(
                    body.stream().map(List::getFirst).toList(),
                    columns,
                    body.stream()
                            .map(row -> new double[] {number(row.get(1)), number(row.get(2))})
                            .toArray(double[][]::new));
        }

        private static double number(String cell) {
            return cell.equals("?") ? Double.NaN : Double.parseDouble(cell);
        }

        double row(int r) {
            return counts[r][0] + counts[r][1];
        }

        double column(int c) {
            return IntStream.range(0, counts.length)
                    .mapToDouble(r -> counts[r][c])
                    .sum();
        }

        double all() {
            return column(0) + column(1);
        }

        double whole(String question, int r, int c) {
            return question.matches("What (part|percent) of all.*")
                    ? all()
                    : question.contains("in the row") ? row(r) : column(c);
        }
    }

    private static List<String> quoted(String question) {
        return QUOTED.matcher(question).results().map(m -> m.group(1)).toList();
    }

    /** Above and below the line of the part that a question asks for. */
    private static double[] part(Seen t, String question) {
        List<String> names = quoted(question);
        int r = names.stream().mapToInt(t.rows()::indexOf).max().orElseThrow();
        int c = names.stream().mapToInt(t.columns()::indexOf).max().orElseThrow();
        return new double[] {t.counts()[r][c], t.whole(question, r, c)};
    }

    @Test
    void aGroupIsAllOfItsCells() {
        items("count").forEach(item -> {
            Seen t = Seen.of(item);
            String group = quoted(item.parts().getFirst().prompt()).getFirst();
            SeenItems.comesTo(
                    t.rows().contains(group)
                            ? t.row(t.rows().indexOf(group))
                            : t.column(t.columns().indexOf(group)),
                    item);
        });
    }

    @Test
    void theMissingCountFillsItsColumn() {
        items("missing").forEach(item -> {
            Seen t = Seen.of(item);
            List<String> totals = SeenItems.table(item).getLast();
            int c = Double.isNaN(t.column(0)) ? 0 : 1;
            double known = IntStream.range(0, t.rows().size())
                    .mapToDouble(r -> t.counts()[r][c])
                    .filter(n -> !Double.isNaN(n))
                    .sum();
            SeenItems.comesTo(Double.parseDouble(totals.get(c + 1)) - known, item);
        });
    }

    @Test
    void theWholeIsWhatTheQuestionNames() {
        items("fraction").forEach(item -> {
            double[] part = part(Seen.of(item), item.parts().getFirst().prompt());
            SeenItems.comesTo(part[0] / part[1], item);
        });
        items("percent").forEach(item -> {
            double[] part = part(Seen.of(item), item.parts().getFirst().prompt());
            SeenItems.comesTo(Math.floor(100 * part[0] / part[1] + 0.5 + 1e-9), item);
        });
        SeenItems.seldom(items("percent"), item -> {
            double[] part = part(Seen.of(item), item.parts().getFirst().prompt());
            return Math.floor(part[0] + 0.5);
        });
    }

    private static String latex(double[] part) {
        return "\\frac{" + (int) part[0] + "}{" + (int) part[1] + "}";
    }

    @Test
    void theFractionBelongsToItsQuestion() {
        items("which").forEach(item -> {
            Part part = item.parts().getFirst();
            assertEquals(latex(part(Seen.of(item), part.prompt())), SeenItems.chosen(part));
        });
        items("question").forEach(item -> {
            Seen t = Seen.of(item);
            Part part = item.parts().getFirst();
            String shown = SeenItems.text(item);
            assertTrue(shown.contains(latex(part(t, SeenItems.chosen(part)))), shown);
            SeenItems.others(part)
                    .forEach(other -> assertTrue(!shown.contains(latex(part(t, other))), other + " " + shown));
        });
    }

    @Test
    void whoBelongsToBothIsCountedOnce() {
        items("either").forEach(item -> {
            Seen t = Seen.of(item);
            List<String> names = quoted(item.parts().getFirst().prompt());
            int row = t.rows().indexOf(names.get(0));
            int column = t.columns().indexOf(names.get(1));
            double members = 0;
            for (int r = 0; r < t.rows().size(); r++) {
                for (int c = 0; c < 2; c++) {
                    members += r == row || c == column ? t.counts()[r][c] : 0;
                }
            }
            SeenItems.comesTo(members / t.all(), item);
        });
    }

    @Test
    void theLargestShareIsNotTheLargestCount() {
        items("largest-share").forEach(item -> {
            Seen t = Seen.of(item);
            int c = t.columns().indexOf(quoted(item.parts().getFirst().prompt()).getFirst());
            int best = 0;
            int most = 0;
            for (int r = 1; r < t.rows().size(); r++) {
                best = t.counts()[r][c] / t.row(r) > t.counts()[best][c] / t.row(best) ? r : best;
                most = t.counts()[r][c] > t.counts()[most][c] ? r : most;
            }
            String chosen = SeenItems.chosen(item.parts().getFirst());
            assertEquals(t.rows().get(best), chosen);
            assertTrue(!t.rows().get(most).equals(chosen), "who compares counts is right");
        });
    }

    private static double whole(String kind, String prompt, Seen t, int r, int c) {
        return switch (kind) {
            case "rows" -> t.row(r);
            case "columns" -> t.column(c);
            case "all" -> t.all();
            default -> prompt.contains("each row") ? t.row(r) : prompt.contains("each column") ? t.column(c) : t.all();
        };
    }

    @ParameterizedTest
    @ValueSource(strings = {"rows", "columns", "all", "three"})
    void everyCellIsAPartOfItsWhole(String kind) {
        SeenItems.of("two-way-relative", kind).forEach(item -> {
            Seen t = Seen.of(item);
            Part part = item.parts().getFirst();
            for (Field field : part.fields()) {
                int r = field.id().charAt(1) - '0';
                int c = field.id().charAt(3) - '0';
                double share = t.counts()[r][c] / whole(kind, part.prompt(), t, r, c);
                assertEquals(Math.floor(100 * share + 0.5 + 1e-9) / 100, SeenItems.value(field), 1e-9);
            }
        });
    }

    @Test
    void aShareTimesItsTotalIsTheCount() {
        SeenItems.of("two-way-relative", "back").forEach(item -> {
            List<List<String>> table = SeenItems.table(item);
            for (Field field : item.parts().getFirst().fields()) {
                List<String> row = table.get(field.id().charAt(1) - '0');
                double share = Double.parseDouble(row.get(field.id().charAt(3) - '0' + 1));
                assertEquals(share * Double.parseDouble(row.get(3)), SeenItems.value(field), 1e-9);
            }
        });
    }

    @Test
    void whatAddsUpToOneIsTheWhole() {
        SeenItems.of("two-way-relative", "recognise").forEach(item -> {
            Seen t = Seen.of(item);
            String whole = near(t.all())
                    ? "of all together"
                    : near(t.row(0)) && near(t.row(1)) && near(t.row(2))
                            ? "of each row"
                            : near(t.column(0)) && near(t.column(1)) ? "of each column" : "of something else";
            assertEquals(
                    whole, SeenItems.chosen(item.parts().getFirst()), item.ref().toString());
        });
    }

    private static boolean near(double sum) {
        return Math.abs(sum - 1) < 0.031;
    }

    @Test
    void rowsAreLinkedWhenTheirSharesDiffer() {
        List<Item> items = SeenItems.of("two-way-relative", "linked");
        items.forEach(item -> {
            Seen t = Seen.of(item);
            double gap = Math.abs(t.counts()[0][0] / t.row(0) - t.counts()[1][0] / t.row(1));
            assertTrue(gap < 0.03 || gap > 0.12, "it is seen clearly: " + gap);
            String chosen = SeenItems.chosen(item.parts().getFirst());
            assertTrue(chosen.startsWith(gap > 0.1 ? "Yes: the share" : "No: the share"), chosen);
        });
        assertTrue(Stream.of("Yes", "No").allMatch(a -> items.stream()
                .anyMatch(i -> SeenItems.chosen(i.parts().getFirst()).startsWith(a))));
    }
}
