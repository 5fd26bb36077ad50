package littlesummit.bench.serving;

import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/** Checking an answer (read the state, grade, append, update) beside a bare endpoint that inserts a row. */
final class Answers {
    private static final int VISITORS = 4;
    private static final int WARM = 2500;
    private static final int REQUESTS = 1500;
    private static final int TRIES = 8;
    private static final int IN_A_PLACE = 80;
    private static final int PLACES = (WARM + REQUESTS) / IN_A_PLACE + 1;

    private Answers() {}

    static String measure(Servers servers) {
        FullClass full = new FullClass(servers.app(), VISITORS);
        List<String> places = full.set(PLACES);
        Times checks = new Times();
        all(visitor -> answer(servers, full.studentNames().get(visitor), places, checks));
        Times inserts = new Times();
        all(visitor -> insert(servers, inserts));
        double ratio = inserts.meanMillis() / checks.meanMillis();
        return String.format(
                Locale.ROOT,
                "| request, %d at a time | mean | 99th percentile |%n|---|---|---|%n| check an answer | %.2f ms | %.1f"
                        + " ms |%n| insert a row, bare | %.2f ms | %.1f ms |%n%nAnswers are checked at %.2f of the"
                        + " throughput of the bare endpoint.%n",
                VISITORS,
                checks.meanMillis(),
                checks.percentile(99),
                inserts.meanMillis(),
                inserts.percentile(99),
                ratio);
    }

    private static void all(IntConsumer visit) {
        try (ExecutorService visitors = Executors.newFixedThreadPool(VISITORS)) {
            List<Future<?>> done = IntStream.range(0, VISITORS)
                    .<Future<?>>mapToObj(v -> visitors.submit(() -> visit.accept(v)))
                    .toList();
            for (Future<?> one : done) {
                one.get();
            }
        } catch (InterruptedException | ExecutionException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static void answer(Servers servers, String username, List<String> places, Times times) {
        Pupil pupil = new Pupil(servers.appAddress(), username);
        for (int i = 0; i < WARM + REQUESTS; i++) {
            if (i % IN_A_PLACE == 0) {
                pupil.open(places.get(i / IN_A_PLACE));
            }
            if (i < WARM) {
                pupil.check();
            } else {
                times.take(pupil::check);
            }
            if (i % TRIES == TRIES - 1) {
                pupil.goOn();
            }
        }
    }

    private static void insert(Servers servers, Times times) {
        Visitor visitor = new Visitor(servers.bareAddress());
        for (int i = 0; i < WARM + REQUESTS; i++) {
            String body = "{\"text\":\"" + i + "\"}";
            if (i < WARM) {
                visitor.post("/rows", body);
            } else {
                times.take(() -> visitor.post("/rows", body));
            }
        }
    }
}
