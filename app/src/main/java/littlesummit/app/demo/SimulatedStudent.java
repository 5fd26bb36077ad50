package littlesummit.app.demo;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.practice.PracticeService.Attempt;
import littlesummit.app.practice.PracticeService.Place;
import littlesummit.app.practice.PracticeView;
import littlesummit.app.served.ServedItems;
import littlesummit.app.working.InkService;
import littlesummit.app.working.WorkLine;
import littlesummit.app.working.WorkService;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.practice.Policy;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Works through items the way a student would, through the same service as the screen. */
@Component
@ConditionalOnProperty("summit.demo")
class SimulatedStudent {
    private static final String FIRST = "scientific-notation";
    private final PracticeService practice;
    private final ServedItems items;
    private final WorkService work;
    private final InkService ink;
    private final PastClock clock;
    private final AtomicInteger keys = new AtomicInteger();

    SimulatedStudent(PracticeService practice, ServedItems items, WorkService work, InkService ink, PastClock clock) {
        this.ink = ink;
        this.clock = clock;
        this.practice = practice;
        this.items = items;
        this.work = work;
    }

    private String key() {
        return "demo-" + keys.getAndIncrement();
    }

    /**
     * @param count items to work
     * @param skillfulness chance in percent of answering right
     */
    void work(Person person, Assignment assignment, String skill, int count, int skillfulness) {
        Place place = new Place(person, assignment.id(), skill);
        Random chance = new Random(person.username().hashCode());
        clock.pass(Duration.ofSeconds(20));
        String itemId = practice.currentItem(place);
        for (int i = 0; i < count; i++) {
            clock.pass(Duration.ofSeconds(50 + chance.nextInt(80)));
            if (assignment.policy().work() == Policy.Work.REQUIRED) {
                write(person, itemId, chance);
            }
            answer(place, itemId, chance.nextInt(100) < skillfulness);
            itemId = practice.next(place, itemId, PracticeService.Onward.LIKE, key())
                    .item()
                    .id();
        }
    }

    /**
     * Works on a skill until its target is reached, or there was enough of it.
     *
     * @return whether it is reached
     */
    boolean workUntilReached(Person person, Assignment assignment, String skill, int most, int skillfulness) {
        Place place = new Place(person, assignment.id(), skill);
        Random chance = new Random((person.username() + assignment.title() + skill).hashCode());
        boolean reached = false;
        clock.pass(Duration.ofSeconds(20));
        String itemId = practice.currentItem(place);
        for (int i = 0; i < most && !reached; i++) {
            clock.pass(Duration.ofSeconds(50 + chance.nextInt(80)));
            if (assignment.policy().work() == Policy.Work.REQUIRED) {
                write(person, itemId, chance);
            }
            answer(place, itemId, chance.nextInt(100) < skillfulness);
            PracticeView after = practice.next(place, itemId, PracticeService.Onward.NEXT, key());
            itemId = after.item().id();
            reached = after.target().reached() || after.target().reachedWaiting();
        }
        return reached;
    }

    /**
     * The item that a student is in, left open with a wrong first try.
     *
     * @return its id
     */
    String stopAt(Person person, Assignment assignment, String skill) {
        Place place = new Place(person, assignment.id(), skill);
        String itemId = practice.currentItem(place);
        clock.pass(Duration.ofSeconds(90));
        practice.check(
                place,
                new Attempt(
                        itemId,
                        0,
                        entries(items.require(person, itemId).item().parts().getFirst(), false, 0),
                        true),
                key());
        return itemId;
    }

    /** Lines as one who knows the way writes them, at times with a word, and with something drawn. */
    private void write(Person person, String itemId, Random chance) {
        Item item = items.require(person, itemId).item();
        List<WorkLine> lines = new ArrayList<>();
        item.worked().stream()
                .filter(step -> !step.math().isEmpty())
                .limit(2 + chance.nextInt(4))
                .forEach(step -> lines.add(new WorkLine(step.math(), false)));
        if (chance.nextBoolean()) {
            lines.add(1, new WorkLine("the same on both sides", false));
        }
        work.save(person, itemId, lines, Optional.empty());
        if (chance.nextInt(3) == 0) {
            ink.change(person, itemId, DemoInk.balance(), List.of());
        }
    }

    private void answer(Place place, String itemId, boolean right) {
        Item item = items.require(place.person(), itemId).item();
        if (item.isDrawn()) {
            ink.change(place.person(), itemId, DemoInk.bar(), List.of());
        }
        int part = 0;
        while (part < item.parts().size() && solves(place, itemId, item, part, right)) {
            part++;
        }
    }

    /** @return whether the next part waits to be answered */
    private boolean solves(Place place, String itemId, Item item, int part, boolean right) {
        int tries = right ? 1 : 3;
        PracticeView.ItemView seen = attempt(place, itemId, item, part, right, 0);
        for (int i = 1; i < tries && isIn(seen, part); i++) {
            seen = attempt(place, itemId, item, part, right, i);
        }
        return isIn(seen, part + 1);
    }

    private PracticeView.ItemView attempt(Place place, String itemId, Item item, int part, boolean right, int tried) {
        Map<String, String> entries = entries(item.parts().get(part), right, tried);
        return practice.check(place, new Attempt(itemId, part, entries, true), key())
                .view()
                .item();
    }

    private static boolean isIn(PracticeView.ItemView item, int part) {
        return item.outcome().isEmpty() && item.currentPart() == part;
    }

    static Map<String, String> entries(Part part, boolean right, int attempt) {
        Map<String, String> entries = new HashMap<>();
        for (Field field : part.fields()) {
            List<String> wrong = field.mistakes().stream()
                    .filter(m -> !m.slip().equals("coefficient-range"))
                    .map(m -> m.entry())
                    .toList();
            entries.put(
                    field.id(), right || wrong.isEmpty() ? field.answer().key() : wrong.get(attempt % wrong.size()));
        }
        return entries;
    }

    /** Some items done, one of them missed, and now in an item with a hint open, lines written and an entry begun. */
    void inTheMiddle(Person person, Assignment assignment) {
        Place place = new Place(person, assignment.id(), FIRST);
        for (boolean right : new boolean[] {true, true, true, false, true}) {
            clock.pass(Duration.ofSeconds(70));
            String itemId = practice.currentItem(place);
            answer(place, itemId, right);
            practice.next(place, itemId, PracticeService.Onward.LIKE, key());
        }
        String itemId = practice.currentItem(place);
        practice.hint(place, itemId, key());
        Item item = items.require(person, itemId).item();
        work.save(
                person,
                itemId,
                List.of(new WorkLine(item.given() + " = ", false), new WorkLine("count the places", false)),
                Optional.empty());
        items.keepDraft(person, itemId, List.of(Map.of("answer", item.given().substring(0, 2))), Optional.empty());
    }
}
