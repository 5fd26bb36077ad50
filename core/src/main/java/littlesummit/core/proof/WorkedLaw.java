package littlesummit.core.proof;

import java.util.List;
import java.util.Map;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;
import littlesummit.core.working.CheckedLine;
import littlesummit.core.working.LineVerdict;
import littlesummit.core.working.WorkCheck;
import littlesummit.core.working.WorkLetters;

/** Worked steps follow one from the other, as the line check sees it, and the last one comes to the answer. */
final class WorkedLaw implements Law {
    private static final int FEWEST = 2;
    private final Findings findings = new Findings();
    private long seen;

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        seen++;
        String place = ItemTexts.kind(item) + ", worked";
        if (item.worked().size() < FEWEST) {
            findings.add(place, "The solution has fewer than two steps.", item);
        }
        List<String> lines = item.worked().stream()
                .map(WorkedStep::math)
                .filter(math -> !math.isEmpty())
                .toList();
        List<CheckedLine> checked = WorkCheck.check(item.given(), WorkLetters.of(item), lines);
        for (int i = 0; i < lines.size(); i++) {
            look(checked.get(i), place + "[" + (i + 1) + "]", item);
        }
        if (!lines.isEmpty() && !comesToTheKey(item, lines.getLast())) {
            findings.add(place, "The last line does not come to the answer.", item);
        }
    }

    /** What cannot be compared stands by itself. */
    private void look(CheckedLine line, String place, Item item) {
        boolean stands = line.verdict() == LineVerdict.FOLLOWS
                || line.verdict() == LineVerdict.SAME
                || line.message().contains("cannot be");
        if (!stands) {
            findings.add(
                    place,
                    line.verdict() == LineVerdict.DOES_NOT_FOLLOW
                            ? "This line does not follow from the one before."
                            : "This line cannot be read: " + line.message(),
                    item);
        }
    }

    /** Looked at where the item ends in one number or expression to type. */
    private static boolean comesToTheKey(Item item, String last) {
        List<Field> fields = item.parts().getLast().fields();
        Field field = fields.getLast();
        boolean isSingle = fields.size() == 1
                && (field.answer().kind() == Kind.NUMBER || field.answer().kind() == Kind.EXPRESSION)
                && !field.answer().suffix().equals("%");
        if (!isSingle
                || !(Parser.read(last, Syntax.line(WorkLetters.of(item)))
                        instanceof Reading.Understood(Statement statement))) {
            return true;
        }
        return switch (statement) {
            case Statement.Value(Expr value) -> isRight(field, value);
            case Statement.Relations(List<Expr> sides, var signs) -> isRight(field, sides.getLast());
            default -> true;
        };
    }

    private static boolean isRight(Field field, Expr value) {
        return Grader.grade(field.answer(), LatexPrinter.latex(value)) instanceof Verdict.Correct;
    }

    @Override
    public List<Finding> findings() {
        return findings.list(seen);
    }
}
