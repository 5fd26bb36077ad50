package littlesummit.core.grading;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Fn;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Statement;

/** Angles that are written without a sign and are too large for radians: whoever types sin 30 means degrees. */
final class PlainAngles {
    private static final Set<Fn> OF_ANGLES = EnumSet.of(Fn.SIN, Fn.COS, Fn.TAN, Fn.COT, Fn.SEC, Fn.CSC);
    /** More than a full turn. */
    private static final int MOST_RADIANS = 7;

    private PlainAngles() {}

    static boolean isIn(Statement statement) {
        return statement instanceof Statement.Value(Expr value) && value.any(PlainAngles::isOne);
    }

    private static boolean isOne(Expr expr) {
        return expr instanceof Expr.Call(Fn fn, List<Expr> args) && OF_ANGLES.contains(fn) && isPlain(args.getLast());
    }

    private static boolean isPlain(Expr angle) {
        return switch (angle) {
            case Expr.Neg(Expr size) -> isPlain(size);
            case Expr.Num size -> size.value().compareTo(Rational.of(MOST_RADIANS)) >= 0;
            default -> false;
        };
    }
}
