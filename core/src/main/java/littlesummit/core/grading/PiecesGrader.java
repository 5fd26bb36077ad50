package littlesummit.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.RealSet;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;

/**
 * Functions in pieces: the same values at the same places, however the line is cut. Two rules agree on a set where
 * their equation is solved by all of it.
 */
final class PiecesGrader {
    private final String letter;

    private PiecesGrader(String letter) {
        this.letter = letter;
    }

    /** @param where it holds and has a value */
    private record Rule(Expr value, RealSet where) {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        PiecesGrader grader =
                new PiecesGrader(spec.letters().stream().findFirst().orElse("x"));
        return grader.compare(grader.rules(expected), grader.rules(entry));
    }

    private Verdict compare(List<Rule> right, List<Rule> typed) {
        if (!agree(typed, typed, RealSet::intersection)) {
            return Verdict.slip(Reason.PIECES_OVERLAP);
        }
        RealSet all = union(right);
        RealSet covered = union(typed);
        boolean values = agree(right, typed, RealSet::intersection);
        if (values && all.sameAs(covered)) {
            return Verdict.CORRECT;
        }
        if (agree(right, typed, (a, b) -> opened(a.intersection(b)))) {
            return atPlaces(all, covered);
        }
        return slip(right, typed);
    }

    /** Where rules fit, and do not reach the same places. */
    private static Verdict atPlaces(RealSet all, RealSet covered) {
        RealSet missing = all.intersection(covered.complement());
        RealSet extra = covered.intersection(all.complement());
        if (opened(missing.union(extra)).equals(RealSet.EMPTY)) {
            return Verdict.slip(Reason.BOUNDARY);
        }
        return extra.equals(RealSet.EMPTY) ? Verdict.slip(Reason.PIECE_MISSING) : Verdict.incorrect();
    }

    private Verdict slip(List<Rule> right, List<Rule> typed) {
        if (right.size() != typed.size()) {
            return Verdict.incorrect();
        }
        List<RealSet> sets = right.stream().map(Rule::where).toList();
        boolean conditions = typed.stream().allMatch(rule -> sets.stream().anyMatch(rule.where()::sameAs));
        if (!conditions) {
            return Verdict.incorrect();
        }
        boolean turned = right.size() == 2
                && agree(right, List.of(moved(typed, 0, 1), moved(typed, 1, 0)), RealSet::intersection);
        return Verdict.slip(turned ? Reason.PIECES_SWAPPED : Reason.RULE);
    }

    private static Rule moved(List<Rule> rules, int value, int where) {
        return new Rule(rules.get(value).value(), rules.get(where).where());
    }

    private interface Common {
        RealSet of(RealSet a, RealSet b);
    }

    private boolean agree(List<Rule> some, List<Rule> others, Common common) {
        return some.stream().allMatch(a -> others.stream().allMatch(b -> agree(a, b, common.of(a.where(), b.where()))));
    }

    private boolean agree(Rule a, Rule b, RealSet where) {
        if (where.equals(RealSet.EMPTY) || a.value().equals(b.value())) {
            return true;
        }
        try {
            RealSet same =
                    Solver.solve(a.value(), Relation.EQUAL, b.value(), letter).asRealSet();
            return where.intersection(same.complement()).equals(RealSet.EMPTY);
        } catch (MathProblem notSolved) {
            return agreeEverywhere(a.value(), b.value(), notSolved);
        }
    }

    /** What has no corners differs on every interval where it differs at all. */
    private static boolean agreeEverywhere(Expr a, Expr b, MathProblem notSolved) {
        return switch (Equality.of(a, b)) {
            case EQUAL -> true;
            case DIFFERENT -> {
                if (hasCorners(a) || hasCorners(b)) {
                    throw notSolved;
                }
                yield false;
            }
            case UNKNOWN -> throw notSolved;
        };
    }

    private static boolean hasCorners(Expr expr) {
        Predicate<Expr> corner = e -> e instanceof Expr.Abs || e instanceof Expr.Root;
        return expr.any(corner);
    }

    private static RealSet union(List<Rule> rules) {
        return rules.stream().map(Rule::where).reduce(RealSet.EMPTY, RealSet::union);
    }

    /** Without single numbers, and without ends. */
    private static RealSet opened(RealSet set) {
        return new RealSet(set.intervals().stream()
                .filter(i -> !i.isPoint())
                .map(i -> new RealSet.Interval(i.low(), false, i.high(), false))
                .toList());
    }

    private List<Rule> rules(Statement statement) {
        if (!(statement instanceof Statement.Delimited(char open, List<Statement> pieces, char close))) {
            throw new Entries.WrongKind(Reason.PIECES_WANTED);
        }
        List<Rule> rules = new ArrayList<>();
        RealSet taken = RealSet.EMPTY;
        for (Statement piece : pieces) {
            List<Statement> both = piece instanceof Statement.Delimited(char o, var items, char c) ? items : List.of();
            Expr value = value(both);
            RealSet where = both.size() == 2 ? condition(both.get(1)) : taken.complement();
            taken = taken.union(where);
            rules.add(new Rule(value, where.intersection(defined(value))));
        }
        return rules;
    }

    private static RealSet condition(Statement statement) {
        if (statement instanceof Statement.Value) {
            throw new Entries.WrongKind(Reason.PIECES_WANTED);
        }
        return Domains.of(statement);
    }

    private static Expr value(List<Statement> piece) {
        return Optional.of(piece)
                .filter(both -> !both.isEmpty() && both.getFirst() instanceof Statement.Value)
                .map(both -> ((Statement.Value) both.getFirst()).expr())
                .filter(Numbers::isOne)
                .orElseThrow(() -> new Entries.WrongKind(Reason.PIECES_WANTED));
    }

    /** Where a rule has a value: everywhere, as far as nothing says otherwise. */
    private RealSet defined(Expr value) {
        try {
            return Solver.solve(value, Relation.EQUAL, value, letter).asRealSet();
        } catch (MathProblem unknown) {
            return RealSet.ALL;
        }
    }
}
