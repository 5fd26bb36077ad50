package littlesummit.core.grading;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.SpokenPrinter;
import littlesummit.core.math.Statement;

/** An entry as it was understood, typeset and spoken: what has a way of writing of its own keeps it. */
final class KindPrinter {
    private KindPrinter() {}

    static String latex(Kind kind, Statement statement) {
        return switch (kind) {
            case REMAINDER ->
                both(statement).stream().map(LatexPrinter::latex).collect(Collectors.joining("\\ \\text{R}\\ "));
            case TIME -> clock(statement).replace(":", "{:}");
            case MATRIX ->
                rows(statement).stream()
                        .map(row -> row.stream().map(LatexPrinter::latex).collect(Collectors.joining(" & ")))
                        .collect(Collectors.joining(" \\\\ ", "\\begin{pmatrix} ", " \\end{pmatrix}"));
            default -> LatexPrinter.latex(statement);
        };
    }

    static String spoken(Kind kind, Statement statement) {
        return switch (kind) {
            case REMAINDER ->
                both(statement).stream().map(SpokenPrinter::spoken).collect(Collectors.joining(", remainder "));
            case TIME -> clock(statement);
            case MATRIX ->
                rows(statement).stream()
                        .map(row -> row.stream().map(SpokenPrinter::spoken).collect(Collectors.joining(", ")))
                        .collect(Collectors.joining("; next row: ", "the matrix with the row ", ""));
            default -> SpokenPrinter.spoken(statement);
        };
    }

    private static List<Statement> both(Statement statement) {
        return statement instanceof Statement.Sequence(var joiner, List<Statement> items) ? items : List.of(statement);
    }

    private static List<List<Statement>> rows(Statement statement) {
        return inside(statement).stream().map(KindPrinter::inside).toList();
    }

    private static List<Statement> inside(Statement statement) {
        return statement instanceof Statement.Delimited(char open, List<Statement> items, char close)
                ? items
                : List.of(statement);
    }

    /** As a clock of 24 hours shows it. */
    private static String clock(Statement statement) {
        Statement first = both(statement).getFirst();
        int seconds = first instanceof Statement.Value(Expr.Num n) ? n.digits().intValueExact() : 0;
        String minutes = String.format(Locale.ROOT, "%d:%02d", seconds / 3600, seconds / 60 % 60);
        return seconds % 60 == 0 ? minutes : minutes + String.format(Locale.ROOT, ":%02d", seconds % 60);
    }
}
