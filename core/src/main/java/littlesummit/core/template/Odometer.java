package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;

/** Goes through all ways to answer the questions of {@link Picks}, like the wheels of a counter. */
final class Odometer implements Picks {
    private static final class Wheel {
        private final int size;
        private int value;

        private Wheel(int size) {
            this.size = size;
        }
    }

    private final List<Wheel> wheels = new ArrayList<>();
    private int next;

    @Override
    public int pick(int count) {
        if (next == wheels.size()) {
            wheels.add(new Wheel(count));
        }
        return wheels.get(next++).value;
    }

    /** Turns on to the next way; false when there is none. */
    boolean turn() {
        while (wheels.size() > next) {
            wheels.removeLast();
        }
        next = 0;
        while (!wheels.isEmpty() && wheels.getLast().value + 1 >= wheels.getLast().size) {
            wheels.removeLast();
        }
        if (wheels.isEmpty()) {
            return false;
        }
        wheels.getLast().value++;
        return true;
    }

    /** How many ways there are, as far as the wheels show that stand now. */
    double ways() {
        return wheels.stream().mapToDouble(wheel -> wheel.size).reduce(1, (a, b) -> a * b);
    }
}
