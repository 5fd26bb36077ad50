package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An answer in words is told apart from nothing, and judged by nobody here. */
class InWordsTest {
    private static final AnswerSpec SPEC = AnswerSpec.words("The whole has 5 equal parts, and 3 of them are shaded.");

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        there are five equal parts and three count; correct
        Es sind drei von fünf Teilen; correct
        because I cut it into 5; correct
        the the the the; few-words
        3/5 = 6/10; few-words
        because; few-words
        xk qrt zzp bbb; few-words
        '   '; blank
        """)
    void wordsAreHandedIn(String entry, String expected) {
        Verdict verdict = Grader.grade(SPEC, entry);

        assertEquals(expected, verdict.why().map(Reason::code).orElse(verdict.code()));
    }

    /** A word is enough where a word is all that a reader would want, and nothing is never enough. */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        twelve; prime; correct
        twelve; 12; correct
        7b; 7b; correct
        twelve; ' ... '; few-words
        it is prime; prime; few-words
        it is prime; it is twelve; correct
        """)
    void anAnswerMayBeAsShortAsItsExample(String example, String entry, String expected) {
        Verdict verdict = Grader.grade(AnswerSpec.words(example), entry);

        assertEquals(expected, verdict.why().map(Reason::code).orElse(verdict.code()));
    }

    @Test
    void aWrongReasonIsNotForAMachineToFind() {
        assertEquals(Verdict.CORRECT, Grader.grade(SPEC, "I shaded the parts that look nice"));
    }

    @Test
    void moreThanFiveHundredCharactersAreTooMany() {
        Verdict verdict = Grader.grade(SPEC, "three of five parts ".repeat(26));

        assertTrue(verdict instanceof Verdict.Unreadable u && u.reason() == Reason.TOO_LONG, verdict.toString());
    }
}
