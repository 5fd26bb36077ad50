package littlesummit.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * Time on task, told from the moments at which something was done: what lies between two of them is work, unless it is
 * too long.
 */
public final class ActiveTime {
    /** What takes longer than this between two moments is a pause. Common practice; no source. */
    public static final Duration PAUSE = Duration.ofMinutes(10);

    private ActiveTime() {}

    /** @param moments in any order */
    public static Duration of(List<Instant> moments) {
        return byDay(moments, ZoneId.of("Z")).values().stream().reduce(Duration.ZERO, Duration::plus);
    }

    /** Days without any are left out; what reaches over midnight counts for the later day. */
    public static SortedMap<LocalDate, Duration> byDay(List<Instant> moments, ZoneId zone) {
        SortedMap<LocalDate, Duration> days = new TreeMap<>();
        List<Instant> inOrder = moments.stream().sorted().toList();
        for (int i = 1; i < inOrder.size(); i++) {
            Duration gap = Duration.between(inOrder.get(i - 1), inOrder.get(i));
            if (gap.compareTo(PAUSE) < 0 && !gap.isZero()) {
                days.merge(LocalDate.ofInstant(inOrder.get(i), zone), gap, Duration::plus);
            }
        }
        return days;
    }
}
