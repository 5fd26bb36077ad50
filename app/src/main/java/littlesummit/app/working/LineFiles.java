package littlesummit.app.working;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.core.grading.Reader;
import littlesummit.core.working.Lines;

/** Lines of work as plain text and as LaTeX. */
final class LineFiles {
    private static final String HEAD = """
        \\documentclass{article}
        \\usepackage{amsmath,amssymb}
        \\usepackage[normalem]{ulem}
        \\setlength{\\parindent}{0pt}
        \\begin{document}
        """;

    private LineFiles() {}

    /** One line a line; what is struck through stands between tildes. */
    static String text(List<WorkLine> lines) {
        return lines.stream()
                .map(l -> l.struck() ? "~~" + l.text() + "~~" : l.text())
                .collect(Collectors.joining("\n", "", "\n"));
    }

    /**
     * A document that can be typeset as it is.
     *
     * @param letters that the item knows; what cannot be read with them is text
     */
    static String latex(List<WorkLine> lines, Set<String> letters) {
        return lines.stream()
                .map(line -> paragraph(line, letters))
                .collect(Collectors.joining("\n\n", HEAD, "\n\\end{document}\n"));
    }

    private static String paragraph(WorkLine line, Set<String> letters) {
        Reader.ReadAs read = Lines.read(line.text(), letters);
        String body = read.at() < 0 && !read.latex().isEmpty() ? "$" + read.latex() + "$" : escaped(line.text());
        return line.struck() ? "\\sout{" + body + "}" : body;
    }

    private static String escaped(String text) {
        return text.chars()
                .mapToObj(c -> switch (c) {
                    case '\\' -> "\\textbackslash{}";
                    case '^' -> "\\textasciicircum{}";
                    case '~' -> "\\textasciitilde{}";
                    case '#', '$', '%', '&', '_', '{', '}' -> "\\" + (char) c;
                    default -> Character.toString(c);
                })
                .collect(Collectors.joining());
    }
}
