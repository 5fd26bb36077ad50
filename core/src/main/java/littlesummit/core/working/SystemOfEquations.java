package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LinearSystem;
import littlesummit.core.math.LinearSystem.Solution;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.working.Following.Link;

/**
 * Linear equations in several letters that are given together. Whatever is done with them, a line follows as long as
 * the one solution of all of them makes it true: the sum of two of them, one put into another, the value of one letter.
 *
 * @param equations the two sides of each
 * @param solution of all equations together
 */
record SystemOfEquations(List<List<Expr>> equations, Solution solution) {
    static final String NOTE = "This holds for the solution of the given equations.";
    static final String AFTER_MISTAKE = "This goes on from the line before it.";

    static Optional<SystemOfEquations> of(Statement given) {
        if (!(given instanceof Statement.Sequence(Joiner joiner, List<Statement> items))
                || joiner == Joiner.OR
                || Claim.letters(given).size() < 2) {
            return Optional.empty();
        }
        List<List<Expr>> equations = new ArrayList<>();
        for (Statement item : items) {
            Optional<List<Expr>> sides = Claim.equation(item);
            if (sides.isEmpty()) {
                return Optional.empty();
            }
            equations.add(sides.get());
        }
        return LinearSystem.solve(equations).map(solution -> new SystemOfEquations(equations, solution));
    }

    /** Whether a line is true for the solution. */
    Link judge(Statement line) {
        return switch (solution) {
            case Solution.Point(Map<String, Rational> values) -> at(values, line);
            case Solution.None n ->
                line instanceof Statement.Nothing || isFalse(line)
                        ? Following.FOLLOWS
                        : new Link.Unknown("the given equations have no common solution to try the line with");
            case Solution.Many m -> new Link.Unknown("the given equations have many solutions");
        };
    }

    /** Whether a line is what one of the equations makes of a wrong line. */
    boolean followsWith(Statement mistake, Statement line) {
        Optional<List<Expr>> wrong = Claim.equation(mistake);
        return wrong.isPresent()
                && equations.stream()
                        .map(equation -> LinearSystem.solve(List.of(equation, wrong.get())))
                        .flatMap(Optional::stream)
                        .anyMatch(solved -> solved instanceof Solution.Point(Map<String, Rational> values)
                                && at(values, line) instanceof Link.Follows);
    }

    /** 0 = 3, which says that there is none. */
    private static boolean isFalse(Statement line) {
        return Claim.letters(line).isEmpty()
                && Claim.equation(line)
                        .filter(sides -> !Following.equal(sides.get(0), sides.get(1)))
                        .isPresent();
    }

    private static Link at(Map<String, Rational> values, Statement line) {
        if (!values.keySet().containsAll(Claim.letters(line))) {
            return new Link.Unknown("it has a letter that the given equations do not have");
        }
        return switch (line) {
            case Statement.Relations(List<Expr> sides, List<Relation> signs) ->
                Following.chain(
                        sides.stream().map(s -> LinearSystem.at(s, values)).toList(), signs);
            case Statement.Sequence(Joiner joiner, List<Statement> items)
            when joiner != Joiner.OR ->
                items.stream()
                        .map(item -> at(values, item))
                        .filter(link -> !(link instanceof Link.Follows))
                        .findFirst()
                        .orElse(Following.FOLLOWS);
            case Statement.Delimited(char open, List<Statement> items, char close)
            when open == '(' && items.size() == values.size() -> pair(values, items);
            case Statement.Nothing n -> Following.FAILS;
            default -> new Link.Unknown("this kind of line cannot be compared with the given equations");
        };
    }

    /** The values of the letters in alphabetical order. */
    private static Link pair(Map<String, Rational> values, List<Statement> items) {
        List<Rational> wanted = List.copyOf(values.values());
        for (int i = 0; i < items.size(); i++) {
            boolean fits = items.get(i) instanceof Statement.Value(Expr value)
                    && Following.equal(value, Expr.fraction(wanted.get(i)));
            if (!fits) {
                return Following.FAILS;
            }
        }
        return Following.FOLLOWS;
    }
}
