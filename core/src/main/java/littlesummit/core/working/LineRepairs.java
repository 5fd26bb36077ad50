package littlesummit.core.working;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.working.Rewriting.Changed;
import littlesummit.core.working.Rewriting.Local;

/** Small changes of a wrong line: where one of them mends it, that is what went wrong. */
final class LineRepairs {
    private static final int CLOSE = 12;

    private LineRepairs() {}

    /** The sign of one term or of one whole side turned. */
    static Stream<Changed> oneSign(Expr expr) {
        return Rewriting.oneEach(expr, place -> switch (place) {
            case Expr.Sum(List<Expr> terms) ->
                Stream.iterate(0, i -> i < terms.size(), i -> i + 1)
                        .map(i -> new Local(place.with(i, Rewriting.negated(terms.get(i))), Slip.LOST_SIGN));
            default -> Stream.empty();
        });
    }

    /**
     * The line's piece that a number was put in the place of.
     *
     * @param ask gives how much is missing when {@code t} stands there
     */
    static Stream<Changed> oneNumber(Expr expr, Function<Expr, Stream<Rational>> right) {
        return Rewriting.oneEach(
                        expr,
                        place -> place instanceof Expr.Num
                                ? Stream.of(new Local(new Expr.Letter(HOLE), Slip.ARITHMETIC))
                                : Stream.empty())
                .flatMap(hole -> right.apply(hole.whole())
                        .filter(t -> isClose(t, (Expr.Num) hole.place()))
                        .map(t -> new Changed(filled(hole.whole(), t), hole.place(), Slip.ARITHMETIC)));
    }

    static final String HOLE = "□";

    private static Expr filled(Expr withHole, Rational value) {
        return switch (withHole) {
            case Expr.Letter(String name) when name.equals(HOLE) -> number(value);
            default -> {
                Expr filled = withHole;
                for (int i = 0; i < withHole.children().size(); i++) {
                    filled = filled.with(i, filled(withHole.children().get(i), value));
                }
                yield filled;
            }
        };
    }

    private static Expr number(Rational value) {
        Expr size = value.isInteger()
                ? new Expr.Num(value.num().abs(), 0)
                : new Expr.Quotient(new Expr.Num(value.num().abs(), 0), new Expr.Num(value.den(), 0));
        return value.signum() < 0 ? new Expr.Neg(size) : size;
    }

    /**
     * A number that a slip in computing or copying could have changed: near it, or with two digits changed round, or
     * one digit off.
     */
    private static boolean isClose(Rational right, Expr.Num written) {
        Rational value = written.value();
        Rational scale = Rational.of(10).power(written.places());
        Rational a = right.times(scale);
        Rational b = value.times(scale);
        if (!a.isInteger() || a.signum() < 0 || right.equals(value)) {
            return false;
        }
        Rational apart = a.minus(b).abs();
        return apart.compareTo(Rational.of(CLOSE)) <= 0
                || apart.times(Rational.of(3)).compareTo(b.abs()) <= 0
                || oneDigit(a.num().toString(), b.num().toString());
    }

    private static boolean oneDigit(String a, String b) {
        if (a.length() != b.length()) {
            return false;
        }
        long different = java.util.stream.IntStream.range(0, a.length())
                .filter(i -> a.charAt(i) != b.charAt(i))
                .count();
        return different == 1
                || different == 2
                        && a.chars()
                                .sorted()
                                .boxed()
                                .toList()
                                .equals(b.chars().sorted().boxed().toList());
    }

    /** The number for the hole that makes the expression equal to another, where it stands in it only linearly. */
    static Stream<Rational> solving(Expr withHole, Expr target) {
        try {
            RationalFunction wanted = Canonical.of(target);
            RationalFunction at0 = Canonical.of(filled(withHole, Rational.ZERO));
            RationalFunction at1 = Canonical.of(filled(withHole, Rational.ONE));
            RationalFunction slope = at1.minus(at0);
            if (slope.isZero()) {
                return Stream.empty();
            }
            return wanted.minus(at0).over(slope).asRational().or(() -> constant(wanted.minus(at0), slope)).stream();
        } catch (MathProblem cannot) {
            return Stream.empty();
        }
    }

    /** The quotient, where it is a number although both have letters. */
    private static java.util.Optional<Rational> constant(RationalFunction a, RationalFunction b) {
        RationalFunction left = RationalFunction.of(a.num().times(b.den()));
        RationalFunction right = RationalFunction.of(b.num().times(a.den()));
        if (left.isZero()) {
            return java.util.Optional.of(Rational.ZERO);
        }
        return left.num()
                .coefficientLike(right.num())
                .map(c -> c.over(right.num().anyCoefficient()))
                .filter(q -> right.num().times(q).equals(left.num()));
    }
}
