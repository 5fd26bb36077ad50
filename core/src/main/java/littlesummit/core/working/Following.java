package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.math.Alternatives;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.ComplexUnit;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Formulas;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Rounding;
import littlesummit.core.math.SolutionSet;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.working.Claim.Undecided;

/** Whether one line follows from another. */
final class Following {
    private Following() {}

    /** What came of it. */
    sealed interface Link {
        record Follows(String note) implements Link {}

        /** @param bad sides between which a chain breaks; empty where the line as a whole does not follow */
        record Fails(Optional<List<Expr>> bad) implements Link {}

        record Unknown(String why) implements Link {}
    }

    static final String WITHOUT_NEGATIVES = "This holds where no letter stands for a negative number.";
    static final Link FOLLOWS = new Link.Follows("");
    static final Link FAILS = new Link.Fails(Optional.empty());

    static Link of(Statement before, Statement line) {
        try {
            return before instanceof Statement.Value(Expr amount)
                    ? afterAmount(amount, line)
                    : afterCondition(before, line);
        } catch (Undecided undecided) {
            return new Link.Unknown(undecided.getMessage());
        } catch (MathProblem problem) {
            return new Link.Unknown(
                    problem.kind() == MathProblem.Kind.UNDEFINED
                            ? "something here is not defined, such as a division by zero"
                            : "this is beyond what can be checked here");
        }
    }

    private static Link afterAmount(Expr amount, Statement line) {
        return switch (line) {
            case Statement.Value(Expr value) -> equal(amount, value) ? FOLLOWS : FAILS;
            case Statement.Continued(Relation sign, Statement.Value(Expr value)) ->
                chain(List.of(amount, value), List.of(sign));
            case Statement.Continued(Relation sign, Statement.Relations(List<Expr> sides, List<Relation> signs)) ->
                chain(prepend(amount, sides), prepend(sign, signs));
            case Statement.Relations(List<Expr> sides, List<Relation> signs) -> chainFrom(amount, sides, signs);
            default -> throw new Undecided("this kind of line cannot be compared with the one before");
        };
    }

    private static <T> List<T> prepend(T first, List<T> rest) {
        List<T> all = new ArrayList<>(List.of(first));
        all.addAll(rest);
        return all;
    }

    /**
     * A chain must hold link by link, and one of its ends must be what went before; a letter of its own may name the
     * value.
     */
    private static Link chainFrom(Expr amount, List<Expr> sides, List<Relation> signs) {
        boolean names = sides.getFirst() instanceof Expr.Letter(String name)
                && !Claim.letters(new Statement.Value(amount)).contains(name);
        List<Expr> rest = names ? sides.subList(1, sides.size()) : sides;
        List<Relation> links = names ? signs.subList(1, signs.size()) : signs;
        if (!names
                && !Claim.letters(new Statement.Value(amount))
                        .containsAll(Claim.letters(new Statement.Relations(sides, signs)))) {
            throw new Undecided("an equation cannot be compared with an expression");
        }
        if (names && signs.getFirst() == Relation.ABOUT) {
            return chain(prepend(amount, rest), prepend(Relation.ABOUT, links));
        }
        boolean goesOn = rest.stream().anyMatch(side -> equal(amount, side));
        if (!goesOn
                && !Claim.letters(new Statement.Value(names ? amount : sides.getFirst()))
                        .isEmpty()) {
            throw new Undecided("an equation cannot be compared with an expression");
        }
        Link holds = chain(rest, links);
        return holds != FOLLOWS || goesOn
                ? holds
                : isSideComputation(amount, rest) || pieces(rest.getFirst()).anyMatch(p -> equal(p, amount))
                        ? FOLLOWS
                        : FAILS;
    }

    /** Whether a chain works out a piece of the line before, which then still stands. */
    static boolean isSideComputation(Expr amount, List<Expr> sides) {
        return sides.stream().noneMatch(side -> equal(amount, side))
                && pieces(amount).filter(p -> !p.children().isEmpty()).anyMatch(p -> sides.stream()
                        .anyMatch(side -> equal(p, side)));
    }

    /** Everything below the top of a tree. */
    private static Stream<Expr> pieces(Expr expr) {
        return expr.children().stream().flatMap(c -> Stream.concat(Stream.of(c), pieces(c)));
    }

