package littlesummit.cli;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;

/** Grades one entry a line; docs/formats.md describes the fields. */
final class GradeCommand {
    private GradeCommand() {}

    static void answer(JsonNode in, ObjectNode out) {
        AnswerSpec spec = spec(in);
        String entry = JsonLines.text(in, "entry");
        Verdict verdict = grade(spec, entry);
        out.put("verdict", verdict.code());
        verdict.why().ifPresent(reason -> out.put("reason", reason.code()));
        if (verdict instanceof Verdict.Unreadable(var reason, int at)) {
            out.put("at", at);
        }
        out.put("message", verdict.message());
    }

    private static Verdict grade(AnswerSpec spec, String entry) {
        try {
            return Grader.grade(spec, entry);
        } catch (IllegalArgumentException badExpected) {
            throw new JsonLines.BadLine("the field \"expected\" cannot be used: " + badExpected.getMessage());
        }
    }

    private static AnswerSpec spec(JsonNode in) {
        String kindName = JsonLines.text(in, "kind");
        String formName = in.has("form") ? JsonLines.text(in, "form") : "any";
        Kind kind = Kind.of(kindName).orElseThrow(() -> new JsonLines.BadLine("unknown kind \"" + kindName + "\""));
        Form form = Form.of(formName).orElseThrow(() -> new JsonLines.BadLine("unknown form \"" + formName + "\""));
        AnswerSpec plain = AnswerSpec.of(kind, form, JsonLines.text(in, "expected"));
        Set<String> letters = in.has("variables") ? texts(in.get("variables"), "variables") : plain.letters();
        Set<String> options = in.has("options") ? texts(in.get("options"), "options") : Set.of();
        String suffix = Optional.ofNullable(in.get("suffix"))
                .filter(JsonNode::isTextual)
                .map(JsonNode::textValue)
                .orElse("");
        return new AnswerSpec(kind, form, plain.expected(), letters, suffix, options);
    }

    /** A list of texts, or of objects with an id. */
    private static Set<String> texts(JsonNode list, String field) {
        if (!list.isArray()) {
            throw new JsonLines.BadLine("the field \"" + field + "\" is not a list");
        }
        Set<String> texts = new LinkedHashSet<>();
        list.forEach(item -> texts.add(item.isObject() ? item.path("id").asText() : item.asText()));
        return texts;
    }
}
