package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Primes;
import littlesummit.core.math.Rational;

/**
 * Whether a number with roots is written as simply as it can be: under each root a whole number of which nothing more
 * comes out, no root below a line, one root a term, like roots put together, and fractions in lowest terms.
 */
final class RootForms {
    /** A term: a rational coefficient, and the root it stands before; 1 under the root where there is none. */
    private record Term(Rational coefficient, int index, BigInteger radicand) {}

    /** What is wrong with an entry, thrown where it is seen: the outermost reason is told first. */
    private static final class NotSimple extends RuntimeException {
        private final Reason reason;

        NotSimple(Reason reason) {
            super(reason.name(), null, false, false);
            this.reason = reason;
        }
    }

    private RootForms() {}

    static Optional<Reason> check(Expr entry) {
        try {
            look(entry);
            return Optional.empty();
        } catch (NotSimple found) {
            return Optional.of(found.reason);
        }
    }

    private static void look(Expr entry) {
        Expr size = Numbers.unsigned(entry);
        if (!(size instanceof Expr.Quotient(Expr num, Expr den))) {
            sum(size);
            return;
        }
        BigInteger bottom = bottom(den);
        Rational common = sum(num).stream().map(Term::coefficient).reduce(Rational.of(bottom), RootForms::common);
        if (!common.equals(Rational.ONE) || bottom.equals(BigInteger.ONE)) {
            throw new NotSimple(Reason.COMMON_FACTOR);
        }
    }

    private static Rational common(Rational a, Rational b) {
        return a.isInteger() && b.isInteger() ? Rational.of(a.num().gcd(b.num())) : Rational.ONE;
    }

    private static BigInteger bottom(Expr den) {
        if (den.any(e -> e instanceof Expr.Root || isRootAsPower(e))) {
            throw new NotSimple(Reason.ROOT_BELOW_THE_LINE);
        }
        return den.asInteger().filter(n -> n.signum() > 0).orElseThrow(() -> new NotSimple(Reason.WORK_OUT));
    }

    private static boolean isRootAsPower(Expr expr) {
        return expr instanceof Expr.Power(Expr base, Expr exponent)
                && exponent.asInteger().isEmpty();
    }

    private static List<Term> sum(Expr expr) {
        List<Expr> parts = expr instanceof Expr.Sum(List<Expr> all) ? all : List.of(expr);
        List<Term> terms = new ArrayList<>();
        Set<List<Object>> roots = new HashSet<>();
        for (Expr part : parts) {
            terms.add(term(Numbers.unsigned(part)));
        }
        for (Term term : terms) {
            if (!roots.add(List.of(term.index(), term.radicand()))) {
                throw new NotSimple(term.index() == 1 ? Reason.WORK_OUT : Reason.LIKE_TERMS);
            }
        }
        return terms;
    }

    private static Term term(Expr part) {
        if (part instanceof Expr.Quotient(Expr num, Expr den) && !isPlain(part)) {
            BigInteger bottom = bottom(den);
            Term above = term(Numbers.unsigned(num));
            if (!common(above.coefficient(), Rational.of(bottom)).equals(Rational.ONE)) {
                throw new NotSimple(Reason.COMMON_FACTOR);
            }
            return new Term(above.coefficient().over(Rational.of(bottom)), above.index(), above.radicand());
        }
        List<Expr> factors = part instanceof Expr.Product(List<Expr> all) ? all : List.of(part);
        Term term = new Term(Rational.ONE, 1, BigInteger.ONE);
        boolean number = false;
        for (Expr factor : factors) {
            if (factor instanceof Expr.Root(int index, Expr under)) {
                if (term.index() != 1) {
                    throw new NotSimple(Reason.ROOTS_APART);
                }
                term = new Term(term.coefficient(), index, radicand(index, under));
            } else {
                Rational coefficient = coefficient(factor);
                if (number) {
                    throw new NotSimple(Reason.WORK_OUT);
                }
                number = true;
                term = new Term(coefficient, term.index(), term.radicand());
            }
        }
        return term;
    }

    private static boolean isPlain(Expr part) {
        return part instanceof Expr.Quotient(Expr num, Expr den)
                && num.asInteger().isPresent()
                && den.asInteger().isPresent();
    }

    private static Rational coefficient(Expr factor) {
        return switch (factor) {
            case Expr.Num n -> n.value();
            case Expr.Mixed m -> m.value();
            case Expr.Quotient(Expr num, Expr den)
            when isPlain(factor) -> {
                BigInteger top = num.asInteger().orElseThrow();
                BigInteger bottom = bottom(den);
                if (!top.gcd(bottom).equals(BigInteger.ONE)) {
                    throw new NotSimple(Reason.COMMON_FACTOR);
                }
                yield new Rational(top, bottom);
            }
            case Expr.Quotient(Expr num, Expr den) -> {
                bottom(den);
                throw new NotSimple(Reason.WORK_OUT);
            }
            case Expr.Power p when isRootAsPower(p) -> throw new NotSimple(Reason.ROOT_WANTED);
            case Expr.Sum s -> throw new NotSimple(Reason.NOT_EXPANDED);
            default -> throw new NotSimple(Reason.WORK_OUT);
        };
    }

    /** A whole number of which nothing comes out, and of which no root of a lower index would do. */
    private static BigInteger radicand(int index, Expr under) {
        BigInteger whole = under.asInteger()
                .filter(n -> n.signum() > 0)
                .orElseThrow(() -> new NotSimple(
                        Numbers.hasQuotient(under) ? Reason.FRACTION_UNDER_THE_ROOT : Reason.WORK_OUT_UNDER_THE_ROOT));
        int shared = index;
        for (int exponent : Primes.factor(whole).values()) {
            if (exponent >= index) {
                throw new NotSimple(Reason.ROOT_COMES_OUT);
            }
            shared =
                    BigInteger.valueOf(shared).gcd(BigInteger.valueOf(exponent)).intValue();
        }
        if (shared > 1) {
            throw new NotSimple(Reason.ROOT_COMES_OUT);
        }
        return whole;
    }
}
