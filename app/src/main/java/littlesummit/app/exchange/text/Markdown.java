package littlesummit.app.exchange.text;

import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import littlesummit.core.item.Tables;

/** CommonMark with tables, and mathematics between dollar signs as many programs read it. */
final class Markdown implements Language {
    /** What would begin something else than text. */
    private static final String SPECIAL = "\\`*_{}[]<>#|~$&!";

    @Override
    public String escaped(String plain) {
        StringBuilder text = new StringBuilder();
        for (char c : plain.toCharArray()) {
            text.append(SPECIAL.indexOf(c) >= 0 ? "\\" : "").append(c == '\n' ? ' ' : c);
        }
        // A number with a point, a plus or a minus at the beginning would be a list.
        return text.toString()
                .replaceFirst("^(\\s*\\d+)([.)]\\s)", "$1\\\\$2")
                .replaceFirst("^(\\s*)([-+=])", "$1\\\\$2");
    }

    @Override
    public String heading(int level, String ours) {
        return "#".repeat(level) + " " + text(ours) + "\n\n";
    }

    @Override
    public String formula(String latex) {
        return "$$\n" + latex + "\n$$\n\n";
    }

    @Override
    public String columns(List<String> lines) {
        return "```\n" + String.join("\n", lines) + "\n```\n\n";
    }

    @Override
    public String table(List<String> head, List<List<String>> rows) {
        int columns = Tables.columns(head, rows);
        return row(head.isEmpty() ? Collections.nCopies(columns, "") : head)
                + row(Collections.nCopies(columns, "---"), "")
                + rows.stream().map(this::row).collect(Collectors.joining()) + "\n";
    }

    private String row(List<String> cells) {
        return row(cells.stream().map(this::text).toList(), "");
    }

    private static String row(List<String> written, String none) {
        return "|"
                + written.stream()
                        .map(cell -> " " + (cell.isEmpty() ? none : cell.replaceAll("(?<!\\\\)\\|", "\\\\|")) + " |")
                        .collect(Collectors.joining())
                + "\n";
    }

    @Override
    public String picture(String file, String alt) {
        return "![" + escaped(alt) + "](" + file + ".svg)\n\n";
    }

    @Override
    public String list(List<String> ours) {
        return ours.stream().map(one -> "- " + text(one) + "\n").collect(Collectors.joining()) + "\n";
    }

    @Override
    public String blank() {
        return "\\_\\_\\_\\_\\_\\_";
    }

    @Override
    public String document(String title, String body) {
        return heading(1, title) + body.strip() + "\n";
    }
}
