package littlesummit.core.grading;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.SpokenPrinter;
import littlesummit.core.math.Statement;

/**
 * An entry as it was understood, typeset and spoken: what has a way of writing of its own keeps it.
 *
 * @param isRatio whether several numbers are a ratio
 */
record KindPrinter(Kind kind, boolean isRatio) {
    String latex(Statement statement) {
        return switch (kind) {
            case PAIR ->
                isRatio ? joined(coordinates(statement), LatexPrinter::latex, " : ") : LatexPrinter.latex(statement);
            case REMAINDER -> joined(both(statement), LatexPrinter::latex, "\\ \\text{R}\\ ");
            case TIME -> clock(statement).replace(":", "{:}");
            case DATE -> "\\text{" + date(statement) + "}";
            case MATRIX ->
                rows(statement).stream()
                        .map(row -> row.stream().map(LatexPrinter::latex).collect(Collectors.joining(" & ")))
                        .collect(Collectors.joining(" \\\\ ", "\\begin{pmatrix} ", " \\end{pmatrix}"));
            case PIECES ->
                rows(statement).stream()
                        .map(KindPrinter::ruleInLatex)
                        .collect(Collectors.joining(" \\\\ ", "\\begin{cases} ", " \\end{cases}"));
            default -> LatexPrinter.latex(statement);
        };
    }

    String spoken(Statement statement) {
        return switch (kind) {
            case PAIR ->
                isRatio
                        ? joined(coordinates(statement), SpokenPrinter::spoken, " to ")
                        : SpokenPrinter.spoken(statement);
            case REMAINDER -> joined(both(statement), SpokenPrinter::spoken, ", remainder ");
            case TIME -> clock(statement);
            case DATE -> date(statement);
            case MATRIX ->
                rows(statement).stream()
                        .map(row -> row.stream().map(SpokenPrinter::spoken).collect(Collectors.joining(", ")))
                        .collect(Collectors.joining("; next row: ", "the matrix with the row ", ""));
            case PIECES ->
                rows(statement).stream().map(KindPrinter::ruleInWords).collect(Collectors.joining("; "));
            default -> SpokenPrinter.spoken(statement);
        };
    }

    private static String joined(List<Statement> parts, Function<Statement, String> printed, String between) {
        return parts.stream().map(printed).collect(Collectors.joining(between));
    }

    private static List<Statement> coordinates(Statement statement) {
        return statement instanceof Statement.Delimited ? inside(statement) : both(statement);
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

    private static String ruleInLatex(List<Statement> rule) {
        String value = LatexPrinter.latex(rule.getFirst()) + " & ";
        return rule.size() == 1
                ? value + "\\text{otherwise}"
                : value + "\\text{if } " + LatexPrinter.latex(rule.get(1));
    }

    private static String ruleInWords(List<Statement> rule) {
        String value = SpokenPrinter.spoken(rule.getFirst());
        return rule.size() == 1 ? value + ", otherwise" : value + ", if " + SpokenPrinter.spoken(rule.get(1));
    }

    /** Where it can be meant in two ways, both. */
    private static String date(Statement statement) {
        return both(statement).stream()
                .map(day -> day instanceof Statement.Value(Expr.Num n)
                        ? DateText.written(n.digits().intValueExact())
                        : "")
                .collect(Collectors.joining(" or "));
    }

    /** As a clock of 24 hours shows it. */
    private static String clock(Statement statement) {
        Statement first = both(statement).getFirst();
        int seconds = first instanceof Statement.Value(Expr.Num n) ? n.digits().intValueExact() : 0;
        String minutes = String.format(Locale.ROOT, "%d:%02d", seconds / 3600, seconds / 60 % 60);
        return seconds % 60 == 0 ? minutes : minutes + String.format(Locale.ROOT, ":%02d", seconds % 60);
    }
}
