package littlesummit.app.upkeep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import littlesummit.app.ClockedApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIfSystemProperty;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Each half of a year has a part of the log of its own, where the database has parts. */
class LogPartsTest extends ClockedApiTest {
    @Autowired
    private LogParts parts;

    @Autowired
    private JdbcTemplate database;

    private List<String> parts() {
        return database.queryForList(
                "select cast(inhrelid::regclass as varchar) from pg_inherits"
                        + " where inhparent = 'practice_event'::regclass",
                String.class);
    }

    /** Rows of the student by the part that they stand in. */
    private List<String> partsOfTheStudent() {
        return database.queryForList(
                "select distinct cast(tableoid::regclass as varchar) from practice_event where person_id = ?",
                String.class,
                student.id());
    }

    private long rowsOfTheStudent() {
        return database.queryForObject(
                "select count(*) from practice_event where person_id = ?", Long.class, student.id());
    }

    @Test
    @EnabledIfSystemProperty(named = "postgres", matches = "true")
    void thePartOfNowAndTheNextAreMadeOnce() {
        now = Instant.parse("2031-03-03T08:00:00Z");
        parts.makeThoseToCome();
        List<String> made = parts();
        assertTrue(made.containsAll(List.of("practice_event_2031_02", "practice_event_2031_08")), made::toString);
        parts.makeThoseToCome();
        assertEquals(made, parts());
    }

    /** The server was not there when the term began, and somebody was quicker than it. */
    @Test
    @EnabledIfSystemProperty(named = "postgres", matches = "true")
    void whatIsInNoPartYetMovesIntoTheNewOneAndIsTheSame() {
        now = Instant.parse("2041-09-09T08:00:00Z");
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "both-sides");
        answerRight(path);
        assertEquals(List.of("practice_event_other"), partsOfTheStudent());
        long rows = rowsOfTheStudent();
        String before = client.get(path).text();

        parts.makeThoseToCome();

        assertEquals(List.of("practice_event_2041_08"), partsOfTheStudent());
        assertEquals(rows, rowsOfTheStudent());
        assertEquals(before, client.get(path).text());
        onward(path, "NEXT");
        answerRight(path);
        assertEquals(List.of("practice_event_2041_08"), partsOfTheStudent(), "what comes later goes there at once");
        assertTrue(rowsOfTheStudent() > rows);
    }

    @Test
    @EnabledIfSystemProperty(named = "postgres", matches = "true")
    void aSkillIsPractisedFromOneTermIntoTheNext() {
        now = Instant.parse("2051-07-31T23:59:00Z");
        parts.makeThoseToCome();
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "both-sides");
        answerRight(path);
        onward(path, "NEXT");
        now = Instant.parse("2051-08-01T00:01:00Z");
        answerRight(path);
        assertEquals(2, partsOfTheStudent().size());
        assertEquals(
                2,
                client.get(path).body().at("/history").size(),
                client.get(path).text());
    }

    /** In one file there is one table, and nothing happens to it. */
    @Test
    @DisabledIfSystemProperty(named = "postgres", matches = "true")
    void aFileHasOnePart() {
        parts.makeThoseToCome();
        assertEquals(
                List.of("PRACTICE_EVENT"),
                database.queryForList(
                        "select table_name from information_schema.tables where table_name like 'PRACTICE_EVENT%'",
                        String.class));
    }
}
