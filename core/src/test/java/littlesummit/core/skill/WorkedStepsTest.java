package littlesummit.core.skill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.Parser;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.math.Syntax;
import littlesummit.core.skill.lesson.Lessons;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every worked step follows from the one before, the first from what the item gives, and the last one comes to the key. */
class WorkedStepsTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);
    private static final Syntax LINE = Syntax.line(Set.of("x", "y", "a"));

    static Stream<Skill> skills() {
        return Stream.concat(Catalogue.all().stream(), Lessons.all().stream());
    }

    @ParameterizedTest
    @MethodSource("skills")
    void stepsFollow(Skill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            int steep = tier;
            LongStream.range(0, SEEDS).parallel().forEach(seed -> {
                Item item = skill.make(steep, seed * 31 + steep);
                String at = skill.id() + " tier " + steep + " " + item.ref().variant() + " seed " + item.ref().seed();
                List<String> lines = new ArrayList<>();
                if (!item.given().isEmpty()) {
                    lines.add(item.given());
                }
                item.worked().stream().map(s -> s.math()).filter(m -> !m.isEmpty()).forEach(lines::add);
                for (int i = 1; i < lines.size(); i++) {
                    String before = lines.get(i - 1);
                    String line = lines.get(i);
                    assertTrue(follows(Parser.require(before, LINE), Parser.require(line, LINE)), () -> at + ": " + before + " -> " + line);
                }
                comesToTheKey(item, lines, at);
            });
        }
    }

    private static boolean follows(Statement before, Statement line) {
        if (before instanceof Statement.Value(Expr a) && line instanceof Statement.Value(Expr b)) {
            return Equality.of(a, b) == Equality.Answer.EQUAL;
        }
        if (before instanceof Statement.Value(Expr a) && line instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                && signs.equals(List.of(Relation.ABOUT))) {
            return Equality.of(a, sides.getFirst()) == Equality.Answer.EQUAL;
        }
        Optional<String> x = equation(before);
        Optional<String> y = equation(line);
        if (x.isEmpty() || y.isEmpty() || letters(before) != letters(line)) {
            return true;
        }
        AnswerSpec same = AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, x.get()).withLetters("x", "y");
        return Grader.grade(same, y.get()) instanceof Verdict.Correct;
    }

    private static Optional<String> equation(Statement s) {
        return s instanceof Statement.Relations(List<Expr> sides, List<Relation> signs) && signs.equals(List.of(Relation.EQUAL))
                ? Optional.of(PlainPrinter.plain(sides.get(0)) + " = " + PlainPrinter.plain(sides.get(1))) : Optional.empty();
    }

    private static boolean letters(Statement s) {
        return LatexPrinter.latex(s).contains("y");
    }

    /** For items that end in one typed number or expression. */
    private static void comesToTheKey(Item item, List<String> lines, String at) {
        List<Field> fields = item.parts().getLast().fields();
        Field field = fields.getLast();
        boolean single = fields.size() == 1 && (field.answer().kind() == Kind.NUMBER || field.answer().kind() == Kind.EXPRESSION);
        if (!single || field.answer().suffix().equals("%") || lines.isEmpty()) {
            return;
        }
        Statement last = Parser.require(lines.getLast(), LINE);
        Expr value = last instanceof Statement.Relations(List<Expr> sides, List<Relation> signs) ? sides.getLast()
                : ((Statement.Value) last).expr();
        assertEquals(Verdict.CORRECT, Grader.grade(field.answer(), LatexPrinter.latex(value)), () -> at + ": " + lines.getLast());
    }
}
