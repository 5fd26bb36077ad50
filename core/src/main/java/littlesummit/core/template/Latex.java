package littlesummit.core.template;

import java.util.regex.Pattern;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.Statement;

/** LaTeX to be read: numbers of five digits and more have commas between their groups, as they have among words. */
final class Latex {
    private static final Pattern LONG = Pattern.compile("(?<![\\d.])\\d{5,}");
    private static final Pattern BETWEEN_GROUPS = Pattern.compile("(?<=\\d)(?=(?:\\d{3})+$)");

    private Latex() {}

    static String of(Expr expr) {
        return grouped(LatexPrinter.latex(expr));
    }

    static String of(Statement statement) {
        return grouped(LatexPrinter.latex(statement));
    }

    private static String grouped(String latex) {
        return LONG.matcher(latex)
                .replaceAll(number -> BETWEEN_GROUPS.matcher(number.group()).replaceAll("{,}"));
    }
}
