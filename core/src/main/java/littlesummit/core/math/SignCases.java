package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import littlesummit.core.math.Equality.Answer;
import littlesummit.core.math.MathProblem.Kind;

/**
 * Compares expressions with roots, fractional exponents and absolute values once for each sign that their letters can
 * have. Where the signs are known, roots of products come apart and absolute values fall away; and with each letter
 * written as a power of another, fractional exponents become whole: x = w⁶ makes w⁴ of x^(2/3) and of ³√(x²).
 */
final class SignCases {
    private static final int MOST_LETTERS = 3;
    /** Of what exponents of a letter are divided by, in common. */
    private static final int MOST_SHARE = 60;
    /** Where two that seem to differ are looked at: numerators and denominators of positive letters. */
    private static final int[][] SAMPLES = {{3, 2}, {5, 7}, {7, 3}, {13, 11}, {2, 5}};

    private final Map<String, Integer> signs;
    private final Map<String, BigInteger> shares;

    private SignCases(Map<String, Integer> signs, Map<String, BigInteger> shares) {
        this.signs = signs;
        this.shares = shares;
    }

    /** Equal where both are defined: for every choice of signs for which they are. */
    static Answer compare(Expr a, Expr b) {
        List<String> letters = List.copyOf(new TreeSet<>(Solver.letters(a, b)));
        if (letters.isEmpty() || letters.size() > MOST_LETTERS || !(hasSigns(a) || hasSigns(b))) {
            return Answer.UNKNOWN;
        }
        boolean isEqualSomewhere = false;
        boolean isCertain = true;
        for (int choice = 0; choice < 1 << letters.size(); choice++) {
            Map<String, Integer> signs = new TreeMap<>();
            for (int i = 0; i < letters.size(); i++) {
                signs.put(letters.get(i), (choice >> i & 1) == 0 ? 1 : -1);
            }
            Optional<Answer> here = compare(a, b, signs);
            if (here.filter(answer -> answer == Answer.DIFFERENT).isPresent()) {
                return Answer.DIFFERENT;
            }
            isEqualSomewhere |= here.isPresent();
            isCertain &= here.filter(answer -> answer == Answer.UNKNOWN).isEmpty();
        }
        return isEqualSomewhere && isCertain ? Answer.EQUAL : Answer.UNKNOWN;
    }

    private static boolean hasSigns(Expr expr) {
        return expr.any(e -> e instanceof Expr.Root
                || e instanceof Expr.Abs
                || e instanceof Expr.Power(Expr base, Expr exponent)
                        && exponent.asInteger().isEmpty());
    }

    /** For one choice of signs; empty where one of them is not defined. */
    private static Optional<Answer> compare(Expr a, Expr b, Map<String, Integer> signs) {
        try {
            SignCases first = new SignCases(signs, new HashMap<>());
            first.rewritten(a);
            first.rewritten(b);
            if (first.shares.values().stream()
                    .anyMatch(share -> share.bitLength() > 6 || share.intValue() > MOST_SHARE)) {
                return Optional.of(Answer.UNKNOWN);
            }
            SignCases shared = new SignCases(signs, first.shares);
            Expr x = shared.rewritten(a);
            Expr y = shared.rewritten(b);
            Answer answer = Equality.atOnce(x, Canonical.of(x), y, Canonical.of(y));
            return Optional.of(answer == Answer.DIFFERENT && !differSomewhere(x, y, signs) ? Answer.UNKNOWN : answer);
        } catch (MathProblem problem) {
            return problem.kind() == Kind.UNDEFINED ? Optional.empty() : Optional.of(Answer.UNKNOWN);
        }
    }

    /** Canonical forms differ for letters of both signs; here they are positive. */
    private static boolean differSomewhere(Expr x, Expr y, Map<String, Integer> signs) {
        for (int i = 0; i < SAMPLES.length; i++) {
            Map<String, Rational> point = new HashMap<>();
            for (String letter : signs.keySet()) {
                int[] sample = SAMPLES[(i + point.size()) % SAMPLES.length];
                point.put(letter, Rational.of(sample[0], sample[1]));
            }
            if (Approximation.differ(x, y, point)) {
                return true;
            }
        }
        return false;
    }

