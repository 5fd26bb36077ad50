package littlesummit.content.code.measure;

import java.util.stream.IntStream;

/**
 * A dial on which a mass can be read, because the hand stands on a mark.
 *
 * @param step from mark to mark
 * @param max at the last mark
 */
record Dial(int step, int max) {
    private static final int[] STEPS = {1, 2, 5, 10, 20, 50, 100};
    /** More marks than these stand too close. */
    private static final int MOST_MARKS = 40;

    /** Whether there is such a dial. */
    static boolean reads(int mass) {
        return IntStream.of(STEPS).anyMatch(step -> fits(mass, step));
    }

    private static boolean fits(int mass, int step) {
        return mass % step == 0 && mass / step <= MOST_MARKS;
    }

    /** The one with the finest marks. */
    static Dial of(int mass) {
        int step = IntStream.of(STEPS).filter(s -> fits(mass, s)).findFirst().orElseThrow();
        return new Dial(step, (mass / step + 3) * step);
    }
}
