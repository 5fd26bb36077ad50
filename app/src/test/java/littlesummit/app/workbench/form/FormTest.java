package littlesummit.app.workbench.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import littlesummit.app.web.Problem;
import littlesummit.app.workbench.form.FormView.FormField;
import littlesummit.app.workbench.form.FormView.FormSection;
import littlesummit.app.workbench.form.FormView.FormVariant;
import littlesummit.content.template.Templates;
import littlesummit.core.template.TemplateReading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The document of a skill as a form, and rows of it that come and go. */
class FormTest {
    private static final String TEXT = """
        skill: goat-cans
        name: Milk in cans 🐐
        variants:
          - id: filled
            tiers: [1, 2]
            draw: {n: 3..9, size: 4..12}
            let:
              total: n * size
              # A remark that belongs to the next one.
              kind: [{when: n > 5, is: 1}, {is: 2}]
            where: ["n != size"]
            frames:
              - "{n} cans hold {size} litres each."
              - Every can holds {size} litres.
            parts:
              - ask: How many litres is that?
                field: {id: total, label: Litres, kind: number, form: integer, answer: n * sise}
                mistakes:
                  - {value: n + size, slip: added, say: "The litres of every can count."}
                hints:
                  - "One?"
                  - "Two?"
                  - "Three?"
            worked:
              - say: Multiply.
                math: n * size

              - {say: "{total}", math: total}
        """;

    private static FormVariant variant() {
        return FormReader.read(TEXT).variants().getFirst();
    }

