package littlesummit.app.upkeep;

import java.time.Clock;
import java.util.List;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * On PostgreSQL the log of practice has a part for each {@link Term}: the one of now and the next are made before they
 * are needed. Elsewhere the log is one table, and nothing is done.
 */
@Component
class LogParts {
    /** A number for the lock: servers that start together do not make the same part twice. */
    private static final long LOCK = 20_260_801;

    private final JdbcTemplate database;
    private final DataFolder data;
    private final Clock clock;

    LogParts(JdbcTemplate database, DataFolder data, Clock clock) {
        this.database = database;
        this.data = data;
        this.clock = clock;
    }

    /** Before it is ready: a command that only looks at something ends the application then. */
    @EventListener(ApplicationStartedEvent.class)
    @Scheduled(cron = "0 40 2 * * *")
    @Transactional
    public void makeThoseToCome() {
        if (data.isElsewhere()) {
            Term now = Term.of(clock.instant());
            make(now);
            make(now.next());
        }
    }

    /** What was done in this term and stands in no part yet moves into the new one. */
    private void make(Term term) {
        database.queryForList("select pg_advisory_xact_lock(" + LOCK + ")");
        String part = "practice_event_" + term.suffix();
        if (isThere(part)) {
            return;
        }
        String in = "at >= '" + term.from() + "' and at < '" + term.to() + "'";
        database.execute("create table " + part + " (like practice_event including defaults)");
        database.update("with late as (delete from practice_event_other where " + in + " returning *) insert into "
                + part + " select * from late");
        database.execute("alter table practice_event attach partition " + part + " for values from ('" + term.from()
                + "') to ('" + term.to() + "')");
    }

    private boolean isThere(String part) {
        List<String> found = database.queryForList("select cast(to_regclass('" + part + "') as varchar)", String.class);
        return found.getFirst() != null;
    }
}
