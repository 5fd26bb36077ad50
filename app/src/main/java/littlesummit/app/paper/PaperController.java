package littlesummit.app.paper;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.served.SentEntries;
import littlesummit.app.web.RequestKey;
import littlesummit.core.paper.SelfMark;
import littlesummit.core.paper.SheetState.Standing;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Practice on paper. */
@RestController
@RequestMapping("/api/paper")
class PaperController {
    private final PaperService paper;
    private final CopyService copies;
    private final ScaleService scales;
    private final ClassCourses courses;

    PaperController(PaperService paper, CopyService copies, ScaleService scales, ClassCourses courses) {
        this.courses = courses;
        this.paper = paper;
        this.copies = copies;
        this.scales = scales;
    }

    record DoneOnPaper(boolean done) {}

    /**
     * Marks that a student gives to own work.
     *
     * @param lines ids of the lines that are there, one list an item; empty where the sum alone is given
     * @param total the sum, where it alone is given
     */
    record PaperMarks(
            Optional<
                            @Size(max = 60, message = "These are more items than any sheet has.") List<
                                    @NotNull(message = "The lines of an item are missing.")
                                            @Size(max = 200, message = "These are more lines than any item has.") Set<
                                            @NotNull(message = "A line is missing.") String>>>
                    lines,
            Optional<Integer> total) {
        SelfMark toCore() {
            return lines.<SelfMark>map(SelfMark.ByLine::new).orElseGet(() -> new SelfMark.Total(total.orElse(-1)));
        }
    }

    /** @param comment what to look at again, where marks are returned */
    record MarksJudged(
            @NotNull(message = "Say whether the marks stand.")
            RunDto.Word word,

            @NotNull(message = "The comment is missing.")
            @Size(max = 500, message = "A comment may have at most 500 characters.")
            String comment) {
        Standing toCore() {
            return new RunDto.StandingDto(word, comment.strip()).toCore();
        }
    }

    @GetMapping
    PaperView.Shelf shelf(@AuthenticationPrincipal Person person) {
        return paper.shelf(person);
    }

    /** What can be printed: every skill of the course. */
    @GetMapping("/skills")
    List<PaperSkill> skills(@AuthenticationPrincipal Person person) {
        return courses.of(person.classId()).skills().stream()
                .map(s -> new PaperSkill(s.id(), s.name(), s.strand().title()))
                .toList();
    }

    @PostMapping
    PaperView.SheetRow make(
            @AuthenticationPrincipal Person person,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody NewSheet wanted) {
        return paper.make(person, RequestKey.idOf(person.id(), RequestKey.valid(key)), wanted);
    }

    @DeleteMapping("/{sheetId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal Person person, @PathVariable String sheetId) {
        paper.remove(person, sheetId);
    }

    @GetMapping("/scale")
    ScaleDto scale(@AuthenticationPrincipal Person person) {
        return ScaleDto.of(scales.of(person.classId()));
    }

    @PutMapping("/scale")
    ScaleDto keepScale(@AuthenticationPrincipal Person person, @Valid @RequestBody ScaleDto scale) {
        return ScaleDto.of(scales.keep(Instructors.only(person), scale.toCore()));
    }

    @GetMapping("/copies/{code}")
    PaperView.PaperCopy copy(@AuthenticationPrincipal Person person, @PathVariable String code) {
        return copies.open(person, code);
    }

    @PutMapping("/copies/{code}/places/{place}/answer")
    PaperView.PaperCopy answer(
            @AuthenticationPrincipal Person person,
            @PathVariable String code,
            @PathVariable int place,
            @Valid @RequestBody SentEntries request) {
        return copies.answer(person, code, place, request.entries());
    }

    @PutMapping("/copies/{code}/places/{place}/on-paper")
    PaperView.PaperCopy onPaper(
            @AuthenticationPrincipal Person person,
            @PathVariable String code,
            @PathVariable int place,
            @RequestBody DoneOnPaper request) {
        return copies.onPaper(person, code, place, request.done());
    }

    @PutMapping("/copies/{code}/solutions")
    PaperView.PaperCopy openSolutions(@AuthenticationPrincipal Person person, @PathVariable String code) {
        return copies.openSolutions(person, code);
    }

    @PutMapping("/copies/{code}/marks")
    PaperView.PaperCopy mark(
            @AuthenticationPrincipal Person person, @PathVariable String code, @Valid @RequestBody PaperMarks request) {
        return copies.mark(person, code, request.toCore());
    }

    @GetMapping("/copies/{code}/students/{studentId}")
    PaperView.PaperCopy ofStudent(
            @AuthenticationPrincipal Person person, @PathVariable String code, @PathVariable String studentId) {
        return copies.of(Instructors.only(person), code, studentId);
    }

    @PutMapping("/copies/{code}/students/{studentId}/standing")
    PaperView.PaperCopy judge(
            @AuthenticationPrincipal Person person,
            @PathVariable String code,
            @PathVariable String studentId,
            @Valid @RequestBody MarksJudged request) {
        return copies.judge(Instructors.only(person), code, studentId, request.toCore());
    }
}
