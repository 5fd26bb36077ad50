package littlesummit.core.working;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.SolutionSet;
import littlesummit.core.math.Statement;

/**
 * A line that is worked off case by case, one after the other.
 *
 * @param whole the line that falls into cases
 * @param covered the solutions of the cases that stand on the page
 */
record Cases(Statement whole, String letter, SolutionSet covered) {

    /**
     * The line leaves solutions out, and the lines after it bring them.
     *
     * @param later the lines of the page that are still to be checked
     */
    static Optional<Cases> openedBy(Statement before, Statement line, List<Statement> later) {
        Optional<Cases> open = leftOpenBy(before, line).filter(c -> !c.isComplete());
        Optional<Cases> all = open;
        for (Statement next : later) {
            all = all.flatMap(c -> c.and(next).or(() -> Optional.of(c)));
        }
        return all.filter(Cases::isComplete).isPresent() ? open : Optional.empty();
    }

    /** A solution is missing: the lines after it may bring it. */
    static Optional<Cases> leftOpenBy(Statement before, Statement line) {
        Set<String> letters = Claim.letters(before);
        return letters.size() != 1 || before instanceof Statement.Value
                ? Optional.empty()
                : letters.stream().findFirst().flatMap(letter -> within(before, line, letter)
                        .map(solutions -> new Cases(before, letter, solutions)));
    }

    /** With a further case on the page. */
    Optional<Cases> and(Statement line) {
        return within(whole, line, letter).map(more -> new Cases(whole, letter, covered.union(more)));
    }

    boolean isComplete() {
        try {
            return Claim.solutions(whole, letter).sameAs(covered);
        } catch (MathProblem | Claim.Undecided cannotTell) {
            return false;
        }
    }

    /** What solves a line, where that is something and all of it solves the whole, too. */
    private static Optional<SolutionSet> within(Statement whole, Statement line, String letter) {
        if (line instanceof Statement.Value || !Claim.letters(line).equals(Set.of(letter))) {
            return Optional.empty();
        }
        try {
            SolutionSet solutions = Claim.solutions(line, letter);
            return !solutions.isEmpty() && solutions.isWithin(Claim.solutions(whole, letter))
                    ? Optional.of(solutions)
                    : Optional.empty();
        } catch (MathProblem | Claim.Undecided cannotTell) {
            return Optional.empty();
        }
    }
}