    /**
     * A number times powers of positive letters.
     *
     * @param sign 1 or −1
     * @param size of the number
     */
    private record Term(int sign, Expr size, Map<String, Rational> powers) {
        static final Expr ONE = Expr.Num.of(1);

        Term times(Term other, int exponent) {
            Map<String, Rational> all = new TreeMap<>(powers);
            other.powers.forEach(
                    (letter, power) -> all.merge(letter, power.times(Rational.of(exponent)), Rational::plus));
            Expr both = other.size.equals(ONE)
                    ? size
                    : exponent < 0
                            ? new Expr.Quotient(size, other.size)
                            : size.equals(ONE) ? other.size : Expr.product(size, other.size);
            return new Term(sign * other.sign, both, all);
        }

        /** @throws MathProblem for an even root of what is negative */
        Term power(Rational exponent) {
            boolean isEven = !exponent.den().testBit(0);
            if (sign < 0 && isEven) {
                throw MathProblem.undefined("an even root of a negative number");
            }
            Map<String, Rational> all = new TreeMap<>();
            powers.forEach((letter, power) -> all.put(letter, power.times(exponent)));
            return new Term(
                    sign < 0 && exponent.num().testBit(0) ? -1 : 1,
                    size.equals(ONE) ? size : new Expr.Power(size, Expr.fraction(exponent)),
                    all);
        }
    }

    private Optional<Term> term(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> n.value().isZero() ? Optional.empty() : Optional.of(new Term(1, n, Map.of()));
            case Expr.Mixed m -> Optional.of(new Term(1, m, Map.of()));
            case Expr.Repeating r -> r.value().isZero() ? Optional.empty() : Optional.of(new Term(1, r, Map.of()));
            case Expr.Pi p -> Optional.of(new Term(1, p, Map.of()));
            case Expr.Euler e -> Optional.of(new Term(1, e, Map.of()));
            case Expr.Letter(String name) ->
                Optional.of(new Term(signs.get(name), Term.ONE, Map.of(name, Rational.ONE)));
            case Expr.Neg(Expr inner) -> term(inner).map(t -> new Term(-t.sign(), t.size(), t.powers()));
            case Expr.Abs(Expr inner) -> term(inner).map(t -> new Term(1, t.size(), t.powers()));
            case Expr.Root(int index, Expr radicand) -> term(radicand).map(t -> t.power(Rational.of(1, index)));
            case Expr.Power(Expr base, Expr exponent) ->
                number(exponent).flatMap(e -> term(base).map(t -> t.power(e)));
            case Expr.Quotient(Expr num, Expr den) ->
                term(num).flatMap(t -> term(den).map(d -> t.times(d, -1)));
            case Expr.Product(List<Expr> factors) -> product(factors);
            default -> Optional.empty();
        };
    }

    private Optional<Term> product(List<Expr> factors) {
        Optional<Term> product = Optional.of(new Term(1, Term.ONE, Map.of()));
        for (Expr factor : factors) {
            product = product.flatMap(p -> term(factor).map(t -> p.times(t, 1)));
        }
        return product;
    }

    private static Optional<Rational> number(Expr exponent) {
        return Solver.letters(exponent, exponent).isEmpty()
                ? Canonical.of(exponent).asRational()
                : Optional.empty();
    }

    /** The same with known signs, and each letter as a power of another, which has its name. */
    private Expr rewritten(Expr expr) {
        Optional<Term> term = term(expr);
        if (term.isPresent()) {
            return written(term.get());
        }
        Expr changed = expr;
        for (int i = 0; i < expr.children().size(); i++) {
            changed = changed.with(i, rewritten(expr.children().get(i)));
        }
        return changed;
    }

    private Expr written(Term term) {
        List<Expr> factors = new ArrayList<>(List.of(term.size()));
        term.powers().forEach((letter, power) -> {
            BigInteger share = shares.merge(letter, power.den(), WholeFunctions::multiple);
            factors.add(new Expr.Power(Expr.letter(letter), Expr.fraction(power.times(Rational.of(share)))));
        });
        Expr product = factors.size() == 1 ? factors.getFirst() : new Expr.Product(factors);
        return term.sign() < 0 ? new Expr.Neg(product) : product;
    }
}
