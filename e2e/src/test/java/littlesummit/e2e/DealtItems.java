package littlesummit.e2e;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import java.util.function.LongFunction;
import java.util.function.Predicate;
import littlesummit.app.served.Dealer;
import littlesummit.core.item.Item;

/**
 * The same items in every run, and of a skill only those that a test asks for: a test that needs an item to type in
 * says so, and does not wait for luck.
 */
final class DealtItems implements Dealer {
    /** Draws after which no item of a skill is what a test asks for. */
    private static final int MOST_DRAWS = 5000;

    private static final String DEMO = "demo-";
    private final Random seeds = new Random(20);
    /** Students of the demo work side by side, each in a thread of a name: what one gets depends on no other. */
    private final Map<String, Random> students = new HashMap<>();

    private final Map<String, Predicate<Item>> asked = new HashMap<>();

    /** From now on, of this skill, only such items. */
    synchronized void ask(String skill, Predicate<Item> wanted) {
        asked.put(skill, wanted);
    }

    private long seed() {
        String thread = Thread.currentThread().getName();
        return thread.startsWith(DEMO)
                ? students.computeIfAbsent(thread, name -> new Random(name.hashCode()))
                        .nextLong()
                : seeds.nextLong();
    }

    @Override
    public synchronized Item deal(LongFunction<Item> maker) {
        Item item = maker.apply(seed());
        Predicate<Item> wanted = asked.getOrDefault(item.ref().skill(), any -> true);
        for (int draw = 0; draw < MOST_DRAWS; draw++) {
            if (wanted.test(item)) {
                return item;
            }
            item = maker.apply(seed());
        }
        throw new IllegalStateException("no item of " + item.ref().skill() + " is as the test asks");
    }
}
