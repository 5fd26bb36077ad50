package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import littlesummit.app.ApiTest;
import littlesummit.core.item.Field;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.RepeatedTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** The same request on two ways at the same moment, as an impatient connection sends it, counts once. */
class SentTogetherTest extends ApiTest {
    private static final int AT_ONCE = 4;

    @Autowired
    private JdbcTemplate database;

    @RepeatedTest(6)
    void anAnswerCountsOnce() {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "mean");
        String id = itemId(path);
        Field field = itemOf(id).parts().getFirst().fields().getFirst();
        String answer = check(
                id,
                0,
                Map.of(field.id(), field.response().sentFor(field.answer().key())));
        String key = UUID.randomUUID().toString();

        List<Integer> statuses = Stream.generate(() -> CompletableFuture.supplyAsync(
                        () -> client.post(path + "/check", answer, key).status()))
                .limit(AT_ONCE)
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .toList();

        assertTrue(statuses.contains(200), statuses::toString);
        assertEquals(
                1,
                database.queryForObject(
                        "select count(*) from practice_event where person_id = ? and payload like '%CORRECT%'",
                        Integer.class, student.id()));
        assertEquals(
                1,
                client.get(path).body().at("/history").size(),
                client.get(path).text());
    }
}
