package littlesummit.core.practice;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Kind;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;
import littlesummit.core.working.Lines;

/**
 * Whether the student's own work ends in another number than the one about to be checked: most often a slip of the
 * keyboard.
 */
public final class LastLine {
    /** Both as LaTeX. */
    public record Conflict(String lastLine, String entry) {}

    private static final Set<String> LETTERS = Set.of("x", "n", "y");

    private LastLine() {}

    /** @param lines the student's own lines, as typed; nothing is told that the student did not write */
    public static Optional<Conflict> conflict(AnswerSpec answer, List<String> lines, String entry) {
        Optional<String> last = lines.stream().filter(line -> !line.isBlank()).reduce((a, b) -> b);
        if (answer.kind() != Kind.NUMBER || last.isEmpty()) {
            return Optional.empty();
        }
        Optional<Expr> ends = checked(lines).or(() -> number(Lines.parse(last.get(), LETTERS)));
        Optional<Expr> typed = number(answer.read(entry));
        if (ends.isEmpty() || typed.isEmpty() || same(ends.get(), typed.get())) {
            return Optional.empty();
        }
        return Optional.of(new Conflict(LatexPrinter.latex(ends.get()), LatexPrinter.latex(typed.get())));
    }

    /** Where a check by putting 7 in stands below x = 7, the lines end in 7. */
    private static Optional<Expr> checked(List<String> lines) {
        List<Statement.Relations> last = lines.reversed().stream()
                .filter(line -> !line.isBlank())
                .map(line -> Lines.parse(line, LETTERS))
                .map(LastLine::relations)
                .takeWhile(Optional::isPresent)
                .flatMap(Optional::stream)
                .toList();
        for (int i = 1; i < last.size(); i++) {
            Expr end = last.get(i).sides().getLast();
            if (last.get(i).sides().getFirst() instanceof Expr.Letter && isNumber(end)) {
                boolean arePutIn = last.subList(0, i).stream()
                        .allMatch(check -> check.sides().stream().anyMatch(side -> side.has(end)));
                return arePutIn ? Optional.of(end) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static Optional<Statement.Relations> relations(Reading reading) {
        return reading instanceof Reading.Understood(Statement.Relations relations)
                ? Optional.of(relations)
                : Optional.empty();
    }

    private static Optional<Expr> number(Reading reading) {
        if (!(reading instanceof Reading.Understood(Statement statement))) {
            return Optional.empty();
        }
        return switch (statement) {
            case Statement.Value(Expr expr) -> Optional.of(expr).filter(LastLine::isNumber);
            case Statement.Relations(List<Expr> sides, var signs) ->
                Optional.of(sides.getLast()).filter(LastLine::isNumber);
            case Statement.Continued(var sign, Statement.Value(Expr expr)) ->
                Optional.of(expr).filter(LastLine::isNumber);
            default -> Optional.empty();
        };
    }

    private static boolean isNumber(Expr expr) {
        try {
            return Canonical.of(expr).isConstantNumber();
        } catch (MathProblem notANumber) {
            return false;
        }
    }

    private static boolean same(Expr a, Expr b) {
        RationalFunction x = Canonical.of(a);
        RationalFunction y = Canonical.of(b);
        return Equality.same(x, y);
    }
}
