package littlesummit.bench.serving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;

/**
 * Three hundred students, each of whom answers at a steady pace, then faster and faster: how long an answer takes, and
 * when the server can no more. An answer is timed from the moment it was to be sent, so that waiting for one's turn
 * counts.
 */
final class Load {
    private static final int STUDENTS = 300;
    /** Between two answers of a student, in milliseconds: the pace that is asked for, then faster. */
    private static final List<Integer> PACES = List.of(5000, 3000, 2000, 1500, 1000);

    private static final Duration WARM = Duration.ofSeconds(30);
    private static final Duration FASTER = Duration.ofMinutes(1);
    private final List<Pupil> pupils = new ArrayList<>();

    private Load(Servers servers) {
        FullClass full = new FullClass(servers.app(), STUDENTS);
        String place = full.set(1).getFirst();
        for (String name : full.studentNames()) {
            Pupil pupil = new Pupil(servers.appAddress(), name);
            pupil.open(place);
            pupils.add(pupil);
        }
    }

    /** @param steady how long the first pace is kept up */
    static String measure(Servers servers, Duration steady) {
        Load load = new Load(servers);
        load.run(PACES.getFirst(), WARM);
        double before = liveMegabytes();
        StringBuilder table = new StringBuilder(
                "| 300 students, an answer every | asked for | carried | median | 99th percentile | errors |\n"
                        + "|---|---|---|---|---|---|\n");
        for (int pace : PACES) {
            table.append(load.run(pace, pace == PACES.getFirst() ? steady : FASTER));
        }
        return table
                + String.format(
                        Locale.ROOT,
                        "%nThe live heap (server and visitors) was %.0f MB before and is %.0f MB after.%n",
                        before,
                        liveMegabytes());
    }

    private static double liveMegabytes() {
        System.gc();
        return (Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory()) / 1e6;
    }

    private String run(int paceMillis, Duration length) {
        Times times = new Times();
        AtomicInteger errors = new AtomicInteger();
        long begin = System.nanoTime();
        long end = begin + length.toNanos();
        try (ExecutorService all = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int i = 0; i < STUDENTS; i++) {
                long first = begin + i * paceMillis * 1_000_000L / STUDENTS;
                Pupil pupil = pupils.get(i);
                all.submit(() -> answer(pupil, first, end, paceMillis * 1_000_000L, times, errors));
            }
        }
        double seconds = (System.nanoTime() - begin) / 1e9;
        return String.format(
                Locale.ROOT,
                "| %.1f s | %.0f /s | %.0f /s | %.1f ms | %.1f ms | %d |%n",
                paceMillis / 1000.0,
                STUDENTS * 1000.0 / paceMillis,
                times.count() / seconds,
                times.percentile(50),
                times.percentile(99),
                errors.get());
    }

    private static void answer(Pupil pupil, long first, long end, long pace, Times times, AtomicInteger errors) {
        int answers = 0;
        for (long due = first; due < end; due += pace) {
            LockSupport.parkNanos(due - System.nanoTime());
            try {
                times.since(due, pupil::check);
                if (++answers % 2 == 0) {
                    pupil.goOn();
                }
            } catch (IllegalStateException refused) {
                errors.incrementAndGet();
            }
        }
    }
}
