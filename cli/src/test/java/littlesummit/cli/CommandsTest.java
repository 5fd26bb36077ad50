package littlesummit.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.List;
import littlesummit.content.Catalogue;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CommandsTest {
    private record Run(int code, List<JsonNode> lines) {}

    private static Run grade(String input) throws IOException {
        StringWriter out = new StringWriter();
        BufferedWriter writer = new BufferedWriter(out);
        int code = JsonLines.each(new BufferedReader(new StringReader(input)), writer, GradeCommand::answer);
        writer.flush();
        return new Run(code, read(out.toString()));
    }

    private static List<JsonNode> read(String text) {
        return text.lines().map(CommandsTest::node).toList();
    }

    private static JsonNode node(String line) {
        try {
            return JsonLines.JSON.readTree(line);
        } catch (IOException notJson) {
            throw new AssertionError(line, notJson);
        }
    }

    @Test
    void oneLineInOneLineOut() throws IOException {
        Run run = grade("""
            {"id":"p1","kind":"number","form":"fraction-lowest","expected":"-5/2","entry":"-10/4"}
            {"id":2,"kind":"number","expected":"5","entry":"5"}
            """);

        assertEquals(0, run.code());
        assertEquals("p1", run.lines().get(0).get("id").textValue());
        assertEquals("form", run.lines().get(0).get("verdict").textValue());
        assertEquals("not-lowest-terms", run.lines().get(0).get("reason").textValue());
        assertEquals(2, run.lines().get(1).get("id").intValue());
        assertEquals("correct", run.lines().get(1).get("verdict").textValue());
    }

    @Test
    void thePlaceWhereReadingStoppedIsTold() throws IOException {
        assertEquals(
                4,
                grade("{\"id\":\"a\",\"kind\":\"number\",\"expected\":\"5\",\"entry\":\"3 + ?\"}")
                        .lines()
                        .getFirst()
                        .get("at")
                        .intValue());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "not json",
                "[]",
                "{\"id\":\"x\"}",
                "{\"id\":\"x\",\"kind\":\"nonsense\",\"expected\":\"5\",\"entry\":\"5\"}",
                "{\"id\":\"x\",\"kind\":\"number\",\"form\":\"nonsense\",\"expected\":\"5\",\"entry\":\"5\"}",
                "{\"id\":\"x\",\"kind\":\"number\",\"expected\":\"5+\",\"entry\":\"5\"}",
                "{\"id\":\"x\",\"kind\":\"number\",\"expected\":\"5\",\"entry\":7}",
                "{\"id\":\"x\",\"kind\":\"expression\",\"variables\":\"x\",\"expected\":\"x\",\"entry\":\"x\"}"
            })
    void aBadLineIsSaidAndTheRunGoesOn(String bad) throws IOException {
        Run run = grade(bad + "\n{\"id\":\"good\",\"kind\":\"number\",\"expected\":\"5\",\"entry\":\"5\"}\n");

        assertEquals(1, run.code());
        assertFalse(run.lines().get(0).get("error").textValue().isBlank());
        assertEquals("correct", run.lines().get(1).get("verdict").textValue());
    }

    private static Run items(String... options) throws IOException {
        StringWriter out = new StringWriter();
        BufferedWriter writer = new BufferedWriter(out);
        int code = ItemsCommand.run(List.of(options), writer);
        writer.flush();
        return new Run(code, options[0].equals("--list") ? List.of() : read(out.toString()));
    }

    @Test
    void theTiersTakeTurnsWhenNoneIsNamed() throws IOException {
        assertEquals(
                List.of(1, 2, 3, 1),
                items("--skill", "mean", "--count", "4").lines().stream()
                        .map(n -> n.get("tier").intValue())
                        .toList());
    }

    @Test
    void theSameSeedPrintsTheSameItem() throws IOException {
        assertEquals(
                items("--skill", "mean", "--seed", "9").lines(),
                items("--skill", "mean", "--seed", "9").lines());
    }

    @Test
    void wrongOptionsAreRefused() throws IOException {
        assertEquals(2, items("--skill", "nonsense").code());
        assertEquals(2, items("--skill", "mean", "--tier", "9").code());
        assertEquals(2, items("--skill", "mean", "--count", "many").code());
        assertEquals(2, items("--skill", "mean", "--colour", "blue").code());
        assertEquals(0, items("--list").code());
    }

    /** What is printed as expected and as mistakes can be fed to the grader as it stands. */
    @Test
    void everyPrintedKeyGradesAsCorrectAndEveryMistakeDoesNot() throws IOException {
        for (var skill : new Catalogue().skills()) {
            for (JsonNode item : items("--skill", skill.id(), "--count", "9").lines()) {
                item.at("/parts").forEach(part -> part.get("fields")
                        .forEach(field -> check(item.get("id").textValue(), field)));
            }
        }
    }

    /** All that a student may come to see stands in what is printed. */
    @Test
    void nothingThatAReaderNeedsIsLeftOut() throws IOException {
        Catalogue catalogue = new Catalogue();
        for (var skill : catalogue.skills()) {
            for (JsonNode printed : items("--skill", skill.id(), "--count", "9").lines()) {
                var item = skill.make(
                        printed.get("tier").intValue(),
                        Long.parseLong(printed.get("seed").textValue()));
                String id = printed.get("id").textValue();
                assertEquals(item.given(), printed.get("given").textValue(), id);
                assertEquals(item.calculator(), printed.get("calculator").booleanValue(), id);
                assertEquals(item.second().isPresent(), printed.has("second"), id);
                item.second()
                        .ifPresent(s -> assertEquals(
                                s.title(), printed.at("/second/title").textValue(), id));
                for (int p = 0; p < item.parts().size(); p++) {
                    checkPart(item.parts().get(p), printed.at("/parts/" + p), id);
                }
            }
        }
    }

    private static void checkPart(Part part, JsonNode printed, String id) {
        assertEquals(
                part.layout().getClass().getSimpleName(),
                printed.at("/layout/kind").textValue(),
                id);
        if (part.layout() instanceof Layout.InSentence(String template)) {
            assertEquals(template, printed.at("/layout/text").textValue(), id);
        }
        for (int f = 0; f < part.fields().size(); f++) {
            Field field = part.fields().get(f);
            JsonNode shown = printed.at("/fields/" + f);
            boolean isDrawn = field.response() instanceof Response.Shade
                    || field.response() instanceof Response.PlotPoint
                    || field.response() instanceof Response.PlotLine
                    || field.response() instanceof Response.SelectShapes
                    || field.response() instanceof Response.MarkOnLine
                    || field.response() instanceof Response.RayOnLine
                    || field.response() instanceof Response.LayUnits;
            assertEquals(isDrawn, shown.has("figure"), id);
            List<Option> options = field.response().options();
            for (int o = 0; o < options.size(); o++) {
                assertEquals(
                        options.get(o).figure().isPresent(),
                        shown.at("/options/" + o).has("figure"),
                        id);
            }
        }
    }

    private static void check(String id, JsonNode field) {
        AnswerSpec plain = AnswerSpec.of(
                        Kind.of(field.get("kind").textValue()).orElseThrow(),
                        Form.of(field.get("form").textValue()).orElseThrow(),
                        field.get("expected").textValue())
                .withSuffix(field.path("suffix").asText(""));
        List<String> letters = new java.util.ArrayList<>();
        field.path("variables").forEach(v -> letters.add(v.textValue()));
        AnswerSpec spec = letters.isEmpty() ? plain : plain.withLetters(letters.toArray(String[]::new));
        assertEquals(Verdict.CORRECT, Grader.grade(spec, spec.expected()), id + " " + field.get("id"));
        field.get("mistakes")
                .forEach(m -> assertTrue(
                        !(Grader.grade(spec, m.get("entry").textValue()) instanceof Verdict.Correct), id + " " + m));
    }

    private static String printed(String... options) throws IOException {
        StringWriter out = new StringWriter();
        BufferedWriter writer = new BufferedWriter(out);
        assertEquals(0, ItemsCommand.run(List.of(options), writer));
        writer.flush();
        return out.toString();
    }

    @Test
    void lessonsArePrintedLikeSkills() throws IOException {
        List<JsonNode> printed = read(printed("--skill", "lesson-percent-parts", "--tier", "2", "--count", "2"));

        assertEquals(2, printed.size());
        assertTrue(printed.getFirst().at("/parts").size() >= 2);
    }

    @Test
    void theListHasSkillsAndLessons() throws IOException {
        List<String> listed = printed("--list").lines().toList();

        assertTrue(listed.containsAll(List.of("mean", "lesson-percent-parts")));
        assertEquals(new Catalogue().skills().size() + new Catalogue().lessons().size(), listed.size());
    }

    @Test
    void whatIsNeitherIsNamed() throws IOException {
        assertEquals(2, ItemsCommand.run(List.of("--skill", "none"), new BufferedWriter(new StringWriter())));
    }
}
