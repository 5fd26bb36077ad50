package littlesummit.content.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import littlesummit.core.proof.Proof;
import littlesummit.core.proof.Prover;
import littlesummit.core.template.TemplateLanguage;
import org.junit.jupiter.api.Test;

/** The page on templates shows what works, and names all that there is. */
class TemplateDocsTest {
    private static final Path PAGE = Path.of("../docs/templates.md");

    private static List<String> examples(String page) {
        return Pattern.compile("```yaml\\n(.*?)```", Pattern.DOTALL)
                .matcher(page)
                .results()
                .map(found -> found.group(1))
                .toList();
    }

    @Test
    void everythingHoldsForTheExampleOfThePage() throws IOException {
        List<String> examples = examples(Files.readString(PAGE));
        assertEquals(1, examples.size());
        Proof proof = Prover.prove(Sample.skill(examples.getFirst()), Proof.Progress.NONE);
        assertEquals(List.of(), proof.findings());
        assertTrue(proof.holds() && proof.isWhole(), proof.extent());
    }

    @Test
    void everythingHoldsForWhatOneBeginsWith() {
        Proof proof = Prover.prove(Sample.skill(Templates.starter()), Proof.Progress.NONE);
        assertEquals(List.of(), proof.findings());
        assertTrue(proof.holds());
    }

    @Test
    void thePageNamesEveryFunctionAndFigureAndNoOther() throws IOException {
        String page = Files.readString(PAGE);
        Set<String> written = Pattern.compile("(?<![A-Za-z])([a-z]{3,})\\((?=[a-z])")
                .matcher(page.substring(page.indexOf("## Formulas"), page.indexOf("## Texts")))
                .results()
                .map((MatchResult found) -> found.group(1))
                .collect(Collectors.toCollection(TreeSet::new));
        written.removeAll(Set.of("gcd", "lcm", "abs", "sqrt"));
        assertEquals(new TreeSet<>(TemplateLanguage.functions()), written);
        TemplateLanguage.figures().forEach(figure -> assertTrue(page.contains("`" + figure + "`"), figure));
    }
}
