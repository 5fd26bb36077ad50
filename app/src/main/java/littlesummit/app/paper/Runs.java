package littlesummit.app.paper;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Json;
import littlesummit.core.item.Item;
import littlesummit.core.paper.SheetState;
import org.springframework.stereotype.Component;

/** Keeps where students stand with their copies. */
@Component
class Runs {
    private final RunRepository runs;
    private final ServedItems items;
    private final Json json;
    private final Clock clock;

    Runs(RunRepository runs, ServedItems items, Json json, Clock clock) {
        this.runs = runs;
        this.items = items;
        this.json = json;
        this.clock = clock;
    }

    /** A student's run. */
    record Run(RunEntity entity, SheetState state, List<String> itemIds) {}

    /** The run of a student, made when there is none: from then on the items are the student's own. */
    Run open(Person student, String code, List<Item> printed) {
        return find(code, student.id()).orElseGet(() -> {
            List<String> given = printed.stream()
                    .map(item -> items.give(student.id(), OwnChoice.PAPER, item).id())
                    .toList();
            return keep(new RunEntity(code, student.id()), SheetState.fresh(printed.size()), given);
        });
    }

    Optional<Run> find(String code, String personId) {
        return runs.findByCodeAndPersonId(code, personId).map(this::run);
    }

    Map<String, List<Run>> byCode(Collection<String> codes) {
        return runs.findByCodeIn(codes).stream().map(this::run).collect(Collectors.groupingBy(run -> run.entity()
                .code()));
    }

    boolean anyOf(Collection<String> codes) {
        return runs.existsByCodeIn(codes);
    }

    /** The run that an item of a student was given in. */
    Optional<Run> of(ServedItem served) {
        return runs.findByPersonId(served.personId()).stream()
                .map(this::run)
                .filter(run -> run.itemIds().contains(served.id()))
                .findFirst();
    }

    private Run run(RunEntity entity) {
        RunDto kept = json.read(entity.state(), entity.shape(), RunDto.SCHEMA);
        return new Run(entity, kept.toCore(), kept.itemIds());
    }

    Run keep(Run run, SheetState next) {
        return keep(run.entity(), next, run.itemIds());
    }

    private Run keep(RunEntity entity, SheetState state, List<String> itemIds) {
        entity.keep(json.write(RunDto.of(state, itemIds), RunDto.SCHEMA), RunDto.SCHEMA.newest(), clock.instant());
        return new Run(runs.saveAndFlush(entity), state, itemIds);
    }
}
