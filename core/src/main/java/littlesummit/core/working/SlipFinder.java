package littlesummit.core.working;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Formulas;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Rational;
import littlesummit.core.math.SolutionSet;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.working.CheckedLine.FoundSlip;
import littlesummit.core.working.Claim.Undecided;
import littlesummit.core.working.Following.Link;

/** Which known slip leads from one line to a wrong next one. The more telling ones are tried first. */
final class SlipFinder {
    private final Statement before;
    private final Statement line;

    private SlipFinder(Statement before, Statement line) {
        this.before = before;
        this.line = line;
    }

    static Optional<FoundSlip> find(Statement before, Statement line) {
        SlipFinder finder = new SlipFinder(before, line);
        try {
            return before instanceof Statement.Value(Expr amount) ? finder.inAmount(amount) : finder.inCondition();
        } catch (MathProblem | Undecided cannotTell) {
            return Optional.empty();
        }
    }

    private static Optional<FoundSlip> found(Slip slip, Expr place) {
        return Optional.of(new FoundSlip(slip, Optional.of(LatexPrinter.latex(place))));
    }

    private static boolean follows(Statement from, Statement to) {
        Optional<List<Expr>> sides = Claim.equation(from);
        Optional<List<Expr>> other = Claim.equation(to);
        if (Claim.letters(from, to).size() > 1 && sides.isPresent() && other.isPresent()) {
            try {
                return Formulas.areSame(sides.get(), other.get());
            } catch (MathProblem problem) {
                return false;
            }
        }
        return Following.of(from, to) instanceof Link.Follows;
    }

    private Optional<FoundSlip> inAmount(Expr amount) {
        Optional<Expr> value = lineValue();
        if (value.isEmpty()) {
            return Optional.empty();
        }
        Expr written = value.get();
        return first(Rewriting.oneEach(amount, WrongMoves::at), written)
                .or(() -> powerOfTen(amount, written))
                .or(() -> turnedSign(amount, written))
                .or(() -> otherNumber(amount, written))
                .or(() -> nearMiss(amount, written));
    }

    private Optional<Expr> lineValue() {
        return switch (line) {
            case Statement.Value(Expr expr) -> Optional.of(expr);
            case Statement.Continued(var sign, Statement.Value(Expr expr)) -> Optional.of(expr);
            case Statement.Relations(List<Expr> sides, var signs) -> Optional.of(sides.getLast());
            default -> Optional.empty();
        };
    }

    private static Optional<FoundSlip> first(Stream<Rewriting.Changed> changes, Expr written) {
        return changes.filter(c -> equal(c.whole(), written)).findFirst().flatMap(c -> found(c.slip(), c.place()));
    }

    private static boolean equal(Expr a, Expr b) {
        try {
            return Following.equal(a, b);
        } catch (MathProblem | Undecided cannotTell) {
            return false;
        }
    }

    private static Optional<FoundSlip> powerOfTen(Expr amount, Expr written) {
        Optional<Rational> ratio = Canonical.of(written).isZero()
                ? Optional.empty()
                : Canonical.of(amount).over(Canonical.of(written)).asRational();
        boolean power = ratio.filter(
                        r -> !r.isOne() && r.signum() > 0 && (isPowerOfTen(r) || isPowerOfTen(r.reciprocal())))
                .isPresent();
        return power ? found(Slip.POWER_OF_TEN, written) : Optional.empty();
    }

    private static boolean isPowerOfTen(Rational r) {
        return r.isInteger() && r.num().toString().matches("10+");
    }

    /** The line as a whole, one of its terms, or two of them, with the other sign. */
    private static Optional<FoundSlip> turnedSign(Expr amount, Expr written) {
        if (equal(amount, Rewriting.negated(written))) {
            return found(Slip.LOST_SIGN, written);
        }
        Stream<Rewriting.Changed> one = LineRepairs.oneSign(written);
        Stream<Rewriting.Changed> two = LineRepairs.oneSign(written).flatMap(c -> LineRepairs.oneSign(c.whole()));
        return Stream.concat(one, two)
                .filter(c -> equal(amount, c.whole()))
                .findFirst()
                .flatMap(c -> found(Slip.LOST_SIGN, written));
    }

