package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BinaryOperator;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.RationalZeros;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;

/**
 * Works formulas out with the numbers of one item. Exact; every step counts towards what an item may cost, so that it
 * always ends. A formula without letters becomes a number; one with letters stays as it is written, see {@link
 * AsWritten}.
 */
final class Evaluator {
    static final String SHOW = "show";
    static final String BRACKET = "bracket";
    static final String SUBSTITUTE = "substitute";
    static final String SOLUTIONS = "solutions";

    static final int MOST_STEPS = 10_000;
    private static final int MOST_BITS = 4_000;
    private static final int MOST_EXPONENT = 200;

    private final Map<String, Value> values;
    private int steps;

    /** @param values by name; looked up when they are needed, so that names can be added as they come */
    Evaluator(Map<String, Value> values) {
        this.values = values;
    }

    /** The same numbers, with all steps still to be taken. */
    Evaluator again() {
        return new Evaluator(values);
    }

    /** @throws Unmade where there is no value, with the place of the formula */
    Value value(Formula formula) {
        return placed(formula, () -> value(formula.expr()));
    }

    Rational number(Formula formula) {
        return placed(formula, () -> new Arguments(List.of(value(formula.expr()))).number(0));
    }

    boolean holds(Formula condition) {
        return placed(condition, () -> holds(condition.statement()));
    }

    /** Mathematics as it is written, with the numbers put in. */
    Statement put(Formula formula, AsWritten.Style style) {
        return placed(formula, () -> Trees.map(formula.statement(), new AsWritten(this, style)::put));
    }

    /** Mathematics with everything worked out that has no letters, in the syntax of entries. */
    Statement workedOut(Formula formula) {
        return placed(formula, () -> Trees.map(formula.statement(), expr -> expr(value(expr))));
    }

    private static <T> T placed(Formula formula, Supplier<T> work) {
        try {
            return work.get();
        } catch (Stuck stuck) {
            throw new Unmade(formula.at(), "“" + formula.text() + "”: there is no " + stuck.getMessage() + ".");
        } catch (MathProblem | ArithmeticException problem) {
            throw new Unmade(formula.at(), "“" + formula.text() + "” has no value: " + problem.getMessage() + ".");
        }
    }

    private void step() {
        if (++steps > MOST_STEPS) {
            throw new Stuck("end in sight: one item may take " + MOST_STEPS + " steps of computation");
        }
    }

    Optional<Value> named(String name) {
        return Optional.ofNullable(values.get(name));
    }

    Value value(Expr expr) {
        step();
        return switch (expr) {
            case Expr.Num n -> new Value.Number(n.value(), n.places() > 0 ? n.places() : -1);
            case Expr.Letter(String name) -> named(name).orElse(new Value.Written(expr));
            case Expr.Applied(String name, List<Expr> args) -> applied(name, args);
            case Expr.Neg(Expr inner) -> each(expr, List.of(inner), (a, b) -> a, Rational::negate);
            case Expr.Sum(List<Expr> terms) -> each(expr, terms, Rational::plus, r -> r);
            case Expr.Product(List<Expr> factors) -> each(expr, factors, Evaluator::product, r -> r);
            case Expr.Quotient(Expr num, Expr den) -> each(expr, List.of(num, den), Evaluator::quotient, r -> r);
            case Expr.Power(Expr base, Expr exponent) -> power(expr, value(base), value(exponent));
            default -> other(expr);
        };
    }

    /** Numbers are computed; where there is a letter, the formula stays as it is written. */
    private Value each(Expr expr, List<Expr> parts, BinaryOperator<Rational> fold, UnaryOperator<Rational> last) {
        List<Value> values = new ArrayList<>(parts.size());
        List<Value.Number> numbers = new ArrayList<>(parts.size());
        boolean isDecimal = false;
        for (Expr part : parts) {
            Value value = value(part);
            values.add(value);
            if (value instanceof Value.Number number) {
                numbers.add(number);
                isDecimal |= number.isDecimal();
            }
        }
        if (numbers.size() < values.size()) {
            return written(expr, values);
        }
        Rational all = numbers.getFirst().value();
        for (int i = 1; i < numbers.size(); i++) {
            all = fold.apply(all, numbers.get(i).value());
        }
        Rational result = last.apply(all);
        int places = isDecimal && result.terminates() ? 0 : -1;
        return new Value.Number(result, expr instanceof Expr.Sum ? places(numbers, places) : places);
    }

    /** A sum of amounts of money keeps their places. */
    private static int places(List<Value.Number> terms, int otherwise) {
        return otherwise < 0
                ? otherwise
                : terms.stream().mapToInt(Value.Number::places).max().orElse(otherwise);
    }

    private Value written(Expr expr, List<Value> values) {
        for (Value value : values) {
            if (!(value instanceof Value.Number) && !(value instanceof Value.Written)) {
                throw new Stuck("number here: this is " + value.kind());
            }
        }
        return new Value.Written(new AsWritten(this, AsWritten.Style.PLAIN).put(expr));
    }

    private static Rational product(Rational a, Rational b) {
        return bounded(a.times(b));
    }

    private static Rational quotient(Rational a, Rational b) {
        if (b.isZero()) {
            throw new Stuck("quotient: the divisor is zero");
        }
        return bounded(a.over(b));
    }

    private static Rational bounded(Rational value) {
        if (value.num().bitLength() > MOST_BITS || value.den().bitLength() > MOST_BITS) {
            throw new Stuck("number of such a size");
        }
        return value;
    }

