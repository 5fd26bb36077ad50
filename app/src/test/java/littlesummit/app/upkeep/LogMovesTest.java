package littlesummit.app.upkeep;

import static org.junit.jupiter.api.Assertions.assertEquals;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.jdbc.core.JdbcTemplate;

/** A log that was there before it had parts is all there afterwards, each row in the part of its time. */
@EnabledIfSystemProperty(named = "postgres", matches = "true")
class LogMovesTest {
    private static void migrate(DataSource database, String to) {
        Flyway.configure()
                .dataSource(database)
                .locations("classpath:db/migration/common", "classpath:db/migration/postgresql")
                .target(to)
                .load()
                .migrate();
    }

    @Test
    void everyRowIsInThePartOfItsTime() throws IOException {
        try (EmbeddedPostgres server = EmbeddedPostgres.start()) {
            DataSource source = server.getPostgresDatabase();
            JdbcTemplate database = new JdbcTemplate(source);
            migrate(source, "21");
            database.update("insert into school_class (id, name) values ('c', 'Hut class')");
            database.update("insert into person (id, username, name, role, password_hash, class_id, wrong_tries)"
                    + " values ('p', 'ansa', 'Ansa', 'STUDENT', '', 'c', 0)");
            List<String> moments = List.of(
                    "2025-01-31T23:59:59Z",
                    "2025-02-01T00:00:00Z",
                    "2025-07-31T23:59:59Z",
                    "2025-08-01T00:00:00Z",
                    "2026-01-15T00:00:00Z",
                    "2026-12-31T00:00:00Z");
            for (String at : moments) {
                database.update(
                        "insert into practice_event (person_id, assignment_id, skill, item_id, idempotency_key,"
                            + " payload, at, shape) values ('p', 'a', 's', 'i', ?, '{}', cast(? as timestamptz), 3)",
                        "key " + at,
                        at);
            }
            migrate(source, "22");
            assertEquals(
                    List.of("2024_08", "2025_02", "2025_02", "2025_08", "2025_08", "2026_08"),
                    database.queryForList(
                            "select substr(cast(tableoid::regclass as varchar), 16) from practice_event order by id",
                            String.class));
            assertEquals(
                    moments.stream().map(at -> "key " + at + " 3").toList(),
                    database.queryForList(
                            "select idempotency_key || ' ' || shape from practice_event order by id", String.class));
            Long next = database.queryForObject(
                    "insert into practice_event (person_id, assignment_id, skill, item_id, idempotency_key, payload,"
                            + " at) values ('p', 'a', 's', 'i', 'new', '{}', now()) returning id",
                    Long.class);
            assertEquals(7, next, "numbers go on");
        }
    }
}
