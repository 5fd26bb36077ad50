package littlesummit.app.content;

import java.util.List;
import java.util.Set;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;

/**
 * What is asked of one field, as it is kept; it never leaves the server.
 *
 * @param kind code of what is compared, such as {@code number}
 * @param form code of the shape that is asked, such as {@code decimal:2}
 * @param letters in alphabetical order, as are {@code options}
 */
record AnswerDto(String kind, String form, String expected, List<String> letters, String suffix, List<String> options) {
    static AnswerDto of(AnswerSpec answer) {
        return new AnswerDto(
                answer.kind().code(),
                answer.form().code(),
                answer.expected(),
                sorted(answer.letters()),
                answer.suffix(),
                sorted(answer.options()));
    }

    private static List<String> sorted(Set<String> texts) {
        return texts.stream().sorted().toList();
    }

    /** @throws IllegalStateException for a kind or form that is none */
    AnswerSpec toCore() {
        Kind asKind = Kind.of(kind).orElseThrow(() -> new IllegalStateException("no kind " + kind));
        Form asForm = Form.of(form).orElseThrow(() -> new IllegalStateException("no form " + form));
        return new AnswerSpec(asKind, asForm, expected, Set.copyOf(letters), suffix, Set.copyOf(options));
    }
}
