package littlesummit.core.math;

import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Texts with mathematics between dollar signs, as a sentence to read aloud. */
public final class SpokenText {
    private static final Set<String> LETTERS =
            Set.of("a", "b", "c", "d", "h", "k", "m", "n", "p", "r", "s", "t", "u", "w", "x", "y", "z");
    private static final Pattern PIECE = Pattern.compile("\\\\\\$|\\$((?:[^$\\\\]|\\\\.)*)\\$|\\{\\{[^}]*\\}\\}");

    /** A function by its name: f(x) = … */
    private static final Pattern FUNCTION = Pattern.compile("([fghp])\\(([a-z])\\) *= *(.*)");

    private SpokenText() {}

    /**
     * @param text plain, with LaTeX between dollar signs; {@code \$} is a dollar sign, <code>{{id}}</code> a place to
     *     fill
     */
    public static String of(String text) {
        Matcher piece = PIECE.matcher(text.replaceAll("\\\\\\$(\\d[\\d,]*(?:\\.\\d+)?)", "$1 dollars"));
        StringBuilder spoken = new StringBuilder();
        while (piece.find()) {
            piece.appendReplacement(spoken, Matcher.quoteReplacement(said(piece)));
        }
        return piece.appendTail(spoken)
                .toString()
                .replace("°", " degrees")
                .replaceAll(" +", " ")
                .strip();
    }

    private static String said(Matcher piece) {
        if (piece.group(1) != null) {
            return math(piece.group(1));
        }
        return piece.group().startsWith("{{") ? "blank" : "dollars";
    }

    /** One formula. What the parser does not know is said by its signs. */
    public static String math(String latex) {
        String shown = latex.replaceAll("\\{\\{[^}]*\\}\\}", " blank ");
        Matcher function = FUNCTION.matcher(shown);
        if (function.matches()) {
            return function.group(1) + " of " + function.group(2) + " equals " + math(function.group(3));
        }
        return Parser.read(shown, Syntax.line(LETTERS)) instanceof Reading.Understood(Statement statement)
                ? SpokenPrinter.spoken(statement)
                : bySigns(shown);
    }

    private static String bySigns(String latex) {
        return latex.replace("\\,", "")
                .replace("\\cdot", " times ")
                .replace("\\times", " times ")
                .replace("\\ldots", " and so on ")
                .replace("\\%", " percent")
                .replace("\\circ", " degrees ")
                .replaceAll("\\\\overleftrightarrow", " line ")
                .replaceAll("\\\\overrightarrow", " ray ")
                .replaceAll("\\\\overline", " segment ")
                .replaceAll("\\\\text\\{([^}]*)\\}", "$1")
                .replaceAll("\\\\[a-z]+", " ")
                .replaceAll("[{}^_$]", " ")
                .replace("=", " equals ")
                .replace("+", " plus ")
                .replaceAll(" +", " ")
                .strip();
    }
}
