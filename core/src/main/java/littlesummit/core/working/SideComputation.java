package littlesummit.core.working;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;

/** Numbers worked out beside the lines: partial products, a check by putting in, 20 − 5 = 15 under 3x + 5 = 20. */
final class SideComputation {
    static final String NOTE =
            "This is right by itself, as a computation beside the lines. The next line goes on from the"
                    + " line above this one.";

    private SideComputation() {}

    /** Whether a line of numbers, right or wrong, stands beside an equation or inequality and is no step of it. */
    static boolean isBeside(Statement before, Statement line) {
        return !(before instanceof Statement.Value)
                && !Claim.letters(before).isEmpty()
                && Claim.letters(line).isEmpty()
                && isComputation(line);
    }

    /** Whether it is right by itself, whatever it is for. */
    static boolean isRight(Statement before, Statement line) {
        boolean besideAmount =
                before instanceof Statement.Value && Claim.letters(line).isEmpty() && isComputation(line);
        return (besideAmount || isBeside(before, line)) && broken(line).isEmpty();
    }

    /** The first two sides between which a line of numbers does not hold. */
    static Optional<List<Expr>> broken(Statement line) {
        if (!(line instanceof Statement.Relations(List<Expr> sides, List<Relation> signs))) {
            return Optional.empty();
        }
        try {
            return Following.chain(sides, signs) instanceof Following.Link.Fails(Optional<List<Expr>> bad)
                    ? bad
                    : Optional.empty();
        } catch (MathProblem | Claim.Undecided cannotTell) {
            return Optional.empty();
        }
    }

    /** 2 = 2 computes nothing. */
    private static boolean isComputation(Statement line) {
        return line instanceof Statement.Relations(List<Expr> sides, var signs)
                && sides.stream().anyMatch(side -> !isLiteral(side));
    }

    private static boolean isLiteral(Expr side) {
        return side.children().isEmpty() || side instanceof Expr.Neg(Expr inner) && isLiteral(inner);
    }
}
