package littlesummit.core.figure;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** Numbers as they stand in a picture, and where. */
final class Numbers {
    private static final int[] EVERY = {1, 2, 5, 10, 20, 50, 100};

    private Numbers() {}

    /** With a minus as wide as a plus, and no more places than needed. */
    static String text(double value) {
        double rounded = Math.round(value * 1e6) / 1e6;
        String plain = rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
        return plain.replace('-', '−');
    }

    /** Multiples of a step from one value to another. */
    static List<Double> marks(double from, double to, double step) {
        long first = (long) Math.ceil(from / step - 1e-9);
        long last = (long) Math.floor(to / step + 1e-9);
        return LongStream.rangeClosed(first, last).mapToObj(i -> i * step).toList();
    }

    /**
     * How many steps lie between two numbers that are written: every one where there is room for all, else each second,
     * fifth, tenth.
     */
    static int every(double from, double to, double step, int most) {
        return IntStream.of(EVERY)
                .filter(n -> (to - from) / (n * step) <= most)
                .findFirst()
                .orElse(EVERY[EVERY.length - 1]);
    }
}