    private static Optional<FoundSlip> otherNumber(Expr amount, Expr written) {
        return LineRepairs.oneNumber(written, hole -> LineRepairs.solving(hole, amount))
                .filter(c -> equal(amount, c.whole()))
                .findFirst()
                .flatMap(c -> found(Slip.ARITHMETIC, c.place()));
    }

    /** Numbers only, and not far off. */
    private static Optional<FoundSlip> nearMiss(Expr amount, Expr written) {
        Optional<Rational> right = Canonical.of(amount).asRational();
        Optional<Rational> is = Canonical.of(written).asRational();
        if (right.isEmpty() || is.isEmpty()) {
            return Optional.empty();
        }
        Rational apart = right.get().minus(is.get()).abs();
        boolean near = apart.times(Rational.of(4)).compareTo(right.get().abs()) <= 0
                || right.get().isInteger() && is.get().isInteger() && apart.compareTo(Rational.of(10)) <= 0;
        return near ? found(Slip.ARITHMETIC, written) : Optional.empty();
    }

    private Optional<FoundSlip> inCondition() {
        Optional<List<Expr>> from = sides(before);
        if (from.isEmpty()) {
            return roots();
        }
        return roots().or(() -> moved(from.get())).or(this::repaired);
    }

    /** Two sides with one sign between them. */
    private static Optional<List<Expr>> sides(Statement statement) {
        return statement instanceof Statement.Relations(List<Expr> sides, List<Relation> signs) && signs.size() == 1
                ? Optional.of(sides)
                : Optional.empty();
    }

    private Statement with(Expr left, Expr right) {
        return new Statement.Relations(List.of(left, right), ((Statement.Relations) before).signs());
    }

    private Optional<FoundSlip> moved(List<Expr> sides) {
        Expr left = sides.get(0);
        Expr right = sides.get(1);
        Optional<FoundSlip> inPlace = Stream.concat(
                        Rewriting.oneEach(left, WrongMoves::at)
                                .map(c -> new EquationMoves.Moved(c.whole(), right, c.place(), c.slip())),
                        Rewriting.oneEach(right, WrongMoves::at)
                                .map(c -> new EquationMoves.Moved(left, c.whole(), c.place(), c.slip())))
                .filter(m -> leads(m))
                .findFirst()
                .flatMap(m -> found(m.slip(), m.place()));
        return inPlace.or(this::turnedRound).or(() -> EquationMoves.of(left, right)
                .filter(this::leads)
                .findFirst()
                .flatMap(m -> found(m.slip(), m.place())));
    }

    private boolean leads(EquationMoves.Moved moved) {
        return follows(with(moved.left(), moved.right()), line) && isTelling(moved);
    }

    /** A wrong move that leaves no letter would explain any line without a solution. */
    private boolean isTelling(EquationMoves.Moved moved) {
        return Claim.letters(line).isEmpty()
                == Claim.letters(with(moved.left(), moved.right())).isEmpty();
    }

