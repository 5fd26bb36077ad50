package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;

/**
 * A union of finitely many intervals of the real line, in its one normal form: ascending, apart from one another. Equal
 * sets are found by comparing bounds exactly.
 */
public record RealSet(List<Interval> intervals) {
    public static final RealSet EMPTY = new RealSet(List.of());
    public static final RealSet ALL =
            new RealSet(List.of(new Interval(Optional.empty(), false, Optional.empty(), false)));

    /**
     * @param low empty for no lower bound
     * @param high empty for no upper bound
     */
    public record Interval(
            Optional<RationalFunction> low,
            boolean lowIncluded,
            Optional<RationalFunction> high,
            boolean highIncluded) {
        /** Whether it is a single number. */
        public boolean isPoint() {
            return low.isPresent() && high.isPresent() && Equality.compare(low.get(), high.get()) == 0;
        }

        private boolean includesAs(Interval other) {
            return lowIncluded == other.lowIncluded && highIncluded == other.highIncluded;
        }

        private boolean isEmpty() {
            if (low.isEmpty() || high.isEmpty()) {
                return false;
            }
            int order = Equality.compare(low.get(), high.get());
            return order > 0 || order == 0 && !(lowIncluded && highIncluded);
        }
    }

    public RealSet {
        intervals = List.copyOf(intervals);
    }

    public static RealSet of(Interval interval) {
        return interval.isEmpty() ? EMPTY : new RealSet(List.of(interval));
    }

    public static RealSet point(RationalFunction value) {
        return of(new Interval(Optional.of(value), true, Optional.of(value), true));
    }

    public static RealSet below(RationalFunction value, boolean included) {
        return of(new Interval(Optional.empty(), false, Optional.of(value), included));
    }

    public static RealSet above(RationalFunction value, boolean included) {
        return of(new Interval(Optional.of(value), included, Optional.empty(), false));
    }

    public RealSet complement() {
        List<Interval> gaps = new ArrayList<>();
        Optional<RationalFunction> from = Optional.empty();
        boolean fromIncluded = false;
        boolean open = true;
        for (Interval i : intervals) {
            if (i.low().isPresent()) {
                gaps.add(new Interval(from, fromIncluded, i.low(), !i.lowIncluded()));
            }
            from = i.high();
            fromIncluded = !i.highIncluded();
            open = i.high().isPresent();
        }
        if (open) {
            gaps.add(new Interval(from, fromIncluded, Optional.empty(), false));
        }
        return new RealSet(gaps.stream().filter(g -> !g.isEmpty()).toList());
    }

    public RealSet union(RealSet other) {
        List<Interval> all = new ArrayList<>(intervals);
        all.addAll(other.intervals);
        all.sort(RealSet::byLow);
        List<Interval> merged = new ArrayList<>();
        for (Interval next : all) {
            if (!merged.isEmpty() && touches(merged.getLast(), next)) {
                merged.add(joined(merged.removeLast(), next));
            } else {
                merged.add(next);
            }
        }
        return new RealSet(merged);
    }

    public RealSet intersection(RealSet other) {
        return complement().union(other.complement()).complement();
    }

    private static int byLow(Interval a, Interval b) {
        if (a.low().isEmpty() || b.low().isEmpty()) {
            return Boolean.compare(a.low().isPresent(), b.low().isPresent());
        }
        int order = Equality.compare(a.low().get(), b.low().get());
        return order != 0 ? order : Boolean.compare(b.lowIncluded(), a.lowIncluded());
    }

    private static boolean touches(Interval a, Interval b) {
        if (a.high().isEmpty() || b.low().isEmpty()) {
            return true;
        }
        int order = Equality.compare(a.high().get(), b.low().get());
        return order > 0 || order == 0 && (a.highIncluded() || b.lowIncluded());
    }

    private static Interval joined(Interval a, Interval b) {
        if (a.high().isEmpty() || b.high().isEmpty()) {
            return new Interval(a.low(), a.lowIncluded(), Optional.empty(), false);
        }
        int order = Equality.compare(a.high().get(), b.high().get());
        boolean included =
                order > 0 ? a.highIncluded() : order < 0 ? b.highIncluded() : a.highIncluded() || b.highIncluded();
        return new Interval(a.low(), a.lowIncluded(), order >= 0 ? a.high() : b.high(), included);
    }

    public boolean sameAs(RealSet other) {
        return inPairs(other, Interval::includesAs) && hasBoundsOf(other);
    }

    /** Whether the intervals end at the same places, whichever of these belong to them. */
    public boolean hasBoundsOf(RealSet other) {
        return inPairs(other, (a, b) -> sameBound(a.low(), b.low()) && sameBound(a.high(), b.high()));
    }

    private boolean inPairs(RealSet other, BiPredicate<Interval, Interval> agree) {
        return intervals.size() == other.intervals.size()
                && IntStream.range(0, intervals.size())
                        .allMatch(i -> agree.test(intervals.get(i), other.intervals.get(i)));
    }

    private static boolean sameBound(Optional<RationalFunction> a, Optional<RationalFunction> b) {
        return a.isPresent() && b.isPresent()
                ? Equality.compare(a.get(), b.get()) == 0
                : a.isPresent() == b.isPresent();
    }
}
