package littlesummit.bench.serving;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** How long requests took. */
final class Times {
    private final List<Long> nanos = Collections.synchronizedList(new ArrayList<>());

    void take(Runnable request) {
        since(System.nanoTime(), request);
    }

    /** @param begin when it was to be sent, as {@link System#nanoTime()} counts */
    void since(long begin, Runnable request) {
        request.run();
        nanos.add(System.nanoTime() - begin);
    }

    /**
     * The median of some requests, in milliseconds.
     *
     * @param warm requests before those that are timed
     */
    static double median(Runnable request, int warm, int times) {
        for (int i = 0; i < warm; i++) {
            request.run();
        }
        Times taken = new Times();
        for (int i = 0; i < times; i++) {
            taken.take(request);
        }
        return taken.percentile(50);
    }

    int count() {
        return nanos.size();
    }

    /**
     * @param percent 0 to 100
     * @return milliseconds
     */
    double percentile(int percent) {
        List<Long> sorted = nanos.stream().sorted().toList();
        return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100)) / 1e6;
    }

    double meanMillis() {
        return nanos.stream().mapToLong(n -> n).average().orElseThrow() / 1e6;
    }
}
