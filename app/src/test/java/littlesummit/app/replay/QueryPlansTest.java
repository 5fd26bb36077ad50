package littlesummit.app.replay;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.regex.Pattern;
import littlesummit.app.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Nothing that a screen asks reads a log from its beginning to its end: the database finds each answer by an index. */
@DisabledIfSystemProperty(named = "postgres", matches = "true", disabledReason = "plans are read as H2 writes them")
class QueryPlansTest extends ApiTest {
    /** How H2 says that it goes to the rows by an index, and not through all of them in the order of one. */
    private static final Pattern BY_CONDITION = Pattern.compile("/\\*\\s+PUBLIC\\.\\w+: ");

    @Autowired
    private JdbcTemplate jdbc;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "tries at an item             | practice_event | item_id = 'i' order by id",
                "whether a key is known       | practice_event | person_id = 'p' and idempotency_key = 'k'",
                "the log of a skill           | practice_event | person_id = 'p' and assignment_id = 'a' and skill ="
                        + " 's' order by id",
                "what was done lately         | practice_event | person_id = 'p' and at > timestamp with time zone"
                        + " '2030-01-01 00:00:00Z'",
                "skills before this one       | progress       | person_id = 'p' and skill in ('s', 't')",
                "the log of a quiz            | quiz_event     | person_id = 'p' and assignment_id = 'a' order by id",
                "whether a quiz key is known  | quiz_event     | person_id = 'p' and idempotency_key = 'k'",
                "times in quizzes             | quiz_event     | person_id = 'p' and at > timestamp with time zone"
                        + " '2030-01-01 00:00:00Z'",
                "photos of a page             | work_photo     | item_id = 'i' order by place",
                "strokes of a page            | ink_stroke     | item_id = 'i' order by place",
                "questions of a class         | question       | class_id = 'c' order by asked_at",
                "work that waits              | work_page      | class_id = 'c' and waiting_since is not null"
            })
    void isFoundByAnIndex(String what, String table, String condition) {
        String plan = jdbc.queryForObject("explain select * from " + table + " where " + condition, String.class);
        assertTrue(BY_CONDITION.matcher(plan).find(), what + ": " + plan);
    }

    /** The list of a class joins its students with their part of the log. */
    @Test
    void theTimesOfAClassAreFoundStudentByStudent() {
        String plan = jdbc.queryForObject(
                "explain select e.at from person p join practice_event e on e.person_id = p.id and e.at > timestamp"
                        + " with time zone '2030-01-01 00:00:00Z' where p.id in ('a', 'b')",
                String.class);
        assertFalse(plan.contains("tableScan"), plan);
        assertTrue(plan.contains("EVENT_BY_TIME"), plan);
    }
}
