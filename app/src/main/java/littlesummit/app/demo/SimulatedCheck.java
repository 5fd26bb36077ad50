package littlesummit.app.demo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import littlesummit.app.people.Person;
import littlesummit.app.placement.CheckView;
import littlesummit.app.placement.PlacementService;
import littlesummit.app.served.ServedItems;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Takes the starting-point check the way a student would, through the same service as the screen. */
@Component
@ConditionalOnProperty("summit.demo")
class SimulatedCheck {
    private final PlacementService placement;
    private final ServedItems items;

    SimulatedCheck(PlacementService placement, ServedItems items) {
        this.placement = placement;
        this.items = items;
    }

    /** @param knows skills; all others are new to the student */
    void wholeCourse(Person person, List<String> knows) {
        Optional<CheckView.RunningCheck> running = placement.start(person, true).running();
        while (running.isPresent()) {
            String id = running.get().item().id();
            Item item = items.require(person, id).item();
            boolean known = knows.contains(item.ref().skill());
            running = placement
                    .answer(
                            person,
                            id,
                            known
                                    ? item.parts().stream()
                                            .map(SimulatedCheck::right)
                                            .toList()
                                    : List.of(),
                            !known,
                            UUID.randomUUID().toString())
                    .running();
        }
    }

    /** A short check of what is due, if anything is, in which some skills have become strange. */
    void shortOne(Person person, List<String> strange) {
        if (placement.view(person).due().isEmpty()) {
            return;
        }
        Optional<CheckView.RunningCheck> running =
                placement.start(person, false).running();
        while (running.isPresent()) {
            String id = running.get().item().id();
            Item item = items.require(person, id).item();
            boolean isNew = strange.contains(item.ref().skill());
            running = placement
                    .answer(
                            person,
                            id,
                            isNew
                                    ? List.of()
                                    : item.parts().stream()
                                            .map(SimulatedCheck::right)
                                            .toList(),
                            isNew,
                            UUID.randomUUID().toString())
                    .running();
        }
    }

    private static Map<String, String> right(Part part) {
        Map<String, String> entries = new HashMap<>();
        part.fields().forEach(f -> entries.put(f.id(), f.answer().key()));
        return entries;
    }
}
