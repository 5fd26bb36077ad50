package littlesummit.app.upkeep;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.quiz.QuizRecord;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Looks at everything that a server stands on, and says of each in a sentence whether it is well. */
@Component
class Doctor {
    private static final long ENOUGH_ROOM = 1024L * 1024 * 1024;
    private static final Duration AHEAD = Duration.ofMinutes(5);
    private static final long MOST_DAYS = 2;
    private static final int SAMPLE = 200;

    private final JdbcTemplate database;
    private final Flyway migrations;
    private final DataFolder data;
    private final NightlyCopies copies;
    private final PracticeRecord practice;
    private final QuizRecord quizzes;
    private final Clock clock;

    Doctor(
            JdbcTemplate database,
            Flyway migrations,
            DataFolder data,
            NightlyCopies copies,
            PracticeRecord practice,
            QuizRecord quizzes,
            Clock clock) {
        this.database = database;
        this.migrations = migrations;
        this.data = data;
        this.copies = copies;
        this.practice = practice;
        this.quizzes = quizzes;
        this.clock = clock;
    }

    /**
     * One thing that was looked at.
     *
     * @param what such as “disk”
     * @param isWell whether nothing has to be done
     */
    record Finding(String what, boolean isWell, String sentence) {
        @Override
        public String toString() {
            return (isWell ? "well   " : "WRONG  ") + what + ": " + sentence;
        }
    }

    List<Finding> look() {
        return List.of(
                tried("program", this::program),
                tried("database", this::size),
                tried("migrations", this::migrated),
                tried("disk", this::disk),
                tried("clock", this::clock),
                tried("copies", this::copied),
                tried("replay", this::replayed));
    }

    /** Whatever cannot be looked at is not well. */
    private static Finding tried(String what, Supplier<Finding> look) {
        try {
            return look.get();
        } catch (RuntimeException fault) {
            return new Finding(what, false, "It could not be looked at: " + fault.getMessage() + ".");
        }
    }

    private Finding program() {
        return new Finding(
                "program",
                true,
                "Java " + Runtime.version().feature() + ", with room for "
                        + Runtime.getRuntime().maxMemory() / (1024 * 1024) + " MB in memory.");
    }

    private Finding size() {
        Long people = database.queryForObject("select count(*) from person", Long.class);
        String where = data.isThere()
                ? megabytes(size(data)) + " MB in " + data.database()
                : data.isElsewhere() ? "on a database server" : "in memory";
        return new Finding("database", true, people + " accounts, " + where + ".");
    }

    private static long size(DataFolder data) {
        try {
            return Files.size(data.database());
        } catch (IOException fault) {
            throw new IllegalStateException("there is no file " + data.database(), fault);
        }
    }

    private static long megabytes(long bytes) {
        return Math.ceilDiv(bytes, 1024 * 1024);
    }

    private Finding migrated() {
        int waiting = migrations.info().pending().length;
        String current = Optional.ofNullable(migrations.info().current())
                .map(now -> "The database is at version " + now.getVersion() + ".")
                .orElse("Nobody knows at which version the database is.");
        return waiting == 0
                ? new Finding("migrations", true, current)
                : new Finding(
                        "migrations", false, current + " " + waiting + " steps are still to be taken: start it once.");
    }

    private Finding disk() {
        if (data.isElsewhere()) {
            return new Finding("disk", true, "None is needed here. Look at the room of the database server.");
        }
        if (!data.isThere()) {
            return new Finding("disk", true, "The database needs none: it is in memory.");
        }
        long room = data.path().toFile().getUsableSpace();
        boolean isEnough = room > ENOUGH_ROOM && room > 3 * size(data);
        return new Finding(
                "disk",
                isEnough,
                megabytes(room) + " MB are free"
                        + (isEnough ? "." : ", which is too little for the database and its copies. Make room soon."));
    }

    /** What was done cannot have been done later than now. */
    private Finding clock() {
        Instant now = clock.instant();
        Instant last = Optional.ofNullable(database.queryForObject("select max(at) from practice_event", Instant.class))
                .orElse(Instant.EPOCH);
        return last.isAfter(now.plus(AHEAD))
                ? new Finding(
                        "clock", false, "Something was done at " + last + ", and the clock says " + now + ". Set it.")
                : new Finding("clock", true, "It says " + now.truncatedTo(ChronoUnit.SECONDS) + ".");
    }

    private Finding copied() {
        if (data.isElsewhere()) {
            return new Finding("copies", true, "A database server is copied by its own means: " + Backup.ELSEWHERE);
        }
        if (!data.isThere()) {
            return new Finding("copies", true, "None are made of a database in memory.");
        }
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return copies.last()
                .map(day -> new Finding(
                        "copies", ChronoUnit.DAYS.between(day, today) <= MOST_DAYS, "The last copy is of " + day + "."))
                .orElse(new Finding(
                        "copies",
                        false,
                        "There is none yet. One is made at night while it runs, or by ./summit backup FILE."));
    }

    private Finding replayed() {
        List<String> different = Stream.concat(practice.differences(SAMPLE).stream(), quizzes.differences().stream())
                .toList();
        return different.isEmpty()
                ? new Finding("replay", true, "The log gives the scores that are stored, in a sample.")
                : new Finding(
                        "replay",
                        false,
                        "The log gives other scores than are stored: " + String.join(", ", different) + ".");
    }
}
