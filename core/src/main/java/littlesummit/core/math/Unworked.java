package littlesummit.core.math;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Statement.Value;

/**
 * A limit or an integral that still stands there as it was asked: {@code lim x->2 (x^2-4)/(x-2)}, {@code ∫3x²dx}, their
 * LaTeX too. Known are limits of quotients of polynomials, and integrals of polynomials; any other is refused by its
 * name.
 */
public sealed interface Unworked {
    /** A value: of a limit, or of an integral with bounds. */
    record Worked(RationalFunction value) implements Unworked {}

    /** Any function whose derivative is this one. */
    record AnyOf(Polynomial derivative, String letter) implements Unworked {}

    /** Whether it is what was asked for; empty where that is not decided. */
    default Optional<Boolean> is(Expr answer) {
        try {
            RationalFunction right = Canonical.of(answer);
            return switch (this) {
                case Worked(RationalFunction value) ->
                    Optional.of(right).filter(Texts::isOrdinary).map(r -> r.minus(value)
                            .isZero());
                case AnyOf(Polynomial derivative, String letter) ->
                    right.asPolynomial()
                            .filter(Polynomial::isOrdinary)
                            .map(any -> any.derivative(letter).minus(derivative).isZero());
            };
        } catch (MathProblem undefined) {
            return Optional.empty();
        }
    }

    /** @param letters of the field */
    static Optional<Unworked> read(String entry, Set<String> letters) {
        try {
            if (entry.contains("lim")) {
                return Texts.limit(entry, letters);
            }
            return entry.contains("\\int") || entry.indexOf('∫') >= 0
                    ? Texts.integral(entry, letters)
                    : Optional.empty();
        } catch (MathProblem undefined) {
            return Optional.empty();
        }
    }

    /** How they are written. */
    final class Texts {
        private static final int MOST_DEGREE = 40;
        private static final String POINT = "([-+]? ?(?:\\\\infty|∞|inf(?:inity)?|[\\w./]+))";
        /** Of an entry with single spaces. */
        private static final Pattern LIMIT = Pattern.compile(" ?\\\\?lim(?: ?\\\\limits)? ?_? ?[{(]? ?([a-z]) ?"
                + "(?:->|→|⟶|\\\\to(?![a-z])|\\\\rightarrow) ?" + POINT + " ?[})]? ?(\\S.*)");

        private static final String BOUND = "(?:\\{([^{}]*)}|(-?\\w+))";
        private static final Pattern INTEGRAL =
                Pattern.compile(" ?(?:\\\\int|∫)(?: ?\\\\limits)? ?(?:_ ?" + BOUND + " ?\\^ ?" + BOUND + ")?(.*)");
        /** What may stand before the d of dx. */
        private static final Pattern GAP = Pattern.compile("(?:\\\\[,; ]|\\\\mathrm|[{ ])$");

        private Texts() {}

        private static boolean isOrdinary(RationalFunction f) {
            return f.num().isOrdinary() && f.den().isOrdinary();
        }

        private static Optional<Unworked> limit(String entry, Set<String> letters) {
            Matcher found = LIMIT.matcher(spaced(entry));
            if (!found.matches()) {
                return Optional.empty();
            }
            String letter = found.group(1);
            String point = found.group(2).replace(" ", "");
            return function(found.group(3), letters, letter)
                    .filter(f -> onlyOf(letter, f.num()) && onlyOf(letter, f.den()))
                    .flatMap(f -> point.matches("[-+]?(\\\\infty|∞|inf(inity)?)")
                            ? farOut(f, letter)
                            : function(point, Set.of(), letter)
                                    .flatMap(RationalFunction::asRational)
                                    .flatMap(a -> at(f, letter, a)))
                    .map(value -> new Worked(RationalFunction.of(value)));
        }

        private static boolean onlyOf(String letter, Polynomial p) {
            return p.isOrdinary() && Set.of(letter).containsAll(p.letters());
        }

