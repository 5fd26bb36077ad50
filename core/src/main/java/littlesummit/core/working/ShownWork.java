package littlesummit.core.working;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import littlesummit.core.grading.InWords;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;

/**
 * What stands on a page, as far as it tells whether it is work at all. It does not judge the work: a person does. One
 * line that works something out, a few words that say how, a drawing or a photo is enough; an empty page, the bare
 * answer or a row of letters is not.
 *
 * @param lines those that count, as typed
 * @param inkLength length of everything that is drawn, in units of the sheet
 * @param photos how many there are
 */
public record ShownWork(List<String> lines, double inkLength, int photos) {
    /** About a third of the sheet's width: more than a dot or a slip of the pen. Decided here; no source. */
    private static final double SHORTEST_INK = 120;

    /** Two numbers and a sign between them, in whatever notation of one's own. */
    private static final Pattern COMPUTATION = Pattern.compile("\\d\\D*[-+*/:×·÷=x^−]\\D*\\d");

    public ShownWork {
        lines = lines.stream().filter(line -> !line.isBlank()).toList();
    }

    /**
     * @param letters that the item's mathematics knows
     * @return what is missing, in a sentence; empty when it is work
     */
    public Optional<String> refusal(Set<String> letters) {
        if (photos > 0 || inkLength >= SHORTEST_INK || lines.stream().anyMatch(line -> isWork(line, letters))) {
            return Optional.empty();
        }
        if (lines.isEmpty()) {
            return Optional.of(
                    inkLength > 0
                            ? "There is only a dot or a short stroke on your page so far. Write or draw how you got"
                                    + " your answer."
                            : "There is nothing on your page yet. Write how you got your answer: a line of work, a"
                                    + " drawing or a photo.");
        }
        return Optional.of(
                "Your page does not say yet how you got your answer. Write one line that works it out, or a few"
                        + " words.");
    }

    /**
     * The same where a picture is asked for: lines and words are none.
     *
     * @return what is missing, in a sentence; empty when there is a picture
     */
    public Optional<String> pictureRefusal() {
        if (photos > 0 || inkLength >= SHORTEST_INK) {
            return Optional.empty();
        }
        return Optional.of(
                inkLength > 0
                        ? "There is only a dot or a short stroke on your page so far. Draw the whole picture."
                        : "There is no picture on your page yet. Draw it there, or add a photo of one on paper.");
    }

    private static boolean isWork(String line, Set<String> letters) {
        return switch (Lines.parse(line, letters)) {
            case Reading.Understood(Statement statement) -> works(statement);
            case Reading.Stopped s ->
                InWords.isSaid(line) || COMPUTATION.matcher(line).find();
        };
    }

    /** More than an answer: something is done to numbers or letters. */
    private static boolean works(Statement statement) {
        return switch (statement) {
            case Statement.Value(Expr expr) -> isComputed(expr);
            case Statement.Relations(List<Expr> sides, var signs) ->
                sides.stream().anyMatch(ShownWork::isComputed);
            case Statement.Sequence(var joiner, List<Statement> items) ->
                items.stream().anyMatch(ShownWork::works);
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                items.stream().anyMatch(ShownWork::works);
            case Statement.Union u -> true;
            case Statement.SetBuilder b -> true;
            case Statement.Continued(var sign, Statement rest) -> works(rest);
            case Statement.Measure(Expr amount, var unit) -> isComputed(amount);
            case Statement.Measures(var parts) -> parts.stream().anyMatch(m -> isComputed(m.amount()));
            case Statement.Nothing n -> false;
            case Statement.Reals r -> false;
        };
    }

    private static boolean isComputed(Expr expr) {
        return switch (expr) {
            case Expr.Sum s -> true;
            case Expr.Product p -> true;
            case Expr.Power p -> true;
            case Expr.Root r -> true;
            case Expr.Abs a -> true;
            case Expr.Quotient q -> isComputed(q.num()) || isComputed(q.den()) || q.num() instanceof Expr.Letter;
            default -> expr.children().stream().anyMatch(ShownWork::isComputed);
        };
    }
}