    private Optional<FoundSlip> turnedRound() {
        if (!(before instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)) || signs.size() != 1) {
            return Optional.empty();
        }
        Relation other =
                switch (signs.getFirst()) {
                    case LESS -> Relation.GREATER;
                    case GREATER -> Relation.LESS;
                    case AT_MOST -> Relation.AT_LEAST;
                    case AT_LEAST -> Relation.AT_MOST;
                    case EQUAL, NOT_EQUAL, ABOUT -> signs.getFirst();
                };
        boolean turned = other != signs.getFirst() && follows(new Statement.Relations(sides, List.of(other)), line);
        return turned ? Optional.of(new FoundSlip(Slip.INEQUALITY_NOT_TURNED, Optional.empty())) : Optional.empty();
    }

    /** Solutions lost, or brought in. */
    private Optional<FoundSlip> roots() {
        Set<String> letters = Claim.letters(before, line);
        if (letters.size() != 1) {
            return Optional.empty();
        }
        String letter = letters.iterator().next();
        SolutionSet was = Claim.solutions(before, letter);
        SolutionSet is = Claim.solutions(line, letter);
        if (was.sameAs(is)) {
            return Optional.empty();
        }
        if (was.isEmpty() || is.isEmpty() || !was.isFinite() || !is.isFinite()) {
            return was.sameAs(is.intersection(domain(letter)))
                    ? Optional.of(new FoundSlip(Slip.DOMAIN_LOST, Optional.empty()))
                    : Optional.empty();
        }
        Slip slip = is.isWithin(was) ? Slip.LOST_ROOT : Slip.EXTRA_ROOT;
        return is.isWithin(was) || was.isWithin(is)
                ? Optional.of(new FoundSlip(slip, Optional.empty()))
                : Optional.empty();
    }

    /** Where both sides of the line before are defined, as far as roots and denominators say. */
    private SolutionSet domain(String letter) {
        SolutionSet all = SolutionSet.ALL;
        for (Expr side : sides(before).orElse(List.of())) {
            all = all.intersection(Solver.solve(side, Relation.EQUAL, side, letter));
        }
        return all;
    }

    /** The wrong line mended by a sign or by a number. */
    private Optional<FoundSlip> repaired() {
        Optional<List<Expr>> sides = sides(line);
        if (sides.isEmpty()) {
            return Optional.empty();
        }
        Expr left = sides.get().get(0);
        Expr right = sides.get().get(1);
        return sign(left, right).or(() -> number(left, right));
    }

    private boolean mends(Expr left, Expr right) {
        return follows(before, new Statement.Relations(List.of(left, right), ((Statement.Relations) line).signs()));
    }

    private Optional<FoundSlip> sign(Expr left, Expr right) {
        if (mends(left, Rewriting.negated(right))) {
            return found(Slip.LOST_SIGN, right);
        }
        Expr all = new Expr.Quotient(left, right);
        Stream<Rewriting.Changed> two = Stream.concat(
                LineRepairs.oneSign(all), LineRepairs.oneSign(all).flatMap(c -> LineRepairs.oneSign(c.whole())));
        boolean mended = two.anyMatch(c -> c.whole() instanceof Expr.Quotient(Expr l, Expr r) && mends(l, r));
        return mended ? Optional.of(new FoundSlip(Slip.LOST_SIGN, Optional.empty())) : Optional.empty();
    }

    /** With the solution put in, the number that would be right can be worked out. */
    private Optional<FoundSlip> number(Expr left, Expr right) {
        Expr all = new Expr.Quotient(left, right);
        return LineRepairs.oneNumber(all, this::fitting)
                .filter(c -> c.whole() instanceof Expr.Quotient(Expr l, Expr r) && mends(l, r))
                .findFirst()
                .flatMap(c -> found(Slip.ARITHMETIC, c.place()));
    }

    private Stream<Rational> fitting(Expr sidesWithHole) {
        Set<String> letters = Claim.letters(before);
        if (!(sidesWithHole instanceof Expr.Quotient(Expr l, Expr r)) || letters.size() != 1) {
            return Stream.empty();
        }
        String letter = letters.iterator().next();
        SolutionSet solutions = Claim.solutions(before, letter);
        return solutions.exact().intervals().stream()
                .limit(1)
                .flatMap(i -> i.low().stream())
                .flatMap(root -> root.asRational().stream())
                .flatMap(root -> LineRepairs.solving(
                        new Expr.Sum(List.of(l.with(letter, root), new Expr.Neg(r.with(letter, root)))),
                        Expr.Num.of(0)));
    }
}
