package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OrderGradingTest {
    private static final AnswerSpec ORDER = AnswerSpec.inOrder("c,a,d,b", List.of("a", "b", "c", "d"));

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "c,a,d,b; correct; ''",
                "' c , a , d , b '; correct; ''",
                "b,d,a,c; incorrect; order-reversed",
                "a,c,d,b; incorrect; order-swapped",
                "c,d,a,b; incorrect; order-swapped",
                "c,a,b,d; incorrect; order-swapped",
                "a,c,b,d; incorrect; ''",
                "d,a,c,b; incorrect; ''",
                "c,a,d; unreadable; order-not-whole",
                "c,a,d,d; unreadable; order-not-whole",
                "c,a,d,b,b; unreadable; order-not-whole",
                "c,a,d,e; unreadable; unknown-option",
                "''; unreadable; blank"
            })
    void itsOrderCounts(String entry, String verdict, String reason) {
        Verdict given = Grader.grade(ORDER, entry);
        assertEquals(verdict, given.code());
        assertEquals(reason, given.why().map(Reason::code).orElse(""));
    }

    /** Elsewhere the order in which one chooses says nothing. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"a,b; correct", "b,a; correct", "b,a,b; correct", "b; incorrect"})
    void amongAllThatApplyItDoesNot(String entry, String verdict) {
        AnswerSpec all = AnswerSpec.choice("a,b", List.of("a", "b", "c"));
        assertEquals(verdict, Grader.grade(all, entry).code());
    }
}
