package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Linear;

/**
 * factor · ∏(x − zero) / (∏(x − pole) · (x² + plus)), with a factor (x − hole) above and below.
 *
 * @param zeros with repetition; a zero that stands there twice is touched
 * @param poles with repetition, none of them a zero
 * @param holes none or one, none of the others
 * @param plus of a factor without zeros below; 0 for none
 */
record RationalShape(int factor, List<Integer> zeros, List<Integer> poles, List<Integer> holes, int plus) {
    static RationalShape of(int factor, List<Integer> zeros, List<Integer> poles) {
        return new RationalShape(factor, zeros, poles, List.of(), 0);
    }

    RationalShape withHole(int at) {
        return new RationalShape(factor, zeros, poles, List.of(at), plus);
    }

    RationalShape withoutHole() {
        return new RationalShape(factor, zeros, poles, List.of(), plus);
    }

    RationalShape over(int noZeros) {
        return new RationalShape(factor, zeros, poles, holes, noZeros);
    }

    boolean hasHole() {
        return !holes.isEmpty();
    }

    int hole() {
        return holes.getFirst();
    }

    /** Zeros, each once, from left to right. */
    List<Integer> zerosOnce() {
        return zeros.stream().distinct().sorted().toList();
    }

    /** Poles, each once, from left to right. */
    List<Integer> polesOnce() {
        return poles.stream().distinct().sorted().toList();
    }

    boolean touches(int zero) {
        return zeros.stream().filter(z -> z == zero).count() % 2 == 0;
    }

    private static Polynomial product(List<Integer> roots) {
        return roots.stream().map(r -> Linear.of("x", 1, -r)).reduce(Polynomial.ONE, Polynomial::times);
    }

    Polynomial reducedTop() {
        return product(zeros).times(Rational.of(factor));
    }

    Polynomial reducedBottom() {
        return product(poles).times(noZeros());
    }

    /** x² + plus, or 1. */
    Polynomial noZeros() {
        return plus == 0
                ? Polynomial.ONE
                : Polynomial.letter("x").power(2).plus(Polynomial.constant(Rational.of(plus)));
    }

    Polynomial top() {
        return reducedTop().times(product(holes));
    }

    Polynomial bottom() {
        return reducedBottom().times(product(holes));
    }

    /** By how many degrees the top is above the bottom. */
    int rise() {
        return zeros.size() - poles.size() - (plus == 0 ? 0 : 2);
    }

    /** Whether a line belongs to it far out. */
    boolean hasLine() {
        return rise() <= 1;
    }

    /** The quotient of top and bottom without remainder: what it comes close to far out, a line or not. */
    Polynomial quotient() {
        Polynomial quotient = Polynomial.ZERO;
        Polynomial rest = reducedTop();
        int below = reducedBottom().degree("x");
        while (!rest.isZero() && rest.degree("x") >= below) {
            int degree = rest.degree("x");
            Polynomial term = Polynomial.letter("x").power(degree - below).times(number(rest.coefficient("x", degree)));
            quotient = quotient.plus(term);
            rest = rest.minus(term.times(reducedBottom()));
        }
        return quotient;
    }

    Polynomial remainder() {
        return reducedTop().minus(quotient().times(reducedBottom()));
    }

    private static Rational number(Polynomial constant) {
        return constant.asRational().orElseThrow();
    }

    /** Where the function has the value of its asymptote, from left to right. */
    List<Rational> meets() {
        if (rise() < 0) {
            return zerosOnce().stream().map(Rational::of).toList();
        }
        Polynomial rest = remainder();
        if (rest.degree("x") != 1) {
            return List.of();
        }
        Rational x = number(rest.coefficient("x", 0))
                .over(number(rest.coefficient("x", 1)))
                .negate();
        return isDefinedAt(x) ? List.of(x) : List.of();
    }

    /** Whether what there is to meet far out can be found by an equation of the first degree. */
    boolean meetsAtMostOnce() {
        return rise() < 0 || remainder().degree("x") <= 1;
    }

    boolean isDefinedAt(Rational x) {
        return Stream.concat(poles.stream(), holes.stream()).noneMatch(p -> x.equals(Rational.of(p)));
    }

    /** The value of the function; at a hole the height of the hole. */
    Rational at(int x) {
        Polynomial here = Polynomial.constant(Rational.of(x));
        return number(reducedTop().substitute("x", here))
                .over(number(reducedBottom().substitute("x", here)));
    }

