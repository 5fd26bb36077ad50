package littlesummit.core.math;

import java.util.List;
import java.util.Optional;

/** Greatest common divisors of ordinary polynomials: primitive remainder sequences (D. Knuth, TAOCP vol. 2, 4.6.1). */
public final class Gcd {
    private Gcd() {}

    /** @return primitive, with a positive leading coefficient; numeric factors are left out */
    public static Polynomial of(Polynomial a, Polynomial b) {
        return gcd(normal(a), normal(b), new Budget());
    }

    private static Polynomial normal(Polynomial p) {
        Polynomial primitive = p.primitive();
        return primitive.leadingCoefficient().signum() < 0 ? primitive.negate() : primitive;
    }

    private static Polynomial gcd(Polynomial a, Polynomial b, Budget budget) {
        if (a.isZero() || b.isZero()) {
            return normal(a.plus(b));
        }
        if (a.equals(b)) {
            return a;
        }
        Optional<String> extra = only(a, b).or(() -> only(b, a));
        if (extra.isPresent()) {
            boolean inA = a.degree(extra.get()) > 0;
            return gcd(inA ? content(a, extra.get(), budget) : a, inA ? b : content(b, extra.get(), budget), budget);
        }
        if (a.letters().isEmpty()) {
            return Polynomial.ONE;
        }
        String main = a.letters().getFirst();
        Polynomial contentA = content(a, main, budget);
        Polynomial contentB = content(b, main, budget);
        Polynomial shared = gcd(contentA, contentB, budget);
        Polynomial x = a.exactOver(contentA).orElseThrow();
        Polynomial y = b.exactOver(contentB).orElseThrow();
        return normal(shared.times(primitiveGcd(x, y, main, budget), budget));
    }

    private static Optional<String> only(Polynomial a, Polynomial b) {
        List<String> others = b.letters();
        return a.letters().stream().filter(l -> !others.contains(l)).findFirst();
    }

    /** The common divisor of the coefficients of the powers of {@code letter}. */
    static Polynomial content(Polynomial p, String letter) {
        return content(p, letter, new Budget());
    }

    private static Polynomial content(Polynomial p, String letter, Budget budget) {
        if (!p.isZero() && p.hasOnly(new Atom.Letter(letter)::equals)) {
            return Polynomial.ONE;
        }
        Polynomial common = Polynomial.ZERO;
        for (int k = p.degree(letter); k >= 0 && !common.equals(Polynomial.ONE); k--) {
            common = gcd(common, normal(p.coefficient(letter, k)), budget);
        }
        return common;
    }

    private static Polynomial primitiveGcd(Polynomial a, Polynomial b, String main, Budget budget) {
        if (ModularImage.coprime(a, b, main)) {
            return Polynomial.ONE;
        }
        Polynomial high = a.degree(main) >= b.degree(main) ? a : b;
        Polynomial low = high == a ? b : a;
        while (!low.isZero()) {
            if (low.degree(main) == 0) {
                return Polynomial.ONE;
            }
            Polynomial rest = pseudoRemainder(high, low, main, budget);
            high = low;
            low = rest.isZero()
                    ? rest
                    : normal(rest)
                            .exactOver(content(normal(rest), main, budget))
                            .orElseThrow();
        }
        return high;
    }

    private static Polynomial pseudoRemainder(Polynomial a, Polynomial b, String main, Budget budget) {
        int degree = b.degree(main);
        Polynomial lead = b.coefficient(main, degree);
        Polynomial rest = a;
        while (!rest.isZero() && rest.degree(main) >= degree) {
            int d = rest.degree(main);
            Polynomial shift = Polynomial.letter(main).power(d - degree, budget);
            rest = rest.times(lead, budget)
                    .minus(b.times(rest.coefficient(main, d), budget).times(shift, budget));
        }
        return rest;
    }
}
