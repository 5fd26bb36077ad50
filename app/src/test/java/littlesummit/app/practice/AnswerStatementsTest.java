package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import littlesummit.app.ApiTest;
import littlesummit.app.Statements;
import littlesummit.app.Visitor;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the heartbeat asks of the database: to check an answer, and to show an item. */
class AnswerStatementsTest extends ApiTest {
    /** Two of them read the session: its library looks once more before it ends. */
    private static final int MOST = 10;

    private Visitor visitor;
    private String path;

    @BeforeEach
    void anItemIsOpenAndNotTheFirst() {
        path = assigned(new Target.Score(80), Policy.DEFAULT, "percent-discount", "mean");
        visitor = new Visitor(mvc);
        visitor.signIn(student.username(), "pw");
        visitor.get(path);
        miss(path);
        onward(path, "NEXT");
    }

    private String rightAnswer() {
        String id = itemId(path);
        Map<String, String> entries = itemOf(id).parts().getFirst().fields().stream()
                .collect(Collectors.toMap(
                        f -> f.id(), f -> f.response().sentFor(f.answer().key())));
        return check(id, 0, entries);
    }

    @Test
    void anAnswerTakesFewStatements() {
        String answer = rightAnswer();
        List<String> all = Statements.during(
                () -> assertEquals(200, visitor.post(path + "/check", answer).getStatus()));
        assertTrue(all.size() <= MOST, String.join("\n", all));
    }

    @Test
    void aSessionIsNotWrittenWithEveryAnswer() {
        String answer = rightAnswer();
        List<String> all = Statements.during(() -> visitor.post(path + "/check", answer));
        assertTrue(
                all.stream().noneMatch(s -> s.toUpperCase(Locale.ROOT).startsWith("UPDATE SPRING_SESSION")),
                String.join("\n", all));
    }

    @Test
    void anItemTakesFewStatements() {
        List<String> all = Statements.during(() -> visitor.get(path));
        assertTrue(all.size() <= MOST, String.join("\n", all));
    }
}