    static Link chain(List<Expr> sides, List<Relation> signs) {
        for (int i = 0; i < signs.size(); i++) {
            if (!holds(sides.get(i), signs.get(i), sides.get(i + 1))) {
                return new Link.Fails(Optional.of(List.of(sides.get(i), sides.get(i + 1))));
            }
        }
        return FOLLOWS;
    }

    private static boolean holds(Expr left, Relation sign, Expr right) {
        return switch (sign) {
            case EQUAL -> equal(left, right);
            case ABOUT -> roundsTo(Canonical.of(left), right);
            case NOT_EQUAL -> !equal(left, right);
            case LESS, GREATER, AT_MOST, AT_LEAST ->
                sign.holds(Equality.compare(Canonical.of(left), Canonical.of(right)));
        };
    }

    static boolean equal(Expr a, Expr b) {
        return switch (Equality.of(a, b)) {
            case EQUAL -> true;
            case DIFFERENT -> {
                if (ComplexUnit.makesEqual(a, b)) {
                    throw new Undecided("complex numbers are not checked here");
                }
                yield false;
            }
            case UNKNOWN -> throw new Undecided("whether these are equal cannot be told here");
        };
    }

    /** To as many places as are written; a tie goes away from zero. */
    static boolean roundsTo(RationalFunction exact, Expr written) {
        if (written instanceof Expr.Percent(Expr hundredths)) {
            return roundsTo(exact.times(RationalFunction.of(Rational.of(100))), hundredths);
        }
        Expr size = written instanceof Expr.Neg(Expr inner) ? inner : written;
        if (!(size instanceof Expr.Num(var digits, int places))) {
            return Equality.same(exact, Canonical.of(written));
        }
        Rational value = Canonical.of(written).asRational().orElseThrow();
        if (Rounding.halfUp(exact, places).equals(value)) {
            return true;
        }
        int zeros = places > 0 ? 0 : trailingZeros(digits);
        for (int z = 1; z <= zeros; z++) {
            RationalFunction scale = RationalFunction.of(Rational.of(10).power(z));
            if (Rounding.halfUp(exact.over(scale), 0)
                    .times(Rational.of(10).power(z))
                    .equals(value)) {
                return true;
            }
        }
        return false;
    }

    private static int trailingZeros(java.math.BigInteger digits) {
        String text = digits.toString();
        return text.length() - text.replaceAll("0+$", "").length();
    }

    private static Link afterCondition(Statement before, Statement line) {
        if (line instanceof Statement.Continued(Relation sign, Statement rest)) {
            return continued(before, sign, rest);
        }
        if (line instanceof Statement.Value(Expr value) && !Claim.letters(line).isEmpty()) {
            throw new Undecided("an expression cannot be compared with an equation");
        }
        if (line instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                && signs.contains(Relation.ABOUT)) {
            return about(before, sides, signs);
        }
        if (RoundedRoots.areListed(line)) {
            return RoundedRoots.of(before, (Statement.Sequence) line) ? FOLLOWS : FAILS;
        }
        if (line instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                && signs.size() > 1
                && signs.stream().allMatch(s -> s == Relation.EQUAL)) {
            return longChain(before, sides, signs);
        }
        Set<String> letters = Claim.letters(before, line);
        if (!Claim.letters(before).isEmpty()
                && !Claim.letters(line).isEmpty()
                && Claim.letters(before).stream().noneMatch(Claim.letters(line)::contains)) {
            throw new Undecided("it cannot be compared with the line before, which is about another letter");
        }
        return letters.size() > 1
                ? severalLetters(before, line)
                : oneLetter(before, line, letters.stream().findFirst().orElse("x"));
    }

    /** x = 12/4 = 3: the first link is the equation, the others are computation. */
    private static Link longChain(Statement before, List<Expr> sides, List<Relation> signs) {
        Link computed = chain(sides.subList(1, sides.size()), signs.subList(1, signs.size()));
        if (computed == FOLLOWS) {
            return afterCondition(before, new Statement.Relations(sides.subList(0, 2), signs.subList(0, 1)));
        }
        Statement whole = new Statement.Relations(sides, signs);
        Set<String> letters = Claim.letters(whole);
        return letters.size() == 1 && letters.equals(Claim.letters(before))
                ? oneLetter(before, whole, letters.iterator().next()) instanceof Link.Follows ? FOLLOWS : computed
                : computed;
    }

