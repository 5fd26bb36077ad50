package littlesummit.app.practice;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import littlesummit.app.content.ItemRefDto;
import littlesummit.app.web.Schema;
import littlesummit.core.practice.PracticeEvent;

/**
 * An event as the log keeps it. A new kind of event is a new record here; a change of an old one is a new shape, with a
 * lift for what was written before (docs/reference/events.md).
 */
sealed interface PracticeEventDto {
    Schema<PracticeEventDto> SCHEMA = new Schema<>(PracticeEventDto.class, List.of(PracticeEventDto::withRead));

    /** In the first shape no item was read by a person unless the assignment wanted work. */
    private static ObjectNode withRead(ObjectNode event) {
        return event.at("/kind").asText().equals("Served") ? event.put("read", false) : event;
    }

    record Served(
            Instant at,
            String itemId,
            ItemRefDto ref,
            boolean similar,
            double guess,
            List<Integer> tries,
            int slot,
            boolean read)
            implements PracticeEventDto {}

    record Tried(Instant at, String itemId, int part, String result, Map<String, String> entries)
            implements PracticeEventDto {}

    record HintOpened(Instant at, String itemId, int part, int count) implements PracticeEventDto {}

    record ExampleOpened(Instant at, String itemId) implements PracticeEventDto {}

    record SolutionOpened(Instant at, String itemId) implements PracticeEventDto {}

    record GivenUp(Instant at, String itemId) implements PracticeEventDto {}

    record WorkShown(Instant at, String itemId) implements PracticeEventDto {}

    record WorkRead(Instant at, String itemId, int credit) implements PracticeEventDto {}

    static PracticeEventDto of(PracticeEvent event) {
        return switch (event) {
            case PracticeEvent.Served e ->
                new Served(
                        e.at(),
                        e.itemId(),
                        ItemRefDto.of(e.ref()),
                        e.similar(),
                        e.guess(),
                        e.tries(),
                        e.slot(),
                        e.read());
            case PracticeEvent.Tried e ->
                new Tried(e.at(), e.itemId(), e.part(), e.result().name(), e.entries());
            case PracticeEvent.HintOpened e -> new HintOpened(e.at(), e.itemId(), e.part(), e.count());
            case PracticeEvent.ExampleOpened e -> new ExampleOpened(e.at(), e.itemId());
            case PracticeEvent.SolutionOpened e -> new SolutionOpened(e.at(), e.itemId());
            case PracticeEvent.GivenUp e -> new GivenUp(e.at(), e.itemId());
            case PracticeEvent.WorkShown e -> new WorkShown(e.at(), e.itemId());
            case PracticeEvent.WorkRead e -> new WorkRead(e.at(), e.itemId(), e.credit());
        };
    }

    default PracticeEvent toCore() {
        return switch (this) {
            case Served e ->
                new PracticeEvent.Served(e.at, e.itemId, e.ref.toCore(), e.similar, e.guess, e.tries, e.slot, e.read);
            case Tried e ->
                new PracticeEvent.Tried(e.at, e.itemId, e.part, PracticeEvent.Result.valueOf(e.result), e.entries);
            case HintOpened e -> new PracticeEvent.HintOpened(e.at, e.itemId, e.part, e.count);
            case ExampleOpened e -> new PracticeEvent.ExampleOpened(e.at, e.itemId);
            case SolutionOpened e -> new PracticeEvent.SolutionOpened(e.at, e.itemId);
            case GivenUp e -> new PracticeEvent.GivenUp(e.at, e.itemId);
            case WorkShown e -> new PracticeEvent.WorkShown(e.at, e.itemId);
            case WorkRead e -> new PracticeEvent.WorkRead(e.at, e.itemId, e.credit);
        };
    }
}