    private Value power(Expr expr, Value base, Value exponent) {
        boolean isPlain =
                base instanceof Value.Number && exponent instanceof Value.Number(Rational e, int p) && e.isInteger();
        if (!isPlain) {
            return base instanceof Value.Number && exponent instanceof Value.Number
                    ? other(expr)
                    : written(expr, List.of(base, exponent));
        }
        Value.Number b = (Value.Number) base;
        Rational e = ((Value.Number) exponent).value();
        if (e.num().bitLength() > 8 || Math.abs(e.intValueExact()) > MOST_EXPONENT) {
            throw new Stuck("power with an exponent of such a size");
        }
        if (b.value().isZero() && e.signum() <= 0) {
            throw new Stuck("power of zero with the exponent " + e);
        }
        Rational result = bounded(b.value().power(e.intValueExact()));
        return new Value.Number(result, b.isDecimal() && result.terminates() ? 0 : -1);
    }

    /** Roots, absolute values and whatever else students can type. */
    private Value other(Expr expr) {
        List<Value> parts = expr.children().stream().map(this::value).toList();
        Expr filled = expr;
        for (int i = 0; i < parts.size(); i++) {
            filled = filled.with(i, expr(parts.get(i)));
        }
        boolean isNumber = parts.stream().allMatch(Value.Number.class::isInstance);
        Optional<Rational> number =
                isNumber && !Trees.hasLetter(filled) ? Canonical.of(filled).asRational() : Optional.empty();
        if (number.isEmpty()) {
            return new Value.Written(new AsWritten(this, AsWritten.Style.PLAIN).put(expr));
        }
        boolean isDecimal = expr instanceof Expr.Percent
                || parts.stream().anyMatch(part -> part instanceof Value.Number n && n.isDecimal());
        return new Value.Number(number.get(), isDecimal && number.get().terminates() ? 0 : -1);
    }

    private Value applied(String name, List<Expr> args) {
        return switch (name) {
            case SHOW, BRACKET -> new Value.Written(new AsWritten(this, AsWritten.Style.PLAIN).put(args.getFirst()));
            case SUBSTITUTE -> substituted(args);
            case SOLUTIONS -> solutions(args);
            case "value" -> workedOut(value(args.getFirst()));
            default ->
                Functions.apply(
                        name, new Arguments(args.stream().map(this::value).toList()));
        };
    }

    /** An expression that was kept as it is written, worked out where it has no letters. */
    private Value workedOut(Value value) {
        return value instanceof Value.Written(Expr expr) && !Trees.hasLetter(expr) ? value(expr) : value;
    }

    private Value substituted(List<Expr> args) {
        if (!(args.get(1) instanceof Expr.Letter(String letter))) {
            throw new Stuck("letter to put something in for");
        }
        Expr by = expr(value(args.get(2)));
        return value(replaced(expr(value(args.getFirst())), letter, by));
    }

    private static Expr replaced(Expr expr, String letter, Expr by) {
        if (expr.equals(new Expr.Letter(letter))) {
            return by;
        }
        Expr changed = expr;
        for (int i = 0; i < expr.children().size(); i++) {
            changed = changed.with(i, replaced(expr.children().get(i), letter, by));
        }
        return changed;
    }

    /** The rational zeros, from the smallest on. */
    private Value solutions(List<Expr> args) {
        if (!(args.get(1) instanceof Expr.Letter(String letter))) {
            throw new Stuck("letter to solve for");
        }
        Polynomial p = Canonical.of(expr(value(args.getFirst()))).num();
        return new Value.Several(RationalZeros.of(p, letter).keySet().stream()
                .map(zero -> (Value) Value.Number.of(zero))
                .toList());
    }

    /** A value as mathematics. */
    static Expr expr(Value value) {
        return switch (value) {
            case Value.Number number -> number.expr();
            case Value.Written(Expr expr) -> expr;
            case Value.Several s -> throw new Stuck("expression here: this is a list");
            case Value.Said s -> throw new Stuck("expression here: these are words");
            case Value.Named n -> throw new Stuck("expression here: this is a word");
        };
    }

    private boolean holds(Statement condition) {
        step();
        return switch (condition) {
            case Statement.Relations(List<Expr> sides, List<Relation> signs) -> holds(sides, signs);
            case Statement.Sequence(Statement.Joiner joiner, List<Statement> items) ->
                joiner == Statement.Joiner.OR
                        ? items.stream().anyMatch(this::holds)
                        : items.stream().allMatch(this::holds);
            default -> throw new Stuck("condition here");
        };
    }

    private boolean holds(List<Expr> sides, List<Relation> signs) {
        List<Value> values = new ArrayList<>(sides.size());
        sides.forEach(side -> values.add(value(side)));
        for (int i = 0; i < signs.size(); i++) {
            if (!holds(values.get(i), signs.get(i), values.get(i + 1))) {
                return false;
            }
        }
        return true;
    }

    private static boolean holds(Value left, Relation sign, Value right) {
        if (left instanceof Value.Number(Rational a, int p) && right instanceof Value.Number(Rational b, int q)) {
            return sign.holds(a.compareTo(b));
        }
        boolean isSame = left instanceof Value.Written && right instanceof Value.Written
                ? same(expr(left), expr(right))
                : left.equals(right);
        return switch (sign) {
            case EQUAL -> isSame;
            case NOT_EQUAL -> !isSame;
            default -> throw new Stuck("order between " + left.kind() + " and " + right.kind());
        };
    }

    private static boolean same(Expr a, Expr b) {
        RationalFunction difference = Canonical.of(a).minus(Canonical.of(b));
        return difference.isZero();
    }
}
