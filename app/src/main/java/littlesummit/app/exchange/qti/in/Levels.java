package littlesummit.app.exchange.qti.in;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** At which levels the items of a file are practised: a skill has three, a file may have fewer. */
final class Levels {
    private static final int ALL = 3;

    private Levels() {}

    /**
     * Those of an item that was made for a level: that one, and those for which the file has no item while this is the
     * nearest, the easier of two.
     */
    static List<Integer> of(int level, List<Taken> items) {
        Set<Integer> there = items.stream()
                .filter(Taken.Whole.class::isInstance)
                .map(item -> ((Taken.Whole) item).item().ref().tier())
                .collect(Collectors.toCollection(TreeSet::new));
        List<Integer> levels = new ArrayList<>();
        for (int wanted = 1; wanted <= ALL; wanted++) {
            if (nearest(wanted, there) == level) {
                levels.add(wanted);
            }
        }
        return levels;
    }

    private static int nearest(int wanted, Set<Integer> there) {
        return there.stream()
                .reduce((a, b) -> Math.abs(b - wanted) < Math.abs(a - wanted) ? b : a)
                .orElse(wanted);
    }

    /** What each level asks, as far as anybody can say. */
    static Map<String, String> asks(boolean areWhole) {
        Map<String, String> asks = new LinkedHashMap<>();
        for (int level = 1; level <= ALL; level++) {
            asks.put(
                    "tier " + level,
                    areWhole ? "The items of level " + level + " as they came from a file" : QtiItemReader.TO_WRITE);
        }
        return asks;
    }
}
