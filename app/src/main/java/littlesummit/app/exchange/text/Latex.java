package littlesummit.app.exchange.text;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import littlesummit.core.item.Tables;

/** LaTeX for an engine that reads UTF-8 and PDF pictures, such as LuaLaTeX. */
final class Latex implements Language {
    private static final Map<Character, String> SPECIAL = Map.ofEntries(
            Map.entry('\\', "\\textbackslash{}"),
            Map.entry('~', "\\textasciitilde{}"),
            Map.entry('^', "\\textasciicircum{}"),
            Map.entry('&', "\\&"),
            Map.entry('%', "\\%"),
            Map.entry('$', "\\$"),
            Map.entry('#', "\\#"),
            Map.entry('_', "\\_"),
            Map.entry('{', "\\{"),
            Map.entry('}', "\\}"),
            Map.entry('<', "\\textless{}"),
            Map.entry('>', "\\textgreater{}"),
            Map.entry('|', "\\textbar{}"),
            Map.entry('−', "$-$"),
            Map.entry('×', "$\\times$"),
            Map.entry('°', "$^\\circ$"));

    @Override
    public String escaped(String plain) {
        return plain.chars()
                .mapToObj(c -> SPECIAL.getOrDefault((char) c, String.valueOf((char) c)))
                .collect(Collectors.joining());
    }

    @Override
    public String heading(int level, String ours) {
        return (level <= 2 ? "\\section*{" : "\\subsection*{") + text(ours) + "}\n\n";
    }

    @Override
    public String formula(String latex) {
        return "\\[ " + latex + " \\]\n\n";
    }

    @Override
    public String columns(List<String> lines) {
        return "\\begin{verbatim}\n" + String.join("\n", lines) + "\n\\end{verbatim}\n\n";
    }

    @Override
    public String table(List<String> head, List<List<String>> rows) {
        return "\\begin{tabular}{|" + "l|".repeat(Tables.columns(head, rows)) + "}\n\\hline\n"
                + (head.isEmpty() ? "" : row(head))
                + rows.stream().map(this::row).collect(Collectors.joining()) + "\\end{tabular}\n\n";
    }

    private String row(List<String> cells) {
        return cells.stream().map(this::text).collect(Collectors.joining(" & ")) + " \\\\ \\hline\n";
    }

    @Override
    public String picture(String file, String alt) {
        return "\\includegraphics[alt={" + escaped(alt) + "}]{" + file + ".pdf}\n\n";
    }

    @Override
    public String list(List<String> ours) {
        return "\\begin{itemize}\n"
                + ours.stream().map(one -> "\\item " + text(one) + "\n").collect(Collectors.joining())
                + "\\end{itemize}\n\n";
    }

    @Override
    public String blank() {
        return "\\underline{\\hspace{4em}}";
    }

    @Override
    public String document(String title, String body) {
        return """
            \\documentclass[11pt]{article}
            \\usepackage{amsmath,amssymb,cancel,graphicx}
            \\setlength{\\parindent}{0pt}
            \\setlength{\\parskip}{6pt}
            \\begin{document}
            """ + heading(1, title) + body.strip() + "\n\\end{document}\n";
    }
}
