package littlesummit.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;

/** The public grading cases, ready to be graded. */
record Cases(List<Case> all) {
    record Case(AnswerSpec spec, String entry) {}

    /** @param file JSON Lines as {@code ./summit grade} reads them */
    static Cases read(Path file) {
        ObjectMapper json = new ObjectMapper();
        List<Case> cases = new ArrayList<>();
        try {
            for (String line : Files.readAllLines(file)) {
                cases.add(of(json.readTree(line)));
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return new Cases(cases);
    }

    private static Case of(JsonNode node) {
        AnswerSpec plain = AnswerSpec.of(
                Kind.of(node.get("kind").asText()).orElseThrow(),
                Form.of(node.get("form").asText()).orElseThrow(),
                node.get("expected").asText());
        Set<String> letters = new java.util.HashSet<>(plain.letters());
        if (node.has("variables")) {
            letters.clear();
            node.get("variables").forEach(v -> letters.add(v.asText()));
        }
        AnswerSpec spec = new AnswerSpec(
                plain.kind(),
                plain.form(),
                plain.expected(),
                letters,
                node.path("suffix").asText(""),
                Set.of());
        return new Case(spec, node.get("entry").asText());
    }

    /** A number in words is no formula that a library could be asked for. */
    private static boolean isFormula(Case c) {
        return Parser.read(c.entry, c.spec.syntax()) instanceof Reading.Understood(Statement.Value value);
    }

    /** Those that ask whether two numbers or expressions are equal, which an algebra library can decide too. */
    Cases equalities() {
        return new Cases(all.stream()
                .filter(c -> (c.spec.kind() == Kind.NUMBER || c.spec.kind() == Kind.EXPRESSION)
                        && !(c.spec.form() instanceof Form.Rounded)
                        && c.spec.suffix().isEmpty()
                        && !(Grader.grade(c.spec, c.entry) instanceof Verdict.Unreadable)
                        && isFormula(c))
                .toList());
    }
}
