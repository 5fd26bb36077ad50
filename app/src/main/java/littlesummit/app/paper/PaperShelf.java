package littlesummit.app.paper;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.paper.Copies.Found;
import littlesummit.app.paper.PaperView.CopyRow;
import littlesummit.app.paper.PaperView.SheetRow;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.paper.MarkScale;
import littlesummit.core.paper.MarkScheme;
import littlesummit.core.paper.SelfMark;
import org.springframework.stereotype.Component;

/** Sheets in a list, with how far everybody is; in a handful of queries, however many there are. */
@Component
class PaperShelf {
    private final Copies copies;
    private final Runs runs;
    private final PeopleService people;
    private final ScaleService scales;

    PaperShelf(Copies copies, Runs runs, PeopleService people, ScaleService scales) {
        this.copies = copies;
        this.runs = runs;
        this.people = people;
        this.scales = scales;
    }

    /**
     * What all rows need.
     *
     * @param done by code
     * @param names by id of the person
     * @param scales by id of the class
     */
    private record Known(
            Person reader, Map<String, List<Runs.Run>> done, Map<String, String> names, Map<String, MarkScale> scales) {
        List<Runs.Run> done(Found found) {
            return done.getOrDefault(found.copy().code(), List.of());
        }

        String name(String id) {
            return names.getOrDefault(id, "");
        }
    }

    /** One row a sheet, in the order in which they come. */
    List<SheetRow> rows(Person reader, List<Found> found) {
        Known known = known(reader, found);
        return found.stream()
                .collect(Collectors.groupingBy(f -> f.sheet().id(), LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(of -> row(known, of))
                .toList();
    }

    private Known known(Person reader, List<Found> found) {
        Map<String, List<Runs.Run>> done =
                runs.byCode(found.stream().map(f -> f.copy().code()).toList());
        Map<String, MarkScale> byClass = new HashMap<>();
        found.forEach(f -> byClass.computeIfAbsent(f.sheet().classId(), scales::of));
        return new Known(reader, done, people.names(ids(found, done.values())), byClass);
    }

    private static List<String> ids(List<Found> found, Collection<List<Runs.Run>> done) {
        return Stream.of(
                        found.stream().map(f -> f.sheet().makerId()),
                        found.stream().flatMap(f -> f.copy().personId().stream()),
                        done.stream().flatMap(List::stream).map(r -> r.entity().personId()))
                .flatMap(ids -> ids)
                .distinct()
                .toList();
    }

    private SheetRow row(Known known, List<Found> of) {
        SheetEntity sheet = of.getFirst().sheet();
        return new SheetRow(
                sheet.id(),
                sheet.title(),
                sheet.madeAt(),
                known.name(sheet.makerId()),
                of.getFirst().copy().items().size(),
                sheet.makerId().equals(known.reader().id())
                        && of.stream().allMatch(f -> known.done(f).isEmpty()),
                of.stream().map(f -> copyRow(known, f)).toList());
    }

    private CopyRow copyRow(Known known, Found found) {
        List<MarkScheme> schemes = PaperViews.schemes(copies.items(found.copy()));
        return new CopyRow(
                found.copy().code(),
                found.copy().personId().map(known::name),
                SelfMark.most(schemes),
                known.done(found).stream()
                        .filter(r -> known.reader().role() == Role.INSTRUCTOR
                                || r.entity().personId().equals(known.reader().id()))
                        .map(r -> PaperViews.done(
                                r,
                                known.name(r.entity().personId()),
                                schemes,
                                known.scales().get(found.sheet().classId())))
                        .toList());
    }
}