    /** Whether the function is positive just beside a place, where it has no zero and no pole. */
    boolean isPositiveNear(double x) {
        return value(x) > 0;
    }

    boolean risesLeftOf(int pole) {
        return isPositiveNear(pole - 1e-6);
    }

    boolean risesRightOf(int pole) {
        return isPositiveNear(pole + 1e-6);
    }

    double value(double x) {
        double v = factor;
        for (int z : zeros) {
            v *= x - z;
        }
        for (int p : poles) {
            v /= x - p;
        }
        return plus == 0 ? v : v / (x * x + plus);
    }

    /**
     * How far from zero the x or y of anything lies that is asked for: zeros, poles, the hole, and where it meets the
     * y-axis and its asymptote.
     */
    double reach() {
        DoubleStream places = Stream.concat(zeros.stream(), poles.stream()).mapToDouble(Integer::doubleValue);
        DoubleStream hole = holes.stream().mapToDouble(h -> Math.max(Math.abs(h), Math.abs(value(h))));
        DoubleStream start = isDefinedAt(Rational.ZERO) ? DoubleStream.of(value(0)) : DoubleStream.empty();
        DoubleStream meeting = hasLine()
                ? meets().stream()
                        .mapToDouble(x -> x.num().doubleValue() / x.den().doubleValue())
                        .flatMap(x -> DoubleStream.of(x, value(x)))
                : DoubleStream.empty();
        return Stream.of(places, hole, start, meeting)
                .flatMapToDouble(all -> all)
                .map(Math::abs)
                .max()
                .orElse(0);
    }

    /** Places where the sign may change, from left to right. */
    List<Integer> borders() {
        return Stream.concat(zeros.stream(), poles.stream()).distinct().sorted().toList();
    }

    /** A product of its factors, such as -2(x + 1)(x - 3)^2, in entry syntax. */
    static String product(int factor, List<Integer> roots) {
        StringBuilder text = new StringBuilder(roots.isEmpty() ? String.valueOf(factor) : sign(factor));
        for (int r : roots.stream().distinct().toList()) {
            long times = roots.stream().filter(o -> o == r).count();
            text.append(r == 0 ? "x" : "(" + Linear.plain("x", 1, -r) + ")").append(times == 1 ? "" : "^" + times);
        }
        return text.toString();
    }

    /** The same in LaTeX. */
    static String productLatex(int factor, List<Integer> roots) {
        return product(factor, roots).replace("(", "\\left(").replace(")", "\\right)");
    }

    private static String sign(int factor) {
        return factor == 1 ? "" : factor == -1 ? "-" : String.valueOf(factor);
    }

    /** Everything below as a product, in entry syntax. */
    String below(List<Integer> shared) {
        List<Integer> roots = new ArrayList<>(poles);
        roots.addAll(shared);
        String rest = plus == 0 ? "" : "(x^2 + " + plus + ")";
        return roots.isEmpty() ? plus == 0 ? "1" : rest : product(1, roots) + rest;
    }

    /** Everything above as a product, in entry syntax. */
    String above(List<Integer> shared) {
        List<Integer> roots = new ArrayList<>(zeros);
        roots.addAll(shared);
        return product(factor, roots);
    }

    static String latex(String entry) {
        return entry.replace("(", "\\left(").replace(")", "\\right)");
    }

    RationalShape mirrored() {
        return new RationalShape(-factor, zeros, poles, holes, plus);
    }

    /** Every place on the other side of zero, as if signs had been read as they stand. */
    RationalShape turned() {
        return new RationalShape(factor, turned(zeros), turned(poles), turned(holes), plus);
    }

    private static List<Integer> turned(List<Integer> places) {
        return places.stream().map(p -> -p).toList();
    }

    RationalShape withZeros(List<Integer> others) {
        return new RationalShape(factor, others, poles, holes, plus);
    }

    RationalShape withPoles(List<Integer> others) {
        return new RationalShape(factor, zeros, others, holes, plus);
    }

    /** In entry syntax, in lowest terms. */
    String reducedPlain() {
        return "(" + PolynomialText.plain(reducedTop()) + ")/(" + PolynomialText.plain(reducedBottom()) + ")";
    }
}
