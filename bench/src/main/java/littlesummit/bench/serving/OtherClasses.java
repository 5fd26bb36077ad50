package littlesummit.bench.serving;

import java.util.UUID;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Other classes of a large school, whose students have all done what one student has: quickly made, row by row in the
 * database. Their items were given out for themselves; what an item says is kept once for all.
 */
final class OtherClasses {
    private static final int STUDENTS = 30;
    /** What each student has been set in some years. */
    private static final int ASSIGNMENTS = 120;

    private static final int KILOBYTES = 1024;

    private final JdbcTemplate database;
    private final TransactionTemplate inOneGo;
    private final String worker;
    private final String assignment;
    private final long attemptsOfOne;
    private long attempts;

    OtherClasses(ApplicationContext server, FullClass full) {
        database = server.getBean(JdbcTemplate.class);
        inOneGo = new TransactionTemplate(server.getBean(PlatformTransactionManager.class));
        worker = full.worker();
        assignment = full.workedOn();
        attemptsOfOne = database.queryForObject(
                "select count(*) from practice_event where person_id = ? and assignment_id = ? and payload like ?",
                Long.class,
                worker,
                assignment,
                "%\"entries\"%");
    }

    long attempts() {
        return attempts;
    }

    /**
     * Adds classes until there are so many attempts.
     *
     * @return rows that the log has got
     */
    long add(long wanted) {
        int cache = database.queryForObject(
                "select setting_value from information_schema.settings where setting_name = 'info.CACHE_MAX_SIZE'",
                Integer.class);
        writeRarely();
        long rows = 0;
        String classId = "";
        for (int student = 0; attempts < wanted; student++) {
            if (student % STUDENTS == 0) {
                classId = UUID.randomUUID().toString();
                database.update("insert into school_class (id, name) values (?, ?)", classId, "Class " + student);
                System.err.printf("%,d of %,d attempts ...%n", attempts, wanted);
            }
            int number = student;
            String inClass = classId;
            rows += inOneGo.execute(nothing -> student(number, inClass));
            attempts += ASSIGNMENTS * attemptsOfOne;
        }
        writeAsUsual(cache * KILOBYTES);
        return rows;
    }

    /** Much is written between two savings, so that pages of the indexes are written once and not again and again. */
    private void writeRarely() {
        database.execute("set write_delay 60000");
        database.execute("set cache_size 1500000");
        database.execute("set retention_time 0");
    }

    /** The database remembers how it was told to write. */
    private void writeAsUsual(int cache) {
        database.execute("set write_delay 0");
        database.execute("set cache_size " + cache);
        database.execute("set retention_time 45000");
    }

    private long student(int number, String classId) {
        String id = UUID.randomUUID().toString();
        database.update(
                "insert into person (id, username, name, role, password_hash, class_id, wrong_tries) values"
                        + " (?, ?, ?, 'STUDENT', '', ?, 0)",
                id,
                "other-" + number,
                "Student " + number,
                classId);
        // One of these: the first eight characters of what it is a copy of, the student, the assignment.
        String copy = "substring(%s, 1, 8) || '-" + number + "-' || n.x";
        String assignments = "system_range(1, " + ASSIGNMENTS + ") n";
        database.update(
                "insert into progress (id, person_id, assignment_id, skill, state, score, reached, version, summarised,"
                        + " stands, missed_lately, last_at) select random_uuid(), ?, " + copy.formatted("assignment_id")
                        + ", skill, state, score, reached, 0, true, stands, missed_lately, last_at from progress, "
                        + assignments + " where person_id = ? and assignment_id = ?",
                id,
                worker,
                assignment);
        database.update(
                "insert into served_item (id, person_id, assignment_id, skill, number, version, tier, variant, seed,"
                        + " fingerprint, example_seed, draft, content_id) select " + copy.formatted("id") + ", ?, "
                        + copy.formatted("assignment_id")
                        + ", skill, number, version, tier, variant, seed, fingerprint, example_seed, draft, content_id"
                        + " from served_item, " + assignments + " where person_id = ? and assignment_id = ?",
                id,
                worker,
                assignment);
        return database.update(
                "insert into practice_event (person_id, assignment_id, skill, item_id, idempotency_key, shape, payload,"
                        + " at) select ?, " + copy.formatted("assignment_id") + ", skill, " + copy.formatted("item_id")
                        + ", random_uuid(), shape, payload, dateadd(day, -n.x, at) from practice_event, " + assignments
                        + " where person_id = ? and assignment_id = ?",
                id,
                worker,
                assignment);
    }
}
