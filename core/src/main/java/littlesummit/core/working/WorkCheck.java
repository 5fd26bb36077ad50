package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import littlesummit.core.grading.Reader;
import littlesummit.core.math.Effort;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.math.Syntax;
import littlesummit.core.working.CheckedLine.FoundSlip;
import littlesummit.core.working.Following.Link;

/** The line check: each line against the last readable one before it, the first against what the item gives. */
public final class WorkCheck {
    /** What one line may cost: about a tenth of a second on one core of the build machine, measured. */
    private static final long LINE = 1_000_000;
    /** What the search for the slip in a line may cost. */
    private static final long SLIP = 500_000;
    /** What a page may cost, however many lines it has. */
    static final long PAGE = 10_000_000;

    private static final Link TOO_MUCH = new Link.Unknown("there is too much to compute in it");
    private final Syntax syntax;
    private long left = PAGE;
    private Optional<Statement> before;

    private WorkCheck(Syntax syntax, Optional<Statement> given) {
        this.syntax = syntax;
        this.before = given;
    }

    /**
     * @param given an expression or an equation to start from, in entry syntax; empty for nothing: then the first line
     *     stands unchecked
     * @param letters that may occur
     * @return one for each line, in order
     */
    public static List<CheckedLine> check(String given, Set<String> letters, List<String> lines) {
        Syntax syntax = Syntax.line(letters);
        Optional<Statement> start = Parser.read(given, syntax) instanceof Reading.Understood(Statement statement)
                ? Optional.of(statement)
                : Optional.empty();
        WorkCheck check = new WorkCheck(syntax, start);
        List<CheckedLine> checked = new ArrayList<>();
        for (String line : lines) {
            checked.add(check.next(line));
        }
        return List.copyOf(checked);
    }

    private CheckedLine next(String line) {
        if (Words.are(line)) {
            return CheckedLine.of(LineVerdict.WORDS);
        }
        return switch (Parser.read(line, syntax)) {
            case Reading.Stopped stopped -> {
                Reader.ReadAs read = Reader.read(line, syntax);
                yield CheckedLine.unreadable(read.message(), read.at());
            }
            case Reading.Understood(Statement statement) -> compared(statement);
        };
    }

    private CheckedLine compared(Statement statement) {
        if (before.isEmpty()) {
            before = Optional.of(Claim.letters(statement).isEmpty() ? standing(statement) : statement);
            return CheckedLine.of(LineVerdict.FOLLOWS);
        }
        Statement from = before.get();
        if (SameForm.of(from, statement)) {
            return CheckedLine.of(LineVerdict.SAME);
        }
        Link link = limited(LINE, () -> Following.of(from, statement)).orElse(TOO_MUCH);
        return switch (link) {
            case Link.Follows(String note) -> kept(statement, CheckedLine.follows(note));
            case Link.Fails(Optional<List<Expr>> bad) -> failed(statement, broken(from, statement, bad));
            case Link.Unknown(String why) ->
                CheckedLine.unreadable("This line is fine to keep, but it cannot be checked here: " + why + ".", -1);
        };
    }

    private CheckedLine failed(Statement statement, Broken broken) {
        return kept(statement, CheckedLine.fails(broken.slip(), broken.place()));
    }

    /** Empty when the page has cost enough, or this computation too much. */
    private <T> Optional<T> limited(long most, Supplier<T> computation) {
        Effort.Outcome<T> outcome = Effort.limited(Math.min(most, left), computation);
        left -= outcome.spent();
        return outcome.value();
    }

    private Optional<FoundSlip> slip(Statement from, Statement line) {
        return limited(SLIP, () -> SlipFinder.find(from, line)).flatMap(found -> found);
    }

    private Broken broken(Statement from, Statement line, Optional<List<Expr>> bad) {
        if (bad.isEmpty()) {
            Optional<FoundSlip> found = slip(from, line);
            return new Broken(found.map(FoundSlip::slip), found.flatMap(FoundSlip::place));
        }
        Expr left = bad.get().getFirst();
        Expr right = bad.get().getLast();
        Optional<FoundSlip> found = slip(new Statement.Value(left), new Statement.Value(right));
        String link = LatexPrinter.latex(left) + " = " + LatexPrinter.latex(right);
        return new Broken(found.map(FoundSlip::slip), Optional.of(link));
    }

    /** @param place LaTeX of what to look at */
    private record Broken(Optional<Slip> slip, Optional<String> place) {}

    /** What the next line is compared with: of a chain that only computes, its end. */
    private CheckedLine kept(Statement statement, CheckedLine checked) {
        if (before.orElseThrow() instanceof Statement.Value(Expr amount)
                && statement instanceof Statement.Relations(List<Expr> sides, var signs)
                && checked.verdict() == LineVerdict.FOLLOWS
                && !(sides.getFirst() instanceof Expr.Letter)
                && Following.isSideComputation(amount, sides)) {
            return checked;
        }
        before = Optional.of(
                before.filter(Statement.Value.class::isInstance).isPresent()
                        ? standing(statement)
                        : condition(statement));
        return checked;
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
