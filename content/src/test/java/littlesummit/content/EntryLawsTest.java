package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every field of every skill and lesson, with what people type into it: right, named, with its unit, doubled, nonsense,
 * nothing.
 */
class EntryLawsTest {
    private static final Pattern NAMED = Pattern.compile("\\$?([a-z])\\$? *=");

    static Stream<Skill> skills() {
        return TestItems.chosen();
    }

    private static Stream<Item> items(Skill skill) {
        return LongStream.range(0, 24).mapToObj(seed -> skill.make((int) (seed % 3) + 1, seed));
    }

    private static Stream<Part> parts(Skill skill) {
        return items(skill).flatMap(item -> item.parts().stream());
    }

    private static Stream<Field> typed(Skill skill) {
        return parts(skill)
                .flatMap(part -> part.fields().stream())
                .filter(field -> field.response() instanceof Response.Typed);
    }

    private static String code(Field field, String entry) {
        return Grader.grade(field.answer(), entry).code();
    }

    @Test
    void thereAreFieldsOfEachKindToTry() {
        List<Field> all = TestItems.all().flatMap(EntryLawsTest::typed).toList();
        assertTrue(all.stream()
                        .filter(f -> f.answer().kind() == Kind.NUMBER
                                && NAMED.matcher(f.label()).matches())
                        .count()
                > 20);
        assertTrue(all.stream().filter(f -> !f.answer().suffix().isEmpty()).count() > 50);
    }

    @ParameterizedTest
    @MethodSource("skills")
    void theKeyIsRightAlsoWithRoomAroundIt(Skill skill) {
        typed(skill).forEach(field -> {
            assertEquals("correct", code(field, field.answer().key()), field::toString);
            assertEquals("correct", code(field, "  " + field.answer().key() + " "), field::toString);
        });
    }

    /** The label says "x =": whoever types it once more has said nothing else. */
    @ParameterizedTest
    @MethodSource("skills")
    void aValueMayCarryTheLetterOfItsLabel(Skill skill) {
        typed(skill).filter(field -> field.answer().kind() == Kind.NUMBER).forEach(field -> {
            var label = NAMED.matcher(field.label());
            if (label.matches()) {
                assertEquals(
                        "correct",
                        code(field, label.group(1) + " = " + field.answer().key()),
                        field::toString);
                assertEquals("correct", code(field, field.answer().key() + " = " + label.group(1)), field::toString);
            }
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void whatStandsBehindTheFieldMayBeTypedOnceButNotTwice(Skill skill) {
        typed(skill).filter(field -> !field.answer().suffix().isEmpty()).forEach(field -> {
            String sign = field.answer().suffix();
            String bare = field.answer().key().replace(sign, "").strip();
            assertEquals("correct", code(field, bare + sign), field::toString);
            assertFalse(code(field, bare + sign + sign).equals("correct"), field::toString);
        });
    }

    @ParameterizedTest
    @MethodSource("skills")
    void nonsenseAndNothingAreAskedBackAndCostNoTry(Skill skill) {
        typed(skill).forEach(field -> {
            for (String entry : List.of("", "   ", "@@", "((", "hello there", "\\frac{", "?")) {
                Verdict verdict = Grader.grade(field.answer(), entry);
                assertEquals("unreadable", verdict.code(), () -> "“" + entry + "” in " + field);
                assertTrue(verdict.message().length() > 8 && verdict.message().endsWith("."), verdict::message);
                assertFalse(
                        verdict.message().contains("\\") || verdict.message().contains("{"), verdict::message);
            }
        });
    }

    /** A message never speaks of something that is not there. */
    @ParameterizedTest
    @MethodSource("skills")
    void aPowerOfTenIsOnlyNamedWhereOneIsAbout(Skill skill) {
        items(skill).forEach(item -> item.parts().forEach(part -> part.fields().stream()
                .filter(f ->
                        f.response() instanceof Response.Typed && f.answer().kind() == Kind.NUMBER)
                .forEach(field -> {
                    boolean about = (item.stem() + part.prompt() + field).contains("10^")
                            || (field.wanted() + part.prompt()).contains("power of ten");
                    for (String zeros : List.of("0", "00")) {
                        String said = PartCheck.of(
                                        part, Map.of(field.id(), field.answer().key() + zeros))
                                .fields()
                                .getFirst()
                                .message();
                        assertTrue(
                                about || !said.contains("power of ten"),
                                () -> skill.id() + ": " + field.answer().key() + zeros + " is told: " + said);
                    }
                })));
    }
}