    private static Link continued(Statement before, Relation sign, Statement rest) {
        Expr from = Claim.equation(before)
                .map(List::getLast)
                .orElseThrow(() -> new Undecided("there is nothing that it could go on from"));
        return switch (rest) {
            case Statement.Value(Expr value) -> chain(List.of(from, value), List.of(sign));
            case Statement.Relations(List<Expr> sides, List<Relation> signs) ->
                chain(prepend(from, sides), prepend(sign, signs));
            default -> throw new Undecided("this kind of line cannot be compared with the one before");
        };
    }

    private static Link about(Statement before, List<Expr> sides, List<Relation> signs) {
        boolean single = signs.size() == 1
                && sides.getFirst() instanceof Expr.Letter
                && Claim.letters(before).size() == 1;
        if (!single) {
            return signs.getFirst() == Relation.ABOUT ? chain(sides, signs) : longChain(before, sides, signs);
        }
        SolutionSet solutions =
                Claim.solutions(before, Claim.letters(before).iterator().next());
        if (!solutions.isFinite()
                || !solutions.factors().isEmpty()
                || solutions.exact().intervals().size() != 1) {
            throw new Undecided("a rounded value is compared with a single solution only");
        }
        return roundsTo(solutions.exact().intervals().getFirst().low().orElseThrow(), sides.get(1)) ? FOLLOWS : FAILS;
    }

    private static Link oneLetter(Statement before, Statement line, String letter) {
        try {
            return bySolutions(before, line, letter);
        } catch (MathProblem unsolved) {
            Optional<List<Expr>> from = Claim.equation(before);
            Optional<List<Expr>> to = Claim.equation(line);
            if (from.isPresent() && to.isPresent() && Formulas.areProportional(from.get(), to.get())) {
                return FOLLOWS;
            }
            throw unsolved;
        }
    }

    private static Link bySolutions(Statement before, Statement line, String letter) {
        SolutionSet was = Claim.solutions(before, letter);
        SolutionSet is = Claim.solutions(line, letter);
        return was.sameAs(is) ? new Link.Follows(note(before, line, letter)) : FAILS;
    }

    /** Dividing by what may be zero and squaring are worth a word even where nothing was lost. */
    private static String note(Statement before, Statement line, String letter) {
        Optional<Polynomial> from = Claim.equation(before)
                .filter(sides -> !Alternatives.areIn(sides))
                .flatMap(Following::difference);
        Optional<Polynomial> to =
                Claim.equation(line).filter(sides -> !Alternatives.areIn(sides)).flatMap(Following::difference);
        if (from.isEmpty() || to.isEmpty() || from.get().isZero() || to.get().isZero()) {
            return "";
        }
        int degree = from.get().degree(letter);
        if (to.get().degree(letter) == 2 * degree && degree > 0) {
            return "You squared both sides, which may bring in solutions. Here it did not.";
        }
        return to.get().degree(letter) < degree && to.get().degree(letter) > 0
                ? "If you divided by something with a letter: it may be zero. Here nothing was lost."
                : "";
    }

    private static Optional<Polynomial> difference(List<Expr> sides) {
        RationalFunction f = Canonical.of(sides.get(0)).minus(Canonical.of(sides.get(1)));
        return f.asPolynomial().filter(Polynomial::isOrdinary);
    }

    private static Link severalLetters(Statement before, Statement line) {
        if (Claim.equation(before).isEmpty() || Claim.equation(line).isEmpty()) {
            throw new Undecided("several letters in something that is no equation");
        }
        return switch (Formulas.compare(
                Claim.equation(before).get(), Claim.equation(line).get())) {
            case SAME, SAME_SOLUTIONS -> FOLLOWS;
            case SAME_WITHOUT_NEGATIVES -> new Link.Follows(WITHOUT_NEGATIVES);
            case DIFFERENT -> FAILS;
            case UNKNOWN ->
                throw new Undecided("whether this says the same for all values of its letters cannot be told");
        };
    }
}
