package littlesummit.core.math;

import java.math.BigInteger;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * A polynomial in {@link Atom}s and surds with rational coefficients, in its one expanded form: equal polynomials in
 * letters, π and surds are equal objects. Immutable.
 */
public final class Polynomial {
    public static final Polynomial ZERO = new Polynomial(Map.of());
    public static final Polynomial ONE = constant(Rational.ONE);

    private final Map<Monomial, Rational> terms;

    private Polynomial(Map<Monomial, Rational> terms) {
        this.terms = terms;
    }

    public static Polynomial constant(Rational value) {
        return value.isZero() ? ZERO : new Polynomial(Map.of(Monomial.ONE, value));
    }

    public static Polynomial letter(String name) {
        return atom(new Atom.Letter(name));
    }

    static Polynomial atom(Atom atom) {
        return new Polynomial(Map.of(Monomial.of(atom, 1), Rational.ONE));
    }

    static Polynomial term(Rational coefficient, Monomial monomial) {
        return coefficient.isZero() ? ZERO : new Polynomial(Map.of(monomial, coefficient));
    }

    Map<Monomial, Rational> terms() {
        return terms;
    }

    public int size() {
        return terms.size();
    }

    public boolean isZero() {
        return terms.isEmpty();
    }

    boolean isOne() {
        if (this == ONE || terms.size() != 1) {
            return this == ONE;
        }
        Rational constant = terms.get(Monomial.ONE);
        return constant != null && constant.isOne();
    }

    public boolean isConstant() {
        for (Monomial m : terms.keySet()) {
            if (m.size() > 0) {
                return false;
            }
        }
        return true;
    }

    /** The value, where no letter, π or root is left in it. */
    public Optional<Rational> asRational() {
        if (terms.isEmpty()) {
            return Optional.of(Rational.ZERO);
        }
        return terms.size() == 1 ? Optional.ofNullable(terms.get(Monomial.ONE)) : Optional.empty();
    }

    /** The number that stands alone among the terms. */
    Rational constantTerm() {
        return terms.getOrDefault(Monomial.ONE, Rational.ZERO);
    }

    public Polynomial plus(Polynomial other) {
        if (other.isZero()) {
            return this;
        }
        Map<Monomial, Rational> sum = new HashMap<>(terms);
        other.addTo(sum);
        return of(sum);
    }

    /** Adds its terms to those of a sum that is being made. */
    void addTo(Map<Monomial, Rational> sum) {
        terms.forEach((m, c) -> add(sum, m, c));
        if (sum.size() > Limits.TERMS) {
            throw MathProblem.tooLarge("more than " + Limits.TERMS + " terms");
        }
    }

    public Polynomial minus(Polynomial other) {
        return plus(other.negate());
    }

    public Polynomial negate() {
        return times(Rational.of(-1));
    }

    public Polynomial times(Rational factor) {
        if (factor.isZero() || factor.isOne()) {
            return factor.isZero() ? ZERO : this;
        }
        Map<Monomial, Rational> scaled = HashMap.newHashMap(terms.size());
        terms.forEach((m, c) -> scaled.put(m, c.times(factor)));
        return new Polynomial(scaled);
    }

    /** @throws MathProblem when the product is larger than {@link Limits} allow */
    public Polynomial times(Polynomial other) {
        return times(other, new Budget());
    }

    Polynomial times(Polynomial other, Budget budget) {
        if (isOne() || other.isOne()) {
            return isOne() ? other : this;
        }
        budget.spend((long) terms.size() * other.terms.size());
        if (terms.size() == 1 || other.terms.size() == 1) {
            Optional<Polynomial> scaled = terms.size() == 1 ? other.timesTerm(this) : timesTerm(other);
            if (scaled.isPresent()) {
                return scaled.get();
            }
        }
        Map<Monomial, Rational> product = new HashMap<>();
        boolean bound = false;
        for (Map.Entry<Monomial, Rational> a : terms.entrySet()) {
            for (Map.Entry<Monomial, Rational> b : other.terms.entrySet()) {
                Rational c = a.getValue().times(b.getValue());
                Monomial x = a.getKey();
                Monomial y = b.getKey();
                Surd surd = x.surd().isOne() ? y.surd() : x.surd();
                if (!x.surd().isOne() && !y.surd().isOne()) {
                    Surd.Scaled scaled = x.surd().times(y.surd());
                    c = c.times(scaled.factor());
                    surd = scaled.surd();
                }
                Monomial m = x.timesPowers(y, surd);
                bound |= Relations.apply(m);
                add(product, m, c);
            }
        }
        Polynomial result = of(product);
        return bound ? Relations.reduce(result, budget) : result;
    }

