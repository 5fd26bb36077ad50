package littlesummit.core.math;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.math.Statement.Joiner;
import littlesummit.core.math.Statement.Relation;

/** Trees as LaTeX that {@link Parser} reads back to the same tree. */
public final class LatexPrinter {
    private static final String POINT = "\\cdot ";
    private static final String CROSS = "\\times ";

    private LatexPrinter() {}

    public static String latex(Statement statement) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> latex(expr);
            case Statement.Relations(List<Expr> sides, List<Relation> signs) -> relations(sides, signs);
            case Statement.Sequence(Joiner joiner, List<Statement> items) ->
                items.stream().map(LatexPrinter::latex).collect(Collectors.joining(joiner(joiner)));
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                "\\left" + delimiter(open)
                        + items.stream().map(LatexPrinter::latex).collect(Collectors.joining(", ")) + "\\right"
                        + delimiter(close);
            case Statement.Union(List<Statement> parts) ->
                parts.stream().map(LatexPrinter::latex).collect(Collectors.joining("\\cup "));
            case Statement.Nothing n -> "\\varnothing";
            case Statement.Reals(List<Expr> except) ->
                "\\text{all real numbers}"
                        + (except.isEmpty()
                                ? ""
                                : "\\text{ except }"
                                        + except.stream()
                                                .map(LatexPrinter::latex)
                                                .collect(Collectors.joining("\\text{ and }")));
            case Statement.SetBuilder(String letter, Statement condition) ->
                "\\left\\{" + letter + "\\mid " + latex(condition) + "\\right\\}";
            case Statement.Measure(Expr amount, Unit unit) -> latex(amount) + unit.latex();
            case Statement.Measures(List<Statement.Measure> parts) ->
                parts.stream().map(LatexPrinter::latex).collect(Collectors.joining("\\;"));
            case Statement.Continued(Relation sign, Statement rest) -> relation(sign) + latex(rest);
        };
    }

    private static String delimiter(char bracket) {
        return bracket == '{' || bracket == '}' ? "\\" + bracket : String.valueOf(bracket);
    }

    private static String joiner(Joiner joiner) {
        return switch (joiner) {
            case COMMA -> ",\\; ";
            case AND -> "\\text{ and }";
            case OR -> "\\text{ or }";
        };
    }

    private static String relations(List<Expr> sides, List<Relation> signs) {
        StringBuilder text = new StringBuilder(latex(sides.getFirst()));
        for (int i = 0; i < signs.size(); i++) {
            text.append(relation(signs.get(i))).append(latex(sides.get(i + 1)));
        }
        return text.toString();
    }

    private static String relation(Relation sign) {
        return switch (sign) {
            case EQUAL -> " = ";
            case LESS -> " < ";
            case GREATER -> " > ";
            case AT_MOST -> " \\le ";
            case AT_LEAST -> " \\ge ";
            case NOT_EQUAL -> " \\ne ";
            case ABOUT -> " \\approx ";
        };
    }

    public static String latex(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> digits(n);
            case Expr.Mixed m -> m.whole() + "\\frac{" + m.num() + "}{" + m.den() + "}";
            case Expr.Repeating r -> repeating(r.written(), r.period());
            case Expr.Letter(String name) -> IndexedLetter.latex(name);
            case Expr.Pi p -> "\\pi ";
            case Expr.Infinity i -> "\\infty ";
            case Expr.Euler e -> "e";
            case Expr.Call(Fn fn, List<Expr> args) -> call(fn, args);
            case Expr.Applied(String name, List<Expr> args) -> "\\operatorname{" + name + "}" + listed(args);
            case Expr.Neg(Expr inner) -> "-" + term(inner);
            case Expr.PlusMinus(Expr inner) -> "\\pm " + term(inner);
            case Expr.Sum(List<Expr> terms) -> sum(terms);
            case Expr.Product(List<Expr> factors) -> product(factors);
            case Expr.Quotient(Expr num, Expr den) -> "\\frac{" + latex(num) + "}{" + latex(den) + "}";
            case Expr.Power(Expr base, Expr exponent) -> base(base) + "^{" + latex(exponent) + "}";
            case Expr.Root(int index, Expr radicand) ->
                "\\sqrt" + (index == 2 ? "" : "[" + index + "]") + "{" + latex(radicand) + "}";
            case Expr.Abs(Expr inner) ->
                "\\left|" + (inner.any(LatexPrinter::hasBarsBehindNumber) ? bracketed(inner) : latex(inner))
                        + "\\right|";
            case Expr.Percent(Expr inner) -> postfixed(inner) + "\\%";
            case Expr.Money(Expr inner) ->
                "\\$" + (inner instanceof Expr.Neg(Expr positive) ? "-" + factor(positive) : factor(inner));
            case Expr.Degrees(Expr inner) -> postfixed(inner) + "^{\\circ}";
        };
    }

    /** Within bars, a bar behind a number would be read as the end of the outer ones. */
    private static boolean hasBarsBehindNumber(Expr expr) {
        return expr instanceof Expr.Product(List<Expr> factors)
                && IntStream.range(1, factors.size())
                        .anyMatch(i -> isNumberBeforeBars(factors.get(i - 1), factors.get(i)));
    }

    private static boolean isNumberBeforeBars(Expr left, Expr right) {
        return left instanceof Expr.Num && right instanceof Expr.Abs;
    }

    private static String call(Fn fn, List<Expr> args) {
        return switch (fn) {
            case FACTORIAL ->
                (args.getFirst() instanceof Expr.Power ? bracketed(args.getFirst()) : postfixed(args.getFirst())) + "!";
            case BINOMIAL -> "\\binom{" + latex(args.getFirst()) + "}{" + latex(args.getLast()) + "}";
            case LOG ->
                "\\log" + (args.size() == 1 ? "" : "_{" + latex(args.getFirst()) + "}") + bracketed(args.getLast());
            case LCM -> "\\operatorname{lcm}" + listed(args);
            default -> "\\" + fn.symbol() + listed(args);
        };
    }

    private static String listed(List<Expr> args) {
        return "\\left(" + args.stream().map(LatexPrinter::latex).collect(Collectors.joining(", ")) + "\\right)";
    }

    private static String repeating(String written, int period) {
        int start = written.length() - period;
        return written.substring(0, start) + "\\overline{" + written.substring(start) + "}";
    }

    static String digits(Expr.Num n) {
        String all = n.digits().toString();
        if (n.places() == 0) {
            return all;
        }
        String padded = "0".repeat(Math.max(0, n.places() + 1 - all.length())) + all;
        return padded.substring(0, padded.length() - n.places()) + "." + padded.substring(padded.length() - n.places());
    }

    private static String bracketed(Expr expr) {
        return "\\left(" + latex(expr) + "\\right)";
    }

    private static String term(Expr expr) {
        return expr instanceof Expr.Sum ? bracketed(expr) : latex(expr);
    }

    private static String sum(List<Expr> terms) {
        StringBuilder text = new StringBuilder(term(terms.getFirst()));
        for (Expr next : terms.subList(1, terms.size())) {
            text.append(
                    switch (next) {
                        case Expr.Neg(Expr inner) -> "-" + term(inner);
                        case Expr.PlusMinus(Expr inner) -> "\\pm " + term(inner);
                        default -> "+" + term(next);
                    });
        }
        return text.toString();
    }

    private static String product(List<Expr> factors) {
        StringBuilder text = new StringBuilder(factor(factors.getFirst()));
        List<String> signs = IntStream.range(1, factors.size())
                .mapToObj(i -> sign(factors.get(i - 1), factors.get(i)))
                .toList();
        for (int i = 1; i < factors.size(); i++) {
            boolean isCross = signs.get(i - 1).equals(POINT) && signs.contains(CROSS);
            text.append(isCross ? CROSS : signs.get(i - 1)).append(factor(factors.get(i)));
        }
        return text.toString();
    }

    /**
     * Nothing where the factors may stand side by side, else a sign: × before a power of ten or a number, · otherwise.
     * A product that has both is written with × throughout.
     */
    private static String sign(Expr left, Expr right) {
        boolean digitsFollow = right instanceof Expr.Num
                || right instanceof Expr.Mixed
                || right instanceof Expr.Power(Expr base, Expr e)
                        && (base instanceof Expr.Num || base instanceof Expr.Mixed)
                || right instanceof Expr.Percent
                || right instanceof Expr.Degrees
                || right instanceof Expr.Money;
        if (digitsFollow) {
            return CROSS;
        }
        boolean plainLeft = left instanceof Expr.Num
                || left instanceof Expr.Letter
                || left instanceof Expr.Pi
                || left instanceof Expr.Euler
                || left instanceof Expr.Power
                || left instanceof Expr.Sum
                || left instanceof Expr.Root;
        boolean plainRight = right instanceof Expr.Letter
                || right instanceof Expr.Euler
                || right instanceof Expr.Call(Fn fn, List<Expr> args) && fn != Fn.FACTORIAL
                || right instanceof Expr.Pi
                || right instanceof Expr.Sum
                || right instanceof Expr.Root
                || right instanceof Expr.Power;
        return plainLeft && plainRight || isNumberBeforeBars(left, right) ? "" : POINT;
    }

    private static String factor(Expr expr) {
        return switch (expr) {
            case Expr.Sum s -> bracketed(expr);
            case Expr.Product p -> bracketed(expr);
            case Expr.Neg n -> bracketed(expr);
            case Expr.PlusMinus p -> bracketed(expr);
            default -> latex(expr);
        };
    }

    private static String base(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> latex(expr);
            case Expr.Letter l -> latex(expr);
            case Expr.Pi p -> latex(expr);
            case Expr.Euler e -> latex(expr);
            case Expr.Abs a -> latex(expr);
            default -> bracketed(expr);
        };
    }

    private static String postfixed(Expr expr) {
        return expr instanceof Expr.Power || expr instanceof Expr.Mixed || expr instanceof Expr.Percent
                ? latex(expr)
                : base(expr);
    }
}
