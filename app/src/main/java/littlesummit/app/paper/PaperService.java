package littlesummit.app.paper;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.app.content.FrozenItems;
import littlesummit.app.paper.Copies.Found;
import littlesummit.app.paper.PaperView.SheetRow;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import littlesummit.core.paper.MarkScale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sheets to work on paper: makes them, lists them, and takes away those that nobody has used. */
@Service
public class PaperService {
    private final SheetRepository sheets;
    private final CopyRepository copyRows;
    private final Copies copies;
    private final PaperShelf shelf;
    private final Runs runs;
    private final SheetMaker maker;
    private final FrozenItems frozen;
    private final PeopleService people;
    private final ScaleService scales;
    private final Json json;
    private final Clock clock;

    PaperService(
            SheetRepository sheets,
            CopyRepository copyRows,
            Copies copies,
            PaperShelf shelf,
            Runs runs,
            SheetMaker maker,
            FrozenItems frozen,
            PeopleService people,
            ScaleService scales,
            Json json,
            Clock clock) {
        this.sheets = sheets;
        this.copyRows = copyRows;
        this.copies = copies;
        this.shelf = shelf;
        this.runs = runs;
        this.maker = maker;
        this.frozen = frozen;
        this.people = people;
        this.scales = scales;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Makes a sheet: for the class by an instructor, for oneself by a student.
     *
     * @param id of the sheet; the same once more changes nothing, so that a resent request counts once
     * @throws Problem for what cannot be printed, or for a class without students when each of them is to get one
     */
    @Transactional
    public SheetRow make(Person person, String id, NewSheet wanted) {
        if (sheets.existsById(id)) {
            return row(person, copies.sheet(person, id));
        }
        maker.requireFit(person.classId(), wanted);
        List<Optional<String>> owners = owners(person, wanted);
        SheetEntity sheet = sheets.save(new SheetEntity(
                id,
                person.classId(),
                person.id(),
                wanted.title().strip(),
                clock.instant(),
                json.write(wanted.style())));
        for (int place = 0; place < owners.size(); place++) {
            List<PrintedItem> printed = maker.items(wanted).stream()
                    .map(item -> new PrintedItem(item.ref(), frozen.freeze(item)))
                    .toList();
            copyRows.save(new CopyEntity(freeCode(), sheet.id(), place, owners.get(place), printed));
        }
        copyRows.flush();
        return row(person, sheet);
    }

    private List<Optional<String>> owners(Person person, NewSheet wanted) {
        if (person.role() == Role.STUDENT) {
            return List.of(Optional.of(person.id()));
        }
        if (!wanted.each()) {
            return List.of(Optional.empty());
        }
        List<Student> students = people.students(person.classId());
        if (students.isEmpty()) {
            throw Problem.badRequest("There is nobody in the class yet. Make one sheet for all instead.");
        }
        return students.stream().map(s -> Optional.of(s.id())).toList();
    }

    private String freeCode() {
        return Stream.generate(PaperCode::next)
                .filter(code -> !copyRows.existsById(code))
                .findFirst()
                .orElseThrow();
    }

    /** All that a person may see. */
    @Transactional(readOnly = true)
    public PaperView.Shelf shelf(Person person) {
        return new PaperView.Shelf(shelf.rows(person, copies.of(person)));
    }

    private SheetRow row(Person person, SheetEntity sheet) {
        return shelf.rows(person, copies.of(sheet)).getFirst();
    }

    /** @throws Problem when somebody has opened a copy already, or it is not one's own */
    @Transactional
    public void remove(Person person, String sheetId) {
        SheetEntity sheet = copies.sheet(person, sheetId);
        List<Found> of = copies.of(sheet);
        if (runs.anyOf(of.stream().map(f -> f.copy().code()).toList())) {
            throw Problem.conflict("Somebody has begun this sheet already. It stays, so that nothing is lost.");
        }
        of.forEach(found -> copyRows.delete(found.copy()));
        sheets.delete(sheet);
    }

    /** Copies to print, with their items. */
    record Print(StyleDto style, List<PrintCopy> copies, MarkScale scale) {}

    record PrintCopy(String code, String title, Optional<String> student, List<Item> items) {}

    /** @throws Problem for a code that is none for this person */
    @Transactional(readOnly = true)
    Print print(Person person, String code) {
        Found found = copies.require(person, code);
        return print(found.sheet(), List.of(found));
    }

    /** All copies of a sheet. */
    @Transactional(readOnly = true)
    Print printAll(Person person, String sheetId) {
        SheetEntity sheet = copies.sheet(person, sheetId);
        return print(sheet, copies.of(sheet));
    }

    private Print print(SheetEntity sheet, List<Found> of) {
        Map<String, String> names = people.names(
                of.stream().flatMap(f -> f.copy().personId().stream()).toList());
        return new Print(
                json.read(sheet.style(), StyleDto.class),
                of.stream()
                        .map(f -> new PrintCopy(
                                f.copy().code(),
                                sheet.title(),
                                f.copy().personId().map(id -> names.getOrDefault(id, "")),
                                copies.items(f.copy())))
                        .toList(),
                scales.of(sheet.classId()));
    }
}
