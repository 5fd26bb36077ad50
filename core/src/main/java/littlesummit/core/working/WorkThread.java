package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.working.Following.Link;

/**
 * The lines of a page that go on from one another, with what is still open: solutions that a permitted step may have
 * brought in, and cases that are yet to come.
 */
final class WorkThread {
    static final String FALSE_ROOTS_CAME_IN =
            "This step may bring in false solutions, and here it does. Try each solution in the line before.";
    static final String FALSE_ROOTS_LEFT_OUT =
            "What is left out here is no solution of the line before the step that brought it in.";
    static final String ONE_CASE = "This is one case. What is still missing has to come in another line.";
    static final String ALL_CASES = "Together with the cases above, nothing is missing.";
    static final String EARLIER = "This goes on from an earlier line.";
    static final String PUT_IN = "Numbers are put in for letters here.";

    private static final int REMEMBERED = 6;

    private final List<Statement> right = new ArrayList<>();
    private Optional<Statement> before;
    private Optional<Statement> stricter = Optional.empty();
    private Optional<Cases> cases = Optional.empty();
    private final Optional<SystemOfEquations> system;

    WorkThread(Optional<Statement> given) {
        this.before = given;
        this.system = given.flatMap(SystemOfEquations::of);
        given.ifPresent(right::add);
    }

    /** What the next line is compared with. */
    Optional<Statement> before() {
        return before;
    }

    /** The equations that were given together, where they were. */
    Optional<SystemOfEquations> system() {
        return system;
    }

    /** The first line, with nothing to compare it with. */
    void begin(Statement line) {
        before = Optional.of(Claim.letters(line).isEmpty() ? standing(line) : line);
        right.add(before.get());
    }

    /** The line follows. Where it only works out a piece of the line before, that one still stands. */
    void goOn(Statement line) {
        if (before.orElseThrow() instanceof Statement.Value(Expr amount)
                && line instanceof Statement.Relations(List<Expr> sides, var signs)
                && !(sides.getFirst() instanceof Expr.Letter)
                && Following.isSideComputation(amount, sides)) {
            return;
        }
        stand(line);
        right.add(before.get());
    }

    /** One mistake is told once: the next line is compared with this one. */
    void goOnAfterMistake(Statement line) {
        cases = cases.or(() -> Cases.leftOpenBy(before.orElseThrow(), line));
        stand(line);
    }

    /**
     * Takes a line that does not follow from the one before but has another place on the page.
     *
     * @param later the lines that come after it
     * @return what to say of it; empty when it has none
     */
    Optional<String> takeElsewhere(Statement line, List<Statement> later) {
        Statement from = before.orElseThrow();
        if (stricter.filter(s -> follows(s, line)).isPresent()) {
            stricter = Optional.empty();
            return taken(line, FALSE_ROOTS_LEFT_OUT);
        }
        if (FalseRoots.comeInBy(from, line)) {
            stricter = stricter.or(() -> Optional.of(from));
            return taken(line, FALSE_ROOTS_CAME_IN);
        }
        Optional<Cases> more = cases.flatMap(c -> c.and(line)).or(() -> Cases.openedBy(from, line, later));
        if (more.isPresent()) {
            cases = more;
            return taken(line, more.get().isComplete() ? ALL_CASES : ONE_CASE);
        }
        if (recent().anyMatch(s -> isFormula(s) && PutIn.is(s, line))) {
            return taken(line, PUT_IN);
        }
        return recent().anyMatch(s -> follows(s, line)) ? taken(line, EARLIER) : Optional.empty();
    }

    private Optional<String> taken(Statement line, String note) {
        stand(line);
        right.add(before.orElseThrow());
        return Optional.of(note);
    }

    /** The last few right lines, and what was given. */
    private Stream<Statement> recent() {
        int from = Math.max(0, right.size() - REMEMBERED);
        List<Statement> last = new ArrayList<>(right.subList(from, right.size()).reversed());
        if (from > 0) {
            last.add(right.getFirst());
        }
        return last.stream();
    }

    private static boolean follows(Statement from, Statement line) {
        return Following.of(from, line) instanceof Link.Follows;
    }

    /** An equation in one letter is solved, not filled in. */
    private static boolean isFormula(Statement statement) {
        return Claim.letters(statement).size() > (statement instanceof Statement.Value ? 0 : 1);
    }

    /** What the next line is compared with: of a chain that only computes, its end. */
    private void stand(Statement line) {
        before = Optional.of(
                before.filter(Statement.Value.class::isInstance).isPresent() ? standing(line) : condition(line));
    }

    private static Statement standing(Statement statement) {
        return switch (statement) {
            case Statement.Continued(Relation sign, Statement rest) -> standing(rest);
            case Statement.Relations(List<Expr> sides, List<Relation> signs)
            when signs.stream().allMatch(s -> s == Relation.EQUAL || s == Relation.ABOUT)
                    && (signs.size() > 1
                            || sides.getFirst() instanceof Expr.Letter
                            || Claim.letters(statement).isEmpty()) -> new Statement.Value(sides.getLast());
            default -> statement;
        };
    }

    /** A line that goes on from an equation stands for that equation with its new end. */
    private Statement condition(Statement statement) {
        if (statement instanceof Statement.Continued(Relation sign, Statement rest)
                && before.flatMap(Claim::equation).isPresent()) {
            Expr left = before.flatMap(Claim::equation).orElseThrow().getFirst();
            Expr end = rest instanceof Statement.Relations(List<Expr> sides, var signs)
                    ? sides.getLast()
                    : ((Statement.Value) rest).expr();
            return new Statement.Relations(List.of(left, end), List.of(Relation.EQUAL));
        }
        if (statement instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                && signs.size() > 1
                && signs.stream().allMatch(s -> s == Relation.EQUAL)) {
            return new Statement.Relations(List.of(sides.getFirst(), sides.getLast()), List.of(Relation.EQUAL));
        }
        return statement;
    }
}
