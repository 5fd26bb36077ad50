package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.RealSet;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement.Relation;

/** Relations in one letter, and chains of them. */
final class Inequalities {
    private Inequalities() {}

    static RealSet solve(List<Expr> sides, List<Relation> signs) {
        RealSet result = RealSet.ALL;
        for (int i = 0; i < signs.size(); i++) {
            result = result.intersection(solve(sides.get(i), signs.get(i), sides.get(i + 1)));
        }
        return result;
    }

    private static RealSet solve(Expr left, Relation sign, Expr right) {
        if (isInfinite(left) || isInfinite(right)) {
            return bounded(left, sign, right);
        }
        Set<String> letters = Solver.letters(left, right);
        RationalFunction difference = Canonical.of(left).minus(Canonical.of(right));
        if (letters.isEmpty() || difference.isConstantNumber()) {
            throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
        }
        if (letters.size() != 1 || sign == Relation.ABOUT) {
            throw new Entries.WrongKind(Reason.NOT_SUPPORTED);
        }
        String letter = letters.iterator().next();
        Optional<Polynomial> linear = difference
                .asPolynomial()
                .filter(p -> !p.hidesLetters() && p.degree(letter) == 1)
                .filter(p -> p.coefficient(letter, 1).asRational().isPresent());
        return linear.isPresent()
                ? linear(linear.get(), sign, letter)
                : Solver.solve(left, sign, right, letter).asRealSet();
    }

    private static RealSet linear(Polynomial p, Relation sign, String letter) {
        Rational a = p.coefficient(letter, 1).asRational().orElseThrow();
        RationalFunction root = RationalFunction.of(
                p.coefficient(letter, 0).times(a.reciprocal()).negate());
        return set(a.signum() > 0 ? sign : turned(sign), root);
    }

    private static Relation turned(Relation sign) {
        return switch (sign) {
            case LESS -> Relation.GREATER;
            case GREATER -> Relation.LESS;
            case AT_MOST -> Relation.AT_LEAST;
            case AT_LEAST -> Relation.AT_MOST;
            case EQUAL, NOT_EQUAL, ABOUT -> sign;
        };
    }

    private static RealSet set(Relation sign, RationalFunction root) {
        return switch (sign) {
            case LESS -> RealSet.below(root, false);
            case AT_MOST -> RealSet.below(root, true);
            case GREATER -> RealSet.above(root, false);
            case AT_LEAST -> RealSet.above(root, true);
            case EQUAL -> RealSet.point(root);
            case NOT_EQUAL -> RealSet.point(root).complement();
            case ABOUT -> throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
        };
    }

    private static boolean isInfinite(Expr expr) {
        return expr instanceof Expr.Infinity || expr instanceof Expr.Neg(Expr.Infinity i);
    }

    /** A side without end bounds nothing: −∞ &lt; x, x &lt; ∞. */
    private static RealSet bounded(Expr left, Relation sign, Expr right) {
        boolean less = sign == Relation.LESS;
        boolean fits = isInfinite(left) && isInfinite(right)
                ? false
                : isInfinite(left) ? (left instanceof Expr.Neg) == less : (right instanceof Expr.Infinity) == less;
        if (!fits || sign != Relation.LESS && sign != Relation.GREATER) {
            throw new Entries.WrongKind(Reason.INTERVAL_ORDER);
        }
        try {
            Canonical.of(isInfinite(left) ? right : left);
        } catch (MathProblem problem) {
            throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
        }
        return RealSet.ALL;
    }
}
