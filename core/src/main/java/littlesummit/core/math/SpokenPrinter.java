package littlesummit.core.math;

import java.util.List;
import java.util.stream.Collectors;
import littlesummit.core.math.Statement.Joiner;
import littlesummit.core.math.Statement.Relation;

/** Trees as a sentence for screen readers and for reading aloud. */
public final class SpokenPrinter {
    private SpokenPrinter() {}

    public static String spoken(Statement statement) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> spoken(expr);
            case Statement.Relations(List<Expr> sides, List<Relation> signs) -> relations(sides, signs);
            case Statement.Sequence(Joiner joiner, List<Statement> items) ->
                items.stream()
                        .map(SpokenPrinter::spoken)
                        .collect(Collectors.joining(
                                joiner == Joiner.COMMA ? ", " : joiner == Joiner.AND ? " and " : " or "));
            case Statement.Delimited(char open, List<Statement> items, char close) -> delimited(open, items, close);
            case Statement.Union(List<Statement> parts) ->
                parts.stream().map(SpokenPrinter::spoken).collect(Collectors.joining(", together with "));
            case Statement.Nothing n -> "nothing";
            case Statement.Reals(List<Expr> except) ->
                "all real numbers"
                        + (except.isEmpty()
                                ? ""
                                : " except "
                                        + except.stream()
                                                .map(SpokenPrinter::spoken)
                                                .collect(Collectors.joining(" and ")));
            case Statement.SetBuilder(String letter, Statement condition) ->
                "all " + letter + " with " + spoken(condition);
            case Statement.Measure(Expr amount, Unit unit) ->
                spoken(amount) + " " + (amount.equals(Expr.Num.of(1)) ? unit.one() : unit.many());
            case Statement.Measures(List<Statement.Measure> parts) ->
                parts.stream().map(SpokenPrinter::spoken).collect(Collectors.joining(" "));
            case Statement.Continued(Relation sign, Statement rest) -> relation(sign) + " " + spoken(rest);
        };
    }

    private static String delimited(char open, List<Statement> items, char close) {
        String inside = items.stream().map(SpokenPrinter::spoken).collect(Collectors.joining(", "));
        if (open == '{') {
            return "the set of " + inside;
        }
        boolean pair = open == '(' && close == ')';
        return pair
                ? "bracket " + inside + ", close bracket"
                : "from " + inside.replaceFirst(", ", " to ") + (open == '[' ? ", start included" : ", start left out")
                        + (close == ']' ? ", end included" : ", end left out");
    }

    private static String relations(List<Expr> sides, List<Relation> signs) {
        StringBuilder text = new StringBuilder(spoken(sides.getFirst()));
        for (int i = 0; i < signs.size(); i++) {
            text.append(' ').append(relation(signs.get(i))).append(' ').append(spoken(sides.get(i + 1)));
        }
        return text.toString();
    }

    private static String relation(Relation sign) {
        return switch (sign) {
            case EQUAL -> "equals";
            case LESS -> "is less than";
            case GREATER -> "is greater than";
            case AT_MOST -> "is at most";
            case AT_LEAST -> "is at least";
            case NOT_EQUAL -> "is not equal to";
            case ABOUT -> "is about";
        };
    }

    public static String spoken(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> LatexPrinter.digits(n);
            case Expr.Mixed m -> m.whole() + " and " + m.num() + " over " + m.den();
            case Expr.Repeating r ->
                r.written() + " with " + r.written().substring(r.written().length() - r.period()) + " repeating";
            case Expr.Letter(String name) -> IndexedLetter.spoken(name);
            case Expr.Pi p -> "pi";
            case Expr.Infinity i -> "infinity";
            case Expr.Euler e -> "e";
            case Expr.Call(Fn fn, List<Expr> args) -> call(fn, args);
            case Expr.Applied(String name, List<Expr> args) ->
                name + " of " + args.stream().map(SpokenPrinter::group).collect(Collectors.joining(" and "));
            case Expr.Neg(Expr inner) -> "negative " + group(inner);
            case Expr.PlusMinus(Expr inner) -> "plus or minus " + group(inner);
            case Expr.Sum(List<Expr> terms) -> sum(terms);
            case Expr.Product(List<Expr> factors) -> product(factors);
            case Expr.Quotient(Expr num, Expr den) -> quotient(num, den);
            case Expr.Power(Expr base, Expr exponent) -> group(base) + power(exponent);
            case Expr.Root(int index, Expr radicand) ->
                switch (index) {
                    case 2 -> "the square root of " + ended(radicand, "root");
                    case 3 -> "the cube root of " + ended(radicand, "root");
                    default -> "the root of index " + index + " of " + ended(radicand, "root");
                };
            case Expr.Abs(Expr inner) -> "the absolute value of " + ended(inner, "absolute value");
            case Expr.Percent(Expr inner) -> group(inner) + " percent";
            case Expr.Money(Expr inner) -> group(inner) + " dollars";
            case Expr.Degrees(Expr inner) -> group(inner) + " degrees";
        };
    }

    private static String call(Fn fn, List<Expr> args) {
        Expr last = args.getLast();
        return switch (fn) {
            case FACTORIAL -> group(last) + " factorial";
            case BINOMIAL -> group(args.getFirst()) + " choose " + group(last);
            case GCD, LCM ->
                fn.spoken() + " " + args.stream().map(SpokenPrinter::spoken).collect(Collectors.joining(" and "));
            case LOG ->
                "the logarithm"
                        + (args.size() == 1 ? "" : " to base " + spoken(args.getFirst())) + " of "
                        + ended(last, "logarithm");
            default -> fn.spoken() + " " + ended(last, "argument");
        };
    }

    private static String quotient(Expr num, Expr den) {
        boolean simple = num.children().isEmpty() && den.children().isEmpty();
        return simple
                ? spoken(num) + " over " + spoken(den)
                : "the fraction " + spoken(num) + ", over, " + spoken(den) + ", end fraction";
    }

    private static String power(Expr exponent) {
        if (exponent.equals(Expr.Num.of(2))) {
            return " squared";
        }
        return exponent.equals(Expr.Num.of(3)) ? " cubed" : " to the power " + group(exponent);
    }

    private static String sum(List<Expr> terms) {
        StringBuilder text = new StringBuilder(group(terms.getFirst()));
        for (Expr next : terms.subList(1, terms.size())) {
            text.append(
                    switch (next) {
                        case Expr.Neg(Expr inner) -> " minus " + group(inner);
                        case Expr.PlusMinus(Expr inner) -> " plus or minus " + group(inner);
                        default -> " plus " + group(next);
                    });
        }
        return text.toString();
    }

    private static String product(List<Expr> factors) {
        StringBuilder text = new StringBuilder(group(factors.getFirst()));
        for (int i = 1; i < factors.size(); i++) {
            boolean close = factors.get(i) instanceof Expr.Letter
                    || factors.get(i) instanceof Expr.Power(Expr.Letter l, Expr e);
            text.append(close ? " " : " times ").append(group(factors.get(i)));
        }
        return text.toString();
    }

    /** Where it is not plain how far a root reaches, its end is said. */
    private static String ended(Expr inner, String what) {
        boolean plain = inner.children().isEmpty()
                || inner instanceof Expr.Neg(Expr single) && single.children().isEmpty();
        return plain ? spoken(inner) : spoken(inner) + ", end " + what;
    }

    /** Brackets are said where a sum stands inside something else. */
    private static String group(Expr expr) {
        return expr instanceof Expr.Sum ? "open bracket " + spoken(expr) + " close bracket" : spoken(expr);
    }
}
