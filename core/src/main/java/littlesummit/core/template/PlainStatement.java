package littlesummit.core.template;

import java.util.List;
import java.util.stream.Collectors;
import littlesummit.core.math.Expr;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Statement;

/** Statements as one types them. */
final class PlainStatement {
    private PlainStatement() {}

    static String of(Statement statement) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> PlainPrinter.plain(expr);
            case Statement.Relations(List<Expr> sides, var signs) -> {
                StringBuilder text = new StringBuilder(PlainPrinter.plain(sides.getFirst()));
                for (int i = 0; i < signs.size(); i++) {
                    text.append(' ').append(signs.get(i).sign()).append(' ');
                    text.append(PlainPrinter.plain(sides.get(i + 1)));
                }
                yield text.toString();
            }
            case Statement.Sequence(Statement.Joiner joiner, List<Statement> items) ->
                joined(
                        items,
                        switch (joiner) {
                            case COMMA -> ", ";
                            case AND -> " and ";
                            case OR -> " or ";
                        });
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                open + joined(items, ", ") + close;
            case Statement.Union(List<Statement> parts) -> joined(parts, " U ");
            case Statement.Nothing n -> "none";
            case Statement.Reals(List<Expr> except) ->
                except.isEmpty()
                        ? "all real numbers"
                        : "all real numbers except "
                                + except.stream().map(PlainPrinter::plain).collect(Collectors.joining(", "));
            case Statement.SetBuilder(String letter, Statement condition) -> "{" + letter + " | " + of(condition) + "}";
            case Statement.Measure(Expr amount, var unit) -> PlainPrinter.plain(amount) + " " + unit.symbol();
            case Statement.Measures(var parts) ->
                parts.stream().map(PlainStatement::of).collect(Collectors.joining(" "));
            case Statement.Continued(var sign, Statement rest) -> sign.sign() + " " + of(rest);
        };
    }

    private static String joined(List<Statement> items, String between) {
        return items.stream().map(PlainStatement::of).collect(Collectors.joining(between));
    }
}
