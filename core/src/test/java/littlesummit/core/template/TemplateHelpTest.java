package littlesummit.core.template;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.grading.Kind;
import littlesummit.core.template.TemplateHelp.Line;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the help says is so: every example is worked out, and nothing of the language is left out. */
class TemplateHelpTest {
    private static final WordLists LISTS = new WordLists(Map.of(
            "goods", List.of(new Word("loaf", "loaves", "a", Map.of())),
            "people", List.of(new Word("Ansa", "Ansa", "a", Map.of()))));

    static Stream<Line> functions() {
        return TemplateHelp.FUNCTIONS.stream().filter(line -> !line.example().isEmpty());
    }

    @ParameterizedTest
    @MethodSource("functions")
    void aFunctionGivesWhatItsExampleSays(Line line) {
        assertEquals(line.result(), Formulas.with("").typed(line.example()), line.example());
    }

    static Stream<Line> looks() {
        return TemplateHelp.LOOKS.stream();
    }

    @ParameterizedTest
    @MethodSource("looks")
    void aValueIsWrittenAsItsExampleSays(Line line) {
        Formulas formulas = Formulas.with(line.example());
        assertEquals(line.result(), formulas.text(line.written()).write(formulas.evaluator()), line.written());
    }

    static Stream<String> drawn() {
        return TemplateHelp.DRAWN.stream().map(Line::written);
    }

    @ParameterizedTest
    @MethodSource("drawn")
    void whatIsDrawnIsRead(String written) {
        assertDoesNotThrow(() ->
                Drawing.read(new Node.Scalar(written, Place.WHOLE), new Formula.Names(Set.of(), Set.of()), LISTS));
    }

    private static Set<String> names(List<Line> lines) {
        return lines.stream()
                .map(line -> line.written().replaceAll("\\(.*", "").replaceAll("^kind: ", ""))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void everyFunctionAndFigureIsThere() {
        Set<String> functions = names(TemplateHelp.FUNCTIONS);
        functions.removeAll(Set.of("abs", "gcd", "lcm"));
        assertEquals(new TreeSet<>(TemplateLanguage.functions()), functions);
        assertEquals(new TreeSet<>(TemplateLanguage.figures()), names(TemplateHelp.FIGURES));
    }

    @Test
    void everyKindOfAnswerThatItNamesIsOne() {
        Set<String> kinds = Arrays.stream(Kind.values()).map(Kind::code).collect(Collectors.toSet());
        TemplateHelp.ANSWERS.stream()
                .map(Line::written)
                .filter(written -> written.startsWith("kind: "))
                .map(written -> written.substring(6))
                .filter(kind -> !Set.of("order", "label", "text").contains(kind))
                .forEach(kind -> assertTrue(kinds.contains(kind), kind));
    }

    @Test
    void everyTopicHasLines() {
        TemplateHelp.all().forEach(topic -> assertTrue(topic.lines().size() > 5, topic.title()));
    }
}
