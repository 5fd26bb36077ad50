package littlesummit.core.template;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;

/** The expressions of a statement: all of them, or each replaced by another. */
final class Trees {
    private Trees() {}

    static List<Expr> exprs(Statement statement) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> List.of(expr);
            case Statement.Relations(List<Expr> sides, var signs) -> sides;
            case Statement.Sequence(var joiner, List<Statement> items) -> all(items);
            case Statement.Delimited(char open, List<Statement> items, char close) -> all(items);
            case Statement.Union(List<Statement> parts) -> all(parts);
            case Statement.Nothing n -> List.of();
            case Statement.Reals(List<Expr> except) -> except;
            case Statement.SetBuilder(String letter, Statement condition) -> exprs(condition);
            case Statement.Measure(Expr amount, var unit) -> List.of(amount);
            case Statement.Measures(var parts) ->
                parts.stream().map(Statement.Measure::amount).toList();
            case Statement.Continued(var sign, Statement rest) -> exprs(rest);
        };
    }

    private static List<Expr> all(List<Statement> items) {
        return items.stream().flatMap(item -> exprs(item).stream()).toList();
    }

    static Statement map(Statement statement, UnaryOperator<Expr> change) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> new Statement.Value(change.apply(expr));
            case Statement.Relations(List<Expr> sides, var signs) ->
                new Statement.Relations(sides.stream().map(change).toList(), signs);
            case Statement.Sequence(var joiner, List<Statement> items) ->
                new Statement.Sequence(joiner, map(items, change));
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                new Statement.Delimited(open, map(items, change), close);
            case Statement.Union(List<Statement> parts) -> new Statement.Union(map(parts, change));
            case Statement.Nothing n -> n;
            case Statement.Reals(List<Expr> except) ->
                new Statement.Reals(except.stream().map(change).toList());
            case Statement.SetBuilder(String letter, Statement condition) ->
                new Statement.SetBuilder(letter, map(condition, change));
            case Statement.Measure(Expr amount, var unit) -> new Statement.Measure(change.apply(amount), unit);
            case Statement.Measures(var parts) ->
                new Statement.Measures(parts.stream()
                        .map(part -> new Statement.Measure(change.apply(part.amount()), part.unit()))
                        .toList());
            case Statement.Continued(var sign, Statement rest) -> new Statement.Continued(sign, map(rest, change));
        };
    }

    private static List<Statement> map(List<Statement> items, UnaryOperator<Expr> change) {
        return items.stream().map(item -> map(item, change)).toList();
    }

    /** Whether a letter is left that stands for itself. */
    static boolean hasLetter(Expr expr) {
        return expr.any(part -> part instanceof Expr.Letter(String name) && !isText(name));
    }

    /** A number with brackets around it is carried through the printers as a letter with a long name. */
    static boolean isText(String name) {
        return name.length() > 1;
    }

    static Stream<String> letters(Expr expr) {
        return expr instanceof Expr.Letter(String name)
                ? Stream.of(name)
                : expr.children().stream().flatMap(Trees::letters);
    }
}
