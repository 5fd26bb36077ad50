package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Fn;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.Statement;

/**
 * The written form up to spaces, notation, redundant brackets, swapped sides and the order of summands, factors and
 * list members.
 */
final class SameForm {
    private SameForm() {}

    static boolean of(Statement a, Statement b) {
        return print(a).equals(print(b));
    }

    private static String print(Statement statement) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> print(expr);
            case Statement.Relations(List<Expr> sides, var signs) -> relations(sides, signs);
            case Statement.Sequence(var joiner, List<Statement> items) ->
                (Claim.isJoint(statement) ? "all of" : "list")
                        + sorted(items.stream().map(SameForm::print));
            case Statement.Delimited(char open, List<Statement> items, char close)
            when open == '{' -> "list" + sorted(items.stream().map(SameForm::print));
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                open + items.stream().map(SameForm::print).collect(Collectors.joining(",")) + close;
            case Statement.Union(List<Statement> parts) ->
                "union" + sorted(parts.stream().map(SameForm::print));
            case Statement.Nothing n -> "nothing";
            case Statement.Reals(List<Expr> except) ->
                "reals" + sorted(except.stream().map(SameForm::print));
            case Statement.SetBuilder(String letter, Statement condition) -> letter + "|" + print(condition);
            case Statement.Measure(Expr amount, var unit) -> print(amount) + unit;
            case Statement.Measures(var parts) ->
                parts.stream().map(SameForm::print).toList().toString();
            case Statement.Continued(var sign, Statement rest) -> sign.sign() + print(rest);
        };
    }

    private static String relations(List<Expr> sides, List<Statement.Relation> signs) {
        List<String> printed =
                new ArrayList<>(sides.stream().map(SameForm::print).toList());
        List<String> marks =
                new ArrayList<>(signs.stream().map(Statement.Relation::sign).toList());
        boolean both = marks.stream().allMatch(s -> s.equals("=") || s.equals("!="));
        if (both && signs.size() == 1) {
            return marks.getFirst() + sorted(printed.stream());
        }
        if (marks.stream().allMatch(s -> s.startsWith(">"))) {
            printed = printed.reversed();
            marks = marks.reversed().stream().map(s -> s.replace('>', '<')).toList();
        }
        return String.join("~", printed) + marks;
    }

    private static String sorted(Stream<String> parts) {
        return parts.sorted().collect(Collectors.joining(";", "[", "]"));
    }

    private static String print(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> n.value().toString();
            case Expr.Sum s -> "sum" + sorted(terms(s).map(SameForm::print));
            case Expr.Product p -> product(p);
            case Expr.Neg(Expr inner) -> "neg(" + print(inner) + ")";
            case Expr.Letter(String name) -> name;
            case Expr.Root(int index, Expr radicand) -> "root" + index + "(" + print(radicand) + ")";
            case Expr.Mixed(var whole, var num, var den) -> whole + "&" + num + "/" + den;
            case Expr.Repeating r -> LatexPrinter.latex(r);
            case Expr.Money(Expr inner) -> print(inner);
            case Expr.Degrees(Expr inner) -> print(inner);
            case Expr.Applied(String name, List<Expr> args) ->
                name + args.stream().map(SameForm::print).toList();
            case Expr.Call(Fn fn, List<Expr> args) ->
                fn + args.stream().map(SameForm::print).toList().toString();
            default ->
                expr.getClass().getSimpleName()
                        + expr.children().stream().map(SameForm::print).toList();
        };
    }

    /** Nested sums are one sum: the brackets around a sum in a sum are redundant. */
    private static Stream<Expr> terms(Expr expr) {
        return expr instanceof Expr.Sum(List<Expr> terms) ? terms.stream().flatMap(SameForm::terms) : Stream.of(expr);
    }

    private static Stream<Expr> factors(Expr expr) {
        return expr instanceof Expr.Product(List<Expr> factors)
                ? factors.stream().flatMap(SameForm::factors)
                : Stream.of(expr);
    }

    /** A sign on the first factor is the sign of the product: (−3)a is −3a. */
    private static String product(Expr.Product product) {
        List<Expr> factors = factors(product).toList();
        if (factors.getFirst() instanceof Expr.Neg(Expr inner)) {
            List<Expr> rest = new ArrayList<>(factors);
            rest.set(0, inner);
            return "neg(" + print(new Expr.Product(rest)) + ")";
        }
        return "product" + sorted(factors.stream().map(SameForm::print));
    }
}
