package littlesummit.app.printing;

import java.util.List;
import java.util.Optional;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Rounds of a quiz on paper, and their keys, which are for instructors alone. */
@RestController
@RequestMapping("/api/quiz/{assignmentId}")
class PrintController {
    private final QuizRecord quizzes;
    private final AssignmentService assignments;
    private final PeopleService people;

    PrintController(QuizRecord quizzes, AssignmentService assignments, PeopleService people) {
        this.quizzes = quizzes;
        this.assignments = assignments;
        this.people = people;
    }

    /**
     * The student's running round, or a round to practise with.
     *
     * @param seed of the latter; the same gives the same
     */
    @GetMapping(path = "/paper.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> paper(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @RequestParam(defaultValue = "1") long seed,
            @RequestParam Optional<String> student) {
        Assignment assignment = assignments.require(person, assignmentId);
        Person whose = student.map(id -> ofClass(person, id)).orElse(person);
        return PdfAnswer.of(
                "round.pdf",
                PaperPdf.sheets(List.of(sheet(whose, student.isPresent(), assignment, seed)), PaperStyle.USUAL));
    }

    @GetMapping(path = "/key.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> key(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @RequestParam(defaultValue = "1") long seed,
            @RequestParam Optional<String> student) {
        Instructors.only(person);
        Assignment assignment = assignments.require(person, assignmentId);
        Person whose = student.map(id -> ofClass(person, id)).orElse(person);
        PaperPdf.Sheet sheet = sheet(whose, student.isPresent(), assignment, seed);
        return PdfAnswer.of("key.pdf", PaperPdf.key(sheet.titled(sheet.title() + ": key")));
    }

    private PaperPdf.Sheet sheet(Person whose, boolean named, Assignment assignment, long seed) {
        return PaperPdf.Sheet.plain(
                assignment.title(), line(whose, named, seed), named, items(whose, assignment, seed));
    }

    private List<Item> items(Person whose, Assignment assignment, long seed) {
        List<Item> running = whose.role() == Role.STUDENT ? quizzes.latest(whose, assignment) : List.of();
        return running.isEmpty() ? quizzes.sample(assignment, own(whose, assignment, seed)) : running;
    }

    /**
     * Sheets of an instructor hold items that no student can print: who asks is part of what they are made of. A round
     * on the screen draws its items at its start, so that none stands on any sheet.
     */
    private static long own(Person whose, Assignment assignment, long seed) {
        return 31 * (31 * (long) whose.id().hashCode() + assignment.id().hashCode()) + seed;
    }

    private static String line(Person whose, boolean named, long seed) {
        return named ? "for " + whose.name() : "sheet " + seed;
    }

    private Person ofClass(Person instructor, String studentId) {
        Instructors.only(instructor);
        return Optional.of(people.require(studentId))
                .filter(p -> p.classId().equals(instructor.classId()))
                .orElseThrow(() -> Problem.notFound("There is nobody like that in your class."));
    }
}
