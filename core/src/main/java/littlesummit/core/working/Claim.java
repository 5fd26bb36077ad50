package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.math.Alternatives;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.RealSet;
import littlesummit.core.math.SolutionSet;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;
import littlesummit.core.math.Statement.Relation;

/** What a line of conditions says: for which numbers it holds. */
final class Claim {
    private Claim() {}

    /** The letters that occur in any of the statements. */
    static Set<String> letters(Statement... statements) {
        return Stream.of(statements)
                .flatMap(statement -> sides(statement).stream())
                .flatMap(side -> Solver.letters(side).stream())
                .collect(Collectors.toUnmodifiableSet());
    }

    private static List<Expr> sides(Statement statement) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> List.of(expr);
            case Statement.Relations(List<Expr> sides, var signs) -> sides;
            case Statement.Sequence(Joiner joiner, List<Statement> items) ->
                items.stream().flatMap(i -> sides(i).stream()).toList();
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                items.stream().flatMap(i -> sides(i).stream()).toList();
            case Statement.Union(List<Statement> parts) ->
                parts.stream().flatMap(i -> sides(i).stream()).toList();
            case Statement.Continued(Relation sign, Statement rest) -> sides(rest);
            case Statement.Nothing n -> List.of();
            case Statement.Reals(List<Expr> except) -> except;
            case Statement.SetBuilder(String letter, Statement condition) -> sides(condition);
            case Statement.Measure(Expr amount, var unit) -> List.of(amount);
            case Statement.Measures(var parts) ->
                parts.stream().map(Statement.Measure::amount).toList();
        };
    }

    /**
     * @param letter the unknown
     * @throws Undecided where it cannot be told
     */
    static SolutionSet solutions(Statement statement, String letter) {
        return switch (statement) {
            case Statement.Relations(List<Expr> sides, List<Relation> signs) -> chain(sides, signs, letter);
            case Statement.Sequence(Joiner joiner, List<Statement> items) ->
                isJoint(statement) ? joint(items, letter) : union(items, letter);
            case Statement.Delimited(char open, List<Statement> items, char close)
            when open == '{' -> union(items, letter);
            case Statement.Value(Expr expr) ->
                union(
                        Alternatives.of(expr).stream()
                                .map(e -> (Statement) new Statement.Relations(
                                        List.of(new Expr.Letter(letter), e), List.of(Relation.EQUAL)))
                                .toList(),
                        letter);
            case Statement.Nothing n -> SolutionSet.EMPTY;
            case Statement.Reals(List<Expr> except) -> reals(except);
            case Statement.SetBuilder(String name, Statement condition)
            when name.equals(letter) -> solutions(condition, letter);
            case Statement.Union(List<Statement> parts) -> union(parts, letter);
            case Statement.Delimited(char open, List<Statement> ends, char close)
            when ends.size() == 2
                    && ends.get(0) instanceof Statement.Value(Expr low)
                    && ends.get(1) instanceof Statement.Value(Expr high) ->
                interval(open == '[', low, high, close == ']');
            default -> throw new Undecided("this kind of line cannot be checked here");
        };
    }

    /**
     * Whether all members have to hold at once. A comma stands for "or", but for exceptions and for the two ends of an
     * interval; "x = 2 and x = 3" lists two solutions.
     */
    static boolean isJoint(Statement statement) {
        if (!(statement instanceof Statement.Sequence(Joiner joiner, List<Statement> items)) || joiner == Joiner.OR) {
            return false;
        }
        boolean areValues = items.stream().allMatch(Claim::isValueOfLetter);
        boolean areInequalities = items.stream()
                .allMatch(
                        i -> i instanceof Statement.Relations(var sides, var signs) && !signs.contains(Relation.EQUAL));
        return joiner == Joiner.AND ? !areValues : areInequalities && !isOutside(items);
    }

    private static boolean isValueOfLetter(Statement item) {
        return equation(item)
                .filter(sides -> sides.get(0) instanceof Expr.Letter
                        && Solver.letters(sides.get(1)).isEmpty())
                .isPresent();
    }

    /** x &lt; 2, x &gt; 5: both at once would be nothing. What cannot be solved is found out where it is solved. */
    private static boolean isOutside(List<Statement> items) {
        Set<String> letters = letters(items.toArray(Statement[]::new));
        try {
            return letters.size() != 1
                    || joint(items, letters.iterator().next()).isEmpty();
        } catch (MathProblem cannotTell) {
            return true;
        }
    }

    private static SolutionSet joint(List<Statement> items, String letter) {
        return items.stream().map(i -> solutions(i, letter)).reduce(SolutionSet.ALL, SolutionSet::intersection);
    }

    private static SolutionSet interval(boolean lowIncluded, Expr low, Expr high, boolean highIncluded) {
        RealSet above =
                low instanceof Expr.Neg(Expr.Infinity i) ? RealSet.ALL : RealSet.above(Canonical.of(low), lowIncluded);
        RealSet below = high instanceof Expr.Infinity ? RealSet.ALL : RealSet.below(Canonical.of(high), highIncluded);
        return new SolutionSet(above.intersection(below), Set.of());
    }

    private static SolutionSet reals(List<Expr> except) {
        RealSet points =
                except.stream().map(e -> RealSet.point(Canonical.of(e))).reduce(RealSet.EMPTY, RealSet::union);
        return new SolutionSet(points.complement(), Set.of());
    }

    private static SolutionSet union(List<Statement> items, String letter) {
        return items.stream().map(i -> solutions(i, letter)).reduce(SolutionSet.EMPTY, SolutionSet::union);
    }

    private static SolutionSet chain(List<Expr> sides, List<Relation> signs, String letter) {
        SolutionSet all = SolutionSet.ALL;
        for (int i = 0; i < signs.size(); i++) {
            all = all.intersection(one(sides.get(i), signs.get(i), sides.get(i + 1), letter));
        }
        return all;
    }

    private static SolutionSet one(Expr left, Relation sign, Expr right, String letter) {
        SolutionSet either = SolutionSet.EMPTY;
        List<Expr> lefts = Alternatives.of(left);
        List<Expr> rights = Alternatives.of(right);
        for (Expr l : lefts) {
            for (Expr r : rights) {
                either = either.union(Solver.solve(l, sign, r, letter));
            }
        }
        return either;
    }

    /** Two sides of a plain equation, where the statement is one. */
    static Optional<List<Expr>> equation(Statement statement) {
        return statement instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                        && signs.equals(List.of(Relation.EQUAL))
                ? Optional.of(new ArrayList<>(sides))
                : Optional.empty();
    }

    /** An honest "cannot tell". */
    static final class Undecided extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Undecided(String why) {
            super(why, null, false, false);
        }
    }
}
