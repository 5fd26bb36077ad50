package littlesummit.app;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.io.UncheckedIOException;

/**
 * The database that the tests of the server run on: H2 in memory, or, with {@code -Dpostgres=true}, a PostgreSQL that
 * is there as long as they run.
 */
public final class TestDatabase {
    private TestDatabase() {}

    private static final class Postgres {
        private static final EmbeddedPostgres RUNNING = started();

        private static EmbeddedPostgres started() {
            try {
                return EmbeddedPostgres.builder()
                        .setServerConfig("fsync", "off")
                        .setServerConfig("max_connections", "60")
                        .start();
            } catch (IOException fault) {
                throw new UncheckedIOException(fault);
            }
        }
    }

    public static boolean isPostgres() {
        return Boolean.getBoolean("postgres");
    }

    static String url() {
        return isPostgres() ? Postgres.RUNNING.getJdbcUrl("postgres", "postgres") : "jdbc:h2:mem:api";
    }

    static String user() {
        return isPostgres() ? "postgres" : "summit";
    }
}
