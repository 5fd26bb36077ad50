package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import littlesummit.core.math.Expr;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.SolutionSet;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.working.Claim.Undecided;

/** Several solutions, each rounded: x ≈ 4.41 or x ≈ 1.59. */
final class RoundedRoots {
    private RoundedRoots() {}

    static boolean areListed(Statement line) {
        return line instanceof Statement.Sequence(var joiner, List<Statement> items)
                && items.stream()
                        .allMatch(i -> i instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                                && signs.equals(List.of(Relation.ABOUT))
                                && sides.getFirst() instanceof Expr.Letter);
    }

    /** Whether each solution of the line before rounds to one of the list, and each of the list is such a solution. */
    static boolean of(Statement before, Statement.Sequence line) {
        Set<String> letters = Claim.letters(before);
        if (letters.size() != 1 || !letters.equals(Claim.letters(line))) {
            throw new Undecided("rounded values are compared with the solutions of one letter only");
        }
        SolutionSet solutions = Claim.solutions(before, letters.iterator().next());
        if (!solutions.isFinite() || !solutions.factors().isEmpty()) {
            throw new Undecided("the solutions cannot be worked out here");
        }
        List<RationalFunction> left = new ArrayList<>();
        solutions.exact().intervals().forEach(i -> left.add(i.low().orElseThrow()));
        for (Statement item : line.items()) {
            Expr written = ((Statement.Relations) item).sides().getLast();
            int fits = -1;
            for (int i = 0; i < left.size(); i++) {
                fits = Following.roundsTo(left.get(i), written) ? i : fits;
            }
            if (fits < 0) {
                return false;
            }
            left.remove(fits);
        }
        return left.isEmpty();
    }
}
