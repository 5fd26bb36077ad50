package littlesummit.core.skill;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Numbers drawn from a seed: SplitMix64 (G. Steele, D. Lea, C. Flood, OOPSLA 2014), written out here so that a seed
 * gives the same item on every machine and Java version. Not shared between threads.
 */
public final class Draw {
    private static final int MOST_TRIES = 10_000;
    private long state;

    public Draw(long seed) {
        this.state = seed;
    }

    private long next() {
        state += 0x9E3779B97F4A7C15L;
        long z = (state ^ state >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        return z ^ z >>> 31;
    }

    /** A whole number, both ends included. */
    public int between(int low, int high) {
        if (low > high) {
            throw new IllegalArgumentException(low + " to " + high);
        }
        return low + (int) Math.floorMod(next() >>> 11, (long) high - low + 1);
    }

    /**
     * A whole number that fits.
     *
     * @throws IllegalStateException when none is found: the condition is our bug
     */
    public int between(int low, int high, IntPredicate fits) {
        for (int i = 0; i < MOST_TRIES; i++) {
            int n = between(low, high);
            if (fits.test(n)) {
                return n;
            }
        }
        throw new IllegalStateException("nothing fits between " + low + " and " + high);
    }

    public boolean coin() {
        return next() < 0;
    }

    public <T> T oneOf(List<T> items) {
        return items.get(between(0, items.size() - 1));
    }

    @SafeVarargs
    public final <T> T oneOf(T... items) {
        return items[between(0, items.length - 1)];
    }

    public <T> List<T> shuffled(List<T> items) {
        List<T> left = new ArrayList<>(items);
        List<T> drawn = new ArrayList<>();
        while (!left.isEmpty()) {
            drawn.add(left.remove(between(0, left.size() - 1)));
        }
        return drawn;
    }
}
