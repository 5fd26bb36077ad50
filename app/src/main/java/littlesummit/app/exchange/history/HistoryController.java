package littlesummit.app.exchange.history;

import java.io.IOException;
import java.util.Optional;
import littlesummit.app.headway.Headways;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Statements of other programs for the open class, and what they say of one student. */
@RestController
@RequestMapping("/api/exchange/history")
class HistoryController {
    private final HistoryService history;
    private final Headways headways;

    HistoryController(HistoryService history, Headways headways) {
        this.headways = headways;
        this.history = history;
    }

    /** What taking a file in would do; nothing is written. */
    @PostMapping(path = "/plan", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    HistoryService.HistoryPlan plan(
            @AuthenticationPrincipal Person person,
            @RequestHeader(name = Headways.HEADER, defaultValue = "") String headway,
            @RequestPart MultipartFile file)
            throws IOException {
        Person instructor = Instructors.only(person);
        byte[] bytes = file.getBytes();
        return headways.during(instructor, headway, told -> history.plan(instructor, bytes));
    }

    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    HistoryService.HistoryPlan take(
            @AuthenticationPrincipal Person person,
            @RequestHeader(name = Headways.HEADER, defaultValue = "") String headway,
            @RequestPart MultipartFile file)
            throws IOException {
        Person instructor = Instructors.only(person);
        byte[] bytes = file.getBytes();
        return headways.during(instructor, headway, told -> history.take(instructor, bytes, told));
    }

    /** The file that was taken in last, as long as it can be undone. */
    @GetMapping("/last")
    UndoableHistory last(@AuthenticationPrincipal Person person) {
        return new UndoableHistory(history.last(Instructors.only(person)));
    }

    record UndoableHistory(Optional<HistoryService.LastHistory> last) {}

    @PostMapping("/{id}/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undo(@AuthenticationPrincipal Person person, @PathVariable String id) {
        history.undo(Instructors.only(person), id);
    }

    @GetMapping("/own")
    HistoryService.HistoryView own(@AuthenticationPrincipal Person person) {
        return history.of(person.id());
    }

    @GetMapping("/students/{id}")
    HistoryService.HistoryView ofStudent(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return history.ofStudent(Instructors.only(person), id);
    }
}
