package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import littlesummit.app.ApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.SkillState;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is kept beside a state for lists says the same as the state. */
class SummariesTest extends ApiTest {
    @Autowired
    private PracticeLog log;

    @Autowired
    private PracticeRecord record;

    @Autowired
    private JdbcTemplate database;

    private void work() {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation");
        for (boolean right : new boolean[] {true, false, false, true, false, false}) {
            if (right) {
                answerRight(path);
            } else {
                miss(path);
            }
            onward(path, "NEXT");
        }
    }

    private void summaryIsThatOfTheState() {
        ProgressEntity row = log.of(student.id()).getFirst();
        SkillState state = log.state(row);
        PracticeRecord.Standing standing = record.standings(student).getFirst();
        assertEquals(state.measure(), standing.stands());
        assertTrue(
                Duration.between(
                                        state.history().getLast().at(),
                                        standing.lastAt().orElseThrow())
                                .abs()
                                .toMillis()
                        == 0,
                "the database keeps microseconds");
        assertEquals(1, record.stuck(List.of(student.id())).size(), "four of the last six were missed");
    }

    @Test
    void aSummaryIsKeptWithEveryAnswer() {
        work();
        summaryIsThatOfTheState();
    }

    @Test
    void anOlderDatabaseGetsItsSummaries() {
        work();
        database.update(
                "update progress set summarised = false, stands = 0, missed_lately = 0, last_at = null where person_id"
                        + " = ?",
                student.id());
        assertTrue(record.stuck(List.of(student.id())).isEmpty());
        log.summariseOld();
        summaryIsThatOfTheState();
    }

    @Test
    void whatGoesWellIsNotStuck() {
        answerRight(assigned(new Target.Score(80), Policy.DEFAULT, "absolute-value"));
        assertTrue(record.stuck(List.of(student.id())).isEmpty());
    }
}
