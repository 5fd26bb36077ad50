package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Every rule of docs/grading.md, a row each: kind, form, expected, entry, verdict, reason. */
class RulingsTest {
    @ParameterizedTest(name = "{0} {1}: {3} for {2}")
    @CsvFileSource(resources = "rulings.csv", delimiter = ';', quoteCharacter = '`', emptyValue = "")
    void ruling(String kind, String form, String expected, String entry, String verdict, String reason) {
        Verdict got = Grader.grade(spec(kind, form, expected), entry);

        assertEquals(verdict, got.code(), () -> got.message());
        if (reason != null && !reason.isEmpty()) {
            assertEquals(reason, got.why().map(Reason::code).orElse("none"));
        }
    }

    /**
     * A trailing % or unit behind the form stands for the suffix that the field shows; letters stand in brackets behind
     * the kind.
     */
    private static AnswerSpec spec(String kind, String form, String expected) {
        String[] kindAndLetters = kind.split("\\[|]");
        String[] formAndSuffix = form.split(" ");
        AnswerSpec spec = AnswerSpec.of(
                Kind.of(kindAndLetters[0]).orElseThrow(),
                Form.of(formAndSuffix[0]).orElseThrow(),
                expected);
        AnswerSpec lettered = kindAndLetters.length > 1 ? spec.withLetters(kindAndLetters[1].split("")) : spec;
        return formAndSuffix.length > 1 ? lettered.withSuffix(formAndSuffix[1]) : lettered;
    }
}