    /**
     * By one term: nothing has to be put together, as different terms stay different. Empty where surds meet, or a
     * power that has another form.
     */
    private Optional<Polynomial> timesTerm(Polynomial only) {
        Map.Entry<Monomial, Rational> term = only.terms.entrySet().iterator().next();
        if (!term.getKey().surd().isOne()) {
            return Optional.empty();
        }
        Map<Monomial, Rational> product = HashMap.newHashMap(terms.size());
        for (Map.Entry<Monomial, Rational> e : terms.entrySet()) {
            Monomial m = e.getKey().timesPowers(term.getKey(), e.getKey().surd());
            if (Relations.apply(m)) {
                return Optional.empty();
            }
            product.put(m, e.getValue().times(term.getValue()));
        }
        return Optional.of(of(product));
    }

    /** @param exponent at least 0 */
    Polynomial power(int exponent, Budget budget) {
        Polynomial result = ONE;
        for (int i = 0; i < exponent; i++) {
            result = result.times(this, budget);
        }
        return result;
    }

    public Polynomial power(int exponent) {
        return power(exponent, new Budget());
    }

    static void add(Map<Monomial, Rational> to, Monomial m, Rational c) {
        to.merge(m, c, (a, b) -> {
            Rational sum = a.plus(b);
            return sum.isZero() ? null : sum;
        });
    }

    static Polynomial of(Map<Monomial, Rational> terms) {
        if (terms.size() > Limits.TERMS) {
            throw MathProblem.tooLarge("more than " + Limits.TERMS + " terms");
        }
        return terms.isEmpty() ? ZERO : new Polynomial(terms);
    }

    /** Atoms that occur, in their order. */
    SortedSet<Atom> atoms() {
        SortedSet<Atom> atoms = new TreeSet<>();
        terms.keySet().forEach(m -> {
            for (int i = 0; i < m.size(); i++) {
                atoms.add(m.atom(i));
            }
        });
        return atoms;
    }

    /** Letters that occur, in alphabetical order. */
    public List<String> letters() {
        return atoms().stream()
                .filter(Atom.Letter.class::isInstance)
                .map(a -> ((Atom.Letter) a).name())
                .toList();
    }

    /** Whether a letter stands inside a root or an absolute value, where no degree tells of it. */
    public boolean hidesLetters() {
        return atoms().stream().anyMatch(atom -> atom.inside().stream().anyMatch(Polynomial::hasLetters));
    }

    private boolean hasLetters() {
        return !letters().isEmpty() || hidesLetters();
    }

    /** Whether equal functions are sure to be equal objects: only letters and numbers, π among them. */
    boolean isCanonical() {
        return hasOnly(Atom::isFree);
    }

    /** Whether it is an ordinary polynomial in letters with rational coefficients. */
    public boolean isOrdinary() {
        for (Monomial m : terms.keySet()) {
            if (!m.surd().isOne()) {
                return false;
            }
        }
        return hasOnly(Atom.Letter.class::isInstance);
    }

    /** Asked of every polynomial that is made, so without a list of its atoms. */
    boolean hasOnly(Predicate<Atom> kind) {
        for (Monomial m : terms.keySet()) {
            for (int i = 0; i < m.size(); i++) {
                if (!kind.test(m.atom(i))) {
                    return false;
                }
            }
        }
        return true;
    }

    public int degree() {
        int most = 0;
        for (Monomial m : terms.keySet()) {
            most = Math.max(most, m.degree());
        }
        return most;
    }

