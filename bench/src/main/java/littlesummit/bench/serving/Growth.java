package littlesummit.bench.serving;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * How much slower the same requests of the same class are once the log holds millions of attempts of other classes, and
 * how much the file grows with each.
 */
final class Growth {
    private static final int STUDENTS = 40;
    private static final int ASSIGNMENTS = 10;
    private static final int WARM = 160;
    private static final int TIMES = 160;
    private static final int TRIES = 8;
    private static final int LIST_WARM = 20;
    private static final int LIST_TIMES = 25;

    private final Path data;
    private final long attempts;
    private ConfigurableApplicationContext server;
    private double startSeconds;

    private Growth(Path data, long attempts) {
        this.data = data;
        this.attempts = attempts;
    }

    static String measure(Path data, long attempts) {
        Growth growth = new Growth(data, attempts);
        try {
            return growth.table();
        } finally {
            growth.server.close();
        }
    }

    private String table() {
        start();
        FullClass full = new FullClass(server, STUDENTS);
        full.fillTo(ASSIGNMENTS);
        String place = full.set(1).getFirst();
        medians(full, place);
        restart();
        Map<String, Double> small = medians(full, place);
        long before = compacted();
        start();
        OtherClasses others = new OtherClasses(server, full);
        long rows = others.add(attempts);
        server.close();
        long loose = bytes() - before;
        start();
        Map<String, Double> large = medians(full, place);
        String parts = parts();
        long grown = compacted() - before;
        StringBuilder table = new StringBuilder(String.format(
                Locale.ROOT,
                "| request | log of one class | and %,d attempts of others | ratio |%n|---|---|---|---|%n",
                others.attempts()));
        small.forEach((what, ms) -> table.append(String.format(
                Locale.ROOT, "| %s | %.1f ms | %.1f ms | %.2f |%n", what, ms, large.get(what), large.get(what) / ms)));
        return table
                + String.format(
                        Locale.ROOT,
                        "%nThe file grew by %.0f bytes an attempt, and by %.0f before it was compacted: %,d rows in the"
                                + " log, with states and items given out.%n",
                        (double) grown / others.attempts(),
                        (double) loose / others.attempts(),
                        rows)
                + parts;
    }

    /** What share of the pages in use each of the large tables has, with its indexes. */
    private String parts() {
        JdbcTemplate database = server.getBean(JdbcTemplate.class);
        Map<String, Long> used = new LinkedHashMap<>();
        for (String table : new String[] {"PRACTICE_EVENT", "SERVED_ITEM", "PROGRESS"}) {
            used.put(table, database.queryForObject("select disk_space_used(?)", Long.class, table));
        }
        long all = used.values().stream().mapToLong(bytes -> bytes).sum();
        StringBuilder line = new StringBuilder("\nOf the pages in use, with indexes:");
        used.forEach((table, bytes) -> line.append(
                String.format(Locale.ROOT, " %s %.0f %%", table.toLowerCase(Locale.ROOT), 100.0 * bytes / all)));
        return line.append("\n").toString();
    }

    private void start() {
        long begin = System.nanoTime();
        server = Servers.app(data);
        while (!answers()) {
            Thread.onSpinWait();
        }
        startSeconds = (System.nanoTime() - begin) / 1e9;
    }

    /** Connections to a server that was there before may be tried once more. */
    private boolean answers() {
        try {
            new Visitor(Servers.address(server)).get("/api/session");
            return true;
        } catch (IllegalStateException notYet) {
            if (!server.isActive()) {
                throw notYet;
            }
            return false;
        }
    }

    private void restart() {
        server.close();
        start();
    }

    /** The size of the file once what is written over is given back. */
    private long compacted() {
        server.getBean(JdbcTemplate.class).execute("shutdown compact");
        server.close();
        return bytes();
    }

    private long bytes() {
        try (Stream<Path> files = Files.walk(data)) {
            return files.filter(file -> file.toString().endsWith(".mv.db"))
                    .mapToLong(file -> file.toFile().length())
                    .sum();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private Map<String, Double> medians(FullClass full, String place) {
        Map<String, Double> medians = new LinkedHashMap<>();
        medians.put("start, to the first answer", startSeconds * 1000);
        Pupil pupil = new Pupil(Servers.address(server), full.studentNames().getLast());
        pupil.open(place);
        medians.put("check an answer", checks(pupil));
        medians.put("open the practice", Times.median(() -> pupil.open(place), WARM, TIMES));
        medians.put("take the next item", Times.median(pupil::goOn, LIST_WARM, LIST_TIMES));
        Visitor instructor = Visitor.signedIn(Servers.address(server), full.instructorName(), "pw");
        Visitor student =
                Visitor.signedIn(Servers.address(server), full.studentNames().getFirst(), "pw");
        Lists.OF_INSTRUCTORS.forEach(
                list -> medians.put("`" + list + "`", Times.median(() -> instructor.get(list), LIST_WARM, LIST_TIMES)));
        Lists.OF_STUDENTS.forEach(
                list -> medians.put("`" + list + "`", Times.median(() -> student.get(list), LIST_WARM, LIST_TIMES)));
        return medians;
    }

    /** Only so many tries belong to an item; the way to the next one is not timed. */
    private static double checks(Pupil pupil) {
        Times taken = new Times();
        for (int i = 0; i < WARM + TIMES; i++) {
            if (i < WARM) {
                pupil.check();
            } else {
                taken.take(pupil::check);
            }
            if (i % TRIES == TRIES - 1) {
                pupil.goOn();
            }
        }
        return taken.percentile(50);
    }
}
