package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.math.Syntax;
import littlesummit.core.skill.Skill;
import littlesummit.core.working.CheckedLine;
import littlesummit.core.working.LineVerdict;
import littlesummit.core.working.WorkCheck;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every worked step follows from the one before, the first from what the item gives, and the last one comes to the key.
 */
class WorkedStepsTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);
    /** All that stand in formulas of items. */
    private static final Set<String> LETTERS =
            Set.of("x", "y", "a", "b", "c", "k", "l", "m", "n", "r", "s", "t", "v", "w", "A", "P");

    private static final Syntax LINE = Syntax.line(LETTERS);

    static Stream<Skill> skills() {
        return TestItems.chosen();
    }

    @ParameterizedTest
    @MethodSource("skills")
    void stepsFollow(Skill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            int steep = tier;
            LongStream.range(0, SEEDS).parallel().forEach(seed -> {
                Item item = TestItems.made(skill, steep, seed * 31 + steep);
                String at = skill.id() + " tier " + steep + " " + item.ref().variant() + " seed "
                        + item.ref().seed();
                List<String> lines = item.worked().stream()
                        .map(w -> w.math())
                        .filter(m -> !m.isEmpty())
                        .toList();
                List<CheckedLine> checked = WorkCheck.check(item.given(), LETTERS, lines);
                for (int i = 0; i < lines.size(); i++) {
                    assertStands(checked.get(i), at + ": " + item.given() + " ... " + lines.get(i));
                }
                comesToTheKey(item, lines, at);
            });
        }
    }

    /** What cannot be compared, such as an angle of another letter, stands by itself; nothing may be wrong. */
    private static void assertStands(CheckedLine line, String at) {
        assertTrue(
                line.verdict() == LineVerdict.FOLLOWS
                        || line.verdict() == LineVerdict.SAME
                        || line.message().contains("cannot be"),
                () -> at + " " + line);
    }

    /** For items that end in one typed number or expression. */
    private static void comesToTheKey(Item item, List<String> lines, String at) {
        List<Field> fields = item.parts().getLast().fields();
        Field field = fields.getLast();
        boolean single = fields.size() == 1
                && (field.answer().kind() == Kind.NUMBER || field.answer().kind() == Kind.EXPRESSION);
        if (!single || field.answer().suffix().equals("%") || lines.isEmpty()) {
            return;
        }
        Statement last = Parser.require(lines.getLast(), LINE);
        Expr value = last instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                ? sides.getLast()
                : ((Statement.Value) last).expr();
        assertEquals(
                Verdict.CORRECT,
                Grader.grade(field.answer(), LatexPrinter.latex(value)),
                () -> at + ": " + lines.getLast());
    }
}