    int degree(Atom atom) {
        int most = 0;
        for (Monomial m : terms.keySet()) {
            most = Math.max(most, m.exponent(atom));
        }
        return most;
    }

    public int degree(String letter) {
        return degree(new Atom.Letter(letter));
    }

    /** @return coefficient of {@code letter}^{@code power}, a polynomial in the other letters */
    public Polynomial coefficient(String letter, int power) {
        return coefficient(new Atom.Letter(letter), power);
    }

    Polynomial coefficient(Atom atom, int power) {
        Map<Monomial, Rational> found = new HashMap<>();
        terms.forEach((m, c) -> {
            if (m.exponent(atom) == power) {
                found.put(m.without(atom), c);
            }
        });
        return of(found);
    }

    Monomial leadingMonomial() {
        return terms.isEmpty() ? Monomial.ONE : Collections.max(terms.keySet());
    }

    Rational leadingCoefficient() {
        return isZero() ? Rational.ZERO : terms.get(leadingMonomial());
    }

    /** The coefficient of the leading term; 0 for zero. */
    public Rational anyCoefficient() {
        return leadingCoefficient();
    }

    /** The coefficient here of the leading term of {@code other}; empty when it does not occur. */
    public Optional<Rational> coefficientLike(Polynomial other) {
        return Optional.ofNullable(terms.get(other.leadingMonomial()));
    }

    /** The positive rational whose removal leaves whole coefficients without a common factor; 1 for zero. */
    public Rational content() {
        BigInteger num = BigInteger.ZERO;
        BigInteger den = BigInteger.ONE;
        for (Rational c : terms.values()) {
            num = num.gcd(c.num());
            den = den.divide(den.gcd(c.den())).multiply(c.den());
        }
        return isZero() ? Rational.ONE : new Rational(num, den);
    }

    /** Whole coefficients without a common factor; the sign is kept. */
    public Polynomial primitive() {
        return times(content().reciprocal());
    }

    /** The quotient when the division leaves no remainder; for ordinary polynomials. */
    public Optional<Polynomial> exactOver(Polynomial divisor) {
        if (divisor.isOne()) {
            return Optional.of(this);
        }
        Monomial lead = divisor.leadingMonomial();
        Rational leadCoefficient = divisor.leadingCoefficient();
        Map<Monomial, Rational> quotient = new HashMap<>();
        Polynomial rest = this;
        Budget budget = new Budget();
        while (!rest.isZero()) {
            Optional<Monomial> m = rest.leadingMonomial().over(lead);
            if (m.isEmpty()) {
                return Optional.empty();
            }
            Rational c = rest.leadingCoefficient().over(leadCoefficient);
            quotient.put(m.get(), c);
            rest = rest.minus(divisor.times(term(c, m.get()), budget));
        }
        return Optional.of(of(quotient));
    }

    /** By the letter. */
    Polynomial derivative(String letter) {
        Polynomial sum = ZERO;
        for (int k = 1; k <= degree(letter); k++) {
            sum = sum.plus(
                    coefficient(letter, k).times(letter(letter).power(k - 1)).times(Rational.of(k)));
        }
        return sum;
    }

    /** The value with {@code letter} replaced. */
    public Polynomial substitute(String letter, Polynomial value) {
        Atom atom = new Atom.Letter(letter);
        Budget budget = new Budget();
        Polynomial result = ZERO;
        for (int k = degree(atom); k >= 0; k--) {
            result = result.times(value, budget).plus(coefficient(atom, k));
        }
        return result;
    }

    @Override
    public boolean equals(Object o) {
        return o == this || o instanceof Polynomial p && terms.equals(p.terms);
    }

    @Override
    public int hashCode() {
        return terms.hashCode();
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        terms.entrySet().stream()
                .sorted(Map.Entry.<Monomial, Rational>comparingByKey().reversed())
                .forEach(e ->
                        text.append(e.getValue()).append('*').append(e.getKey()).append(' '));
        return isZero() ? "0" : text.toString().trim();
    }
}