        /** What makes both the top and the bottom zero is cancelled first. */
        private static Optional<Rational> at(RationalFunction f, String letter, Rational a) {
            Polynomial there = Polynomial.constant(a);
            Polynomial zero = Polynomial.letter(letter).minus(there);
            Polynomial num = f.num();
            Polynomial den = f.den();
            while (den.substitute(letter, there).isZero()
                    && num.substitute(letter, there).isZero()) {
                if (num.isZero()) {
                    return Optional.of(Rational.ZERO);
                }
                num = num.exactOver(zero).orElseThrow();
                den = den.exactOver(zero).orElseThrow();
            }
            Polynomial bottom = den.substitute(letter, there);
            return bottom.isZero()
                    ? Optional.empty()
                    : num.substitute(letter, there).asRational().flatMap(top -> bottom.asRational()
                            .map(top::over));
        }

        private static Optional<Rational> farOut(RationalFunction f, String letter) {
            int degree = f.den().degree(letter);
            if (f.num().isZero() || f.num().degree(letter) < degree) {
                return Optional.of(Rational.ZERO);
            }
            return f.num().degree(letter) > degree
                    ? Optional.empty()
                    : f.num().coefficient(letter, degree).asRational().flatMap(top -> f.den()
                            .coefficient(letter, degree)
                            .asRational()
                            .map(top::over));
        }

        private static String spaced(String entry) {
            return entry.replace('−', '-').replaceAll("\\s+", " ");
        }

        private static Optional<Unworked> integral(String entry, Set<String> letters) {
            Matcher found = INTEGRAL.matcher(spaced(entry));
            if (!found.matches()) {
                return Optional.empty();
            }
            int d = found.group(5).lastIndexOf('d');
            String letter = d < 0 ? "" : found.group(5).substring(d + 1).replaceAll("[{} ]", "");
            return letter.matches("[a-z]")
                    ? integral(found, withoutGap(found.group(5).substring(0, d)), letter, letters)
                    : Optional.empty();
        }

        private static String withoutGap(String text) {
            String rest = text;
            for (Matcher gap = GAP.matcher(rest); gap.find(); gap = GAP.matcher(rest)) {
                rest = rest.substring(0, gap.start());
            }
            return rest.isBlank() ? "1" : rest;
        }

        private static Optional<Unworked> integral(Matcher found, String of, String letter, Set<String> letters) {
            Optional<Polynomial> integrand = polynomial(of, letters, letter);
            if (found.group(1) == null && found.group(2) == null) {
                return integrand.map(f -> new AnyOf(f, letter));
            }
            Optional<Polynomial> from =
                    polynomial(either(found, 1), letters, letter).filter(Texts::isBound);
            Optional<Polynomial> to =
                    polynomial(either(found, 3), letters, letter).filter(Texts::isBound);
            return integrand
                    .filter(f -> from.isPresent() && to.isPresent())
                    .filter(f -> f.degree() <= MOST_DEGREE && f.size() <= MOST_DEGREE)
                    .map(f -> antiderivative(f, letter))
                    .map(f -> f.substitute(letter, to.get()).minus(f.substitute(letter, from.get())))
                    .map(value -> new Worked(RationalFunction.of(value)));
        }

        /** Not so much that putting it in would take long. */
        private static boolean isBound(Polynomial bound) {
            return bound.degree() <= 1 && bound.size() <= 2;
        }

        private static String either(Matcher found, int group) {
            return Optional.ofNullable(found.group(group)).orElseGet(() -> found.group(group + 1));
        }

        private static Polynomial antiderivative(Polynomial f, String letter) {
            Polynomial sum = Polynomial.ZERO;
            for (int k = 0; k <= f.degree(letter); k++) {
                Polynomial power = Polynomial.letter(letter).power(k + 1).times(Rational.of(1, k + 1));
                sum = sum.plus(f.coefficient(letter, k).times(power));
            }
            return sum;
        }

        private static Optional<Polynomial> polynomial(String text, Set<String> letters, String letter) {
            return function(text, letters, letter)
                    .flatMap(RationalFunction::asPolynomial)
                    .filter(Polynomial::isOrdinary);
        }

        private static Optional<RationalFunction> function(String text, Set<String> letters, String letter) {
            Set<String> all = new HashSet<>(letters);
            all.add(letter);
            return Parser.read(text, Syntax.expression(all)) instanceof Reading.Understood(Value(Expr expr))
                    ? Optional.of(Canonical.of(expr))
                    : Optional.empty();
        }
    }
}
