package littlesummit.app.exchange.archive.rows;

import org.flywaydb.core.Flyway;
import org.springframework.stereotype.Component;

/** The layout of the database, by the number of the last migration that made it. */
@Component
class Layout {
    private final Flyway flyway;

    Layout(Flyway flyway) {
        this.flyway = flyway;
    }

    String version() {
        return String.valueOf(flyway.info().current().getVersion());
    }
}
