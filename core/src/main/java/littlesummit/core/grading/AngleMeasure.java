package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;

/** Angles in degrees where radians are asked for, and the other way round: the same angle in another unit. */
final class AngleMeasure {
    private static final Expr STRAIGHT = Expr.Num.of(180);

    private AngleMeasure() {}

    /** Whether a statement has a sign of degrees, a π or a function in it: a quick look, for every entry has it. */
    static boolean mayBeIn(Statement statement) {
        return !(statement instanceof Statement.Value(Expr expr)) || mayBeIn(expr);
    }

    private static boolean mayBeIn(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> false;
            case Expr.Letter l -> false;
            case Expr.Sum(List<Expr> terms) -> mayBeIn(terms);
            case Expr.Product(List<Expr> factors) -> mayBeIn(factors);
            case Expr.Quotient(Expr num, Expr den) -> mayBeIn(num) || mayBeIn(den);
            case Expr.Power(Expr base, Expr exponent) -> mayBeIn(base) || mayBeIn(exponent);
            case Expr.Neg(Expr inner) -> mayBeIn(inner);
            case Expr.Degrees d -> true;
            case Expr.Pi p -> true;
            case Expr.Call c -> true;
            default -> mayBeIn(expr.children());
        };
    }

    private static boolean mayBeIn(List<Expr> parts) {
        for (int i = 0; i < parts.size(); i++) {
            if (mayBeIn(parts.get(i))) {
                return true;
            }
        }
        return false;
    }

    /**
     * An entry in the unit of the answer.
     *
     * @param inDegrees whether the field shows a degree sign
     * @return empty where both are in the same unit, or in none that shows
     */
    static Optional<Statement> converted(Statement expected, boolean inDegrees, Statement entry) {
        boolean wantsDegrees = inDegrees || has(expected, AngleMeasure::isDegrees);
        boolean wantsRadians = !wantsDegrees && has(expected, Expr.Pi.class::isInstance);
        boolean givesDegrees = has(entry, AngleMeasure::isDegrees);
        if (wantsRadians && givesDegrees) {
            return Optional.of(each(entry, AngleMeasure::inRadians));
        }
        return wantsDegrees && !givesDegrees && has(entry, Expr.Pi.class::isInstance)
                ? Optional.of(each(entry, angle -> new Expr.Quotient(Expr.product(angle, STRAIGHT), new Expr.Pi())))
                : Optional.empty();
    }

    private static boolean isDegrees(Expr expr) {
        return expr instanceof Expr.Degrees;
    }

    /** Inside a function a sign of degrees says how the angle is meant, and not what the answer is. */
    private static boolean has(Statement statement, Predicate<Expr> kind) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> !expr.any(Expr.Call.class::isInstance) && expr.any(kind);
            case Statement.Sequence(Statement.Joiner joiner, List<Statement> items) ->
                items.stream().anyMatch(item -> has(item, kind));
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                items.stream().anyMatch(item -> has(item, kind));
            default -> false;
        };
    }

    private static Expr inRadians(Expr angle) {
        return angle.any(AngleMeasure::isDegrees)
                ? new Expr.Quotient(Expr.product(angle, new Expr.Pi()), STRAIGHT)
                : angle;
    }

    private static Statement each(Statement statement, UnaryOperator<Expr> change) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> new Statement.Value(change.apply(expr));
            case Statement.Sequence(Statement.Joiner joiner, List<Statement> items) ->
                new Statement.Sequence(
                        joiner, items.stream().map(item -> each(item, change)).toList());
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                new Statement.Delimited(
                        open, items.stream().map(item -> each(item, change)).toList(), close);
            default -> statement;
        };
    }
}