    private static FormField field(String id) {
        return variant().sections().stream()
                .flatMap(section -> section.rows().stream())
                .flatMap(row -> row.fields().stream())
                .filter(field -> field.id().equals("variants.0." + id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySectionHasItsRows() {
        assertEquals("filled", variant().id());
        assertEquals("1, 2", variant().tiers());
        assertEquals(
                List.of(
                        "What is drawn 2",
                        "What is worked out 2",
                        "Conditions 1",
                        "Beginnings, one for each item in turn 2",
                        "Question 2",
                        "Mistakes 1",
                        "Hints 3",
                        "The solution, step by step 2"),
                variant().sections().stream()
                        .map(section -> section.title() + " " + section.rows().size())
                        .toList());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "draw.n | 3..9 | 3..9",
                "let.total | n * size | n * size",
                "frames.0 | {n} cans hold {size} litres each. | \"{n} cans hold {size} litres each.\"",
                "parts.0.field.answer | n * sise | n * sise",
                "parts.0.mistakes.0.value | n + size | n + size",
                "worked.0.say | Multiply. | Multiply.",
            })
    void aFieldKnowsWhereItStands(String id, String value, String written) {
        FormField field = field(id);
        assertEquals(value, field.value());
        assertEquals(written, TEXT.substring(field.from(), field.to()));
        assertEquals(
                TEXT.substring(0, field.from()).lines().count() + (TEXT.charAt(field.from() - 1) == '\n' ? 1 : 0),
                field.line());
    }

    @Test
    void formulasAreReadAlong() {
        assertEquals("n\\,\\text{size}\\,", field("let.total").latex().orElseThrow());
        assertTrue(field("parts.0.field.answer").fault().orElseThrow().contains("nothing is called “sise” here"));
        assertTrue(field("parts.0.hints.0").fault().isEmpty());
    }

    @Test
    void severalCasesAreForTheText() {
        assertFalse(field("let.kind").whole());
        assertTrue(field("let.total").whole());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "# a remark", "- a\n- b", "skill: [", "variants: 3", "a: &a [*a]"})
    void whatIsNoDocumentYetHasNoForm(String text) {
        assertEquals(List.of(), FormReader.read(text).variants());
    }

    static Stream<String> shipped() {
        return Templates.shipped().stream()
                .map(skill -> Templates.document(skill.id()).orElseThrow());
    }

    /** What ships is read by its own parser: no field of its form may have a fault, and each stands where it says. */
    @ParameterizedTest
    @MethodSource("shipped")
    void everyDocumentThatShipsHasAForm(String text) {
        FormView form = FormReader.read(text);
        assertFalse(form.variants().isEmpty());
        form.variants().stream()
                .flatMap(variant -> variant.sections().stream())
                .flatMap(section -> section.rows().stream())
                .flatMap(row -> row.fields().stream())
                .forEach(field -> {
                    assertEquals("", field.fault().orElse(""), field.id());
                    assertTrue(field.from() < field.to(), field.id());
                });
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void aRowMayComeAndGoAgain(String text) {
        // The first and the last stand for those between: each row means reading the document anew.
        List<FormVariant> variants = FormReader.read(text).variants();
        for (FormVariant variant : List.of(variants.getFirst(), variants.getLast())) {
            for (FormSection section : variant.sections()) {
                if (!section.path().isEmpty()) {
                    String more = FormRows.added(text, section.path());
                    assertEquals(
                            section.rows().size() + 1,
                            rows(more, section.path()),
                            section.path() + " of " + variant.id());
                    assertEquals(
                            text,
                            FormRows.removed(
                                    more, section.path(), section.rows().size()),
                            section.path());
                }
            }
        }
    }

    private static long rows(String text, String path) {
        return FormReader.read(text).variants().stream()
                .flatMap(variant -> variant.sections().stream())
                .filter(section -> section.path().equals(path))
                .findFirst()
                .orElseThrow()
                .rows()
                .size();
    }

    @ParameterizedTest
    @CsvSource({
        "variants.0.draw, 0, 'draw: {size: 4..12}'",
        "variants.0.draw, 1, 'draw: {n: 3..9}'",
        "variants.0.frames, 0, '    frames:\n      - Every can'",
        "variants.0.worked, 0, '    worked:\n\n      - {say: \"{total}\", math: total}'",
        "variants.0.let, 1, '      total: n * size\n      # A remark that belongs to the next one.\n    where:'",
    })
    void oneRowGoesAndTheRestStays(String path, int row, String left) {
        String less = FormRows.removed(TEXT, path, row);
        assertTrue(less.contains(left), less);
        assertEquals(rows(TEXT, path) - 1, rows(less, path));
    }

    /** Lines may end as they do on another system. */
    @Test
    void linesThatEndOtherwiseAreCutAtTheirEnds() {
        String elsewhere = TEXT.replace("\n", "\r\n");
        String less = FormRows.removed(elsewhere, "variants.0.worked", 0);
        assertEquals(FormRows.removed(TEXT, "variants.0.worked", 0), less.replace("\r\n", "\n"));
        String more = FormRows.added(elsewhere, "variants.0.let");
        assertEquals(FormRows.added(TEXT, "variants.0.let"), more.replace("\r\n", "\n"));
    }

    @Test
    void theLastRowStays() {
        Problem refused = assertThrows(Problem.class, () -> FormRows.removed(TEXT, "variants.0.where", 0));
        assertTrue(refused.getMessage().contains("One of them has to stay"), refused.getMessage());
    }

    @ParameterizedTest
    @ValueSource(strings = {"variants.9.draw", "variants.x.draw", "name", "variants.0.nothing", "", "."})
    void aPlaceThatIsNotThereIsRefused(String path) {
        assertThrows(Problem.class, () -> FormRows.added(TEXT, path));
        assertThrows(Problem.class, () -> FormRows.removed(TEXT, path, 99));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "# a remark", "---", "null", "frames", "["})
    void aTextWithoutTheListHasNoRows(String text) {
        assertThrows(Problem.class, () -> FormRows.added(text, "frames"));
    }

    @Test
    void aNewNameIsOneThatNobodyUses() {
        String twice = FormRows.added(FormRows.added(TEXT, "variants.0.draw"), "variants.0.draw");
        assertTrue(twice.contains("draw: {n: 3..9, size: 4..12, a: 2..9, b: 2..9}"), twice);
    }

    /** A row that has just come does not make the starter unreadable. */
    @Test
    void newRowsAreReadAtOnce() {
        String text = Templates.starter();
        for (FormSection section : FormReader.read(text).variants().getFirst().sections()) {
            if (!section.path().isEmpty()) {
                TemplateReading reading = Templates.read(FormRows.added(text, section.path()));
                assertTrue(reading instanceof TemplateReading.Understood, section.path() + ": " + reading);
            }
        }
    }
}
