package littlesummit.app.paper;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.content.FrozenItems;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import org.springframework.stereotype.Component;

/** Finds copies, for those who may see them. */
@Component
class Copies {
    private static final String NONE = "No sheet of your class has this code. Look at it once more.";
    private final SheetRepository sheets;
    private final CopyRepository copies;
    private final FrozenItems frozen;

    Copies(SheetRepository sheets, CopyRepository copies, FrozenItems frozen) {
        this.sheets = sheets;
        this.copies = copies;
        this.frozen = frozen;
    }

    /** A copy and the sheet that it is one of. */
    record Found(SheetEntity sheet, CopyEntity copy) {}

    /** @throws Problem when there is none with this code, or it is somebody else's */
    Found require(Person person, String typed) {
        return copies.findById(PaperCode.read(typed))
                .map(copy -> new Found(sheets.findById(copy.sheetId()).orElseThrow(), copy))
                .filter(found -> maySee(person, found.sheet(), found.copy()))
                .orElseThrow(() -> Problem.notFound(NONE));
    }

    private static boolean maySee(Person person, SheetEntity sheet, CopyEntity copy) {
        boolean ofClass = sheet.classId().equals(person.classId());
        return person.role() == Role.INSTRUCTOR
                ? ofClass
                : copy.personId().map(person.id()::equals).orElse(ofClass);
    }

    /** All copies of a sheet. */
    List<Found> of(SheetEntity sheet) {
        return copies.findBySheetIdInOrderByPlace(List.of(sheet.id())).stream()
                .map(copy -> new Found(sheet, copy))
                .toList();
    }

    /**
     * All that a person may see, the latest first: those of the class, and a student's own also from a class of before.
     */
    List<Found> of(Person person) {
        List<CopyEntity> own =
                person.role() == Role.STUDENT ? copies.findByPersonId(person.id()) : List.<CopyEntity>of();
        Map<String, SheetEntity> byId = Stream.concat(
                        sheets.findByClassId(person.classId()).stream(),
                        sheets.findAllById(own.stream().map(CopyEntity::sheetId).toList()).stream())
                .collect(Collectors.toMap(SheetEntity::id, Function.identity(), (one, same) -> one));
        return copies.findBySheetIdInOrderByPlace(byId.keySet()).stream()
                .map(copy -> new Found(byId.get(copy.sheetId()), copy))
                .filter(found -> maySee(person, found.sheet(), found.copy()))
                .sorted(Comparator.comparing((Found f) -> f.sheet().madeAt()).reversed())
                .toList();
    }

    /** As they were printed. */
    List<Item> items(CopyEntity copy) {
        return copy.items().stream()
                .map(printed -> frozen.thaw(printed.contentId(), printed.ref()))
                .toList();
    }

    /** @throws Problem when it is another class's */
    SheetEntity sheet(Person person, String sheetId) {
        return sheets.findById(sheetId)
                .filter(sheet -> sheet.classId().equals(person.classId())
                        && (person.role() == Role.INSTRUCTOR || sheet.makerId().equals(person.id())))
                .orElseThrow(() -> Problem.notFound("There is no such sheet for you."));
    }
}
