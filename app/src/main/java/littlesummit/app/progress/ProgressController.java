package littlesummit.app.progress;

import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One's own progress, and for the instructor that of each student of the class. */
@RestController
@RequestMapping("/api/progress")
class ProgressController {
    private final ProgressService progress;
    private final PeopleService people;

    ProgressController(ProgressService progress, PeopleService people) {
        this.progress = progress;
        this.people = people;
    }

    @GetMapping
    ProgressView own(@AuthenticationPrincipal Person person, @RequestParam(defaultValue = "false") boolean whole) {
        return progress.of(person, whole);
    }

    @GetMapping("/{studentId}")
    ProgressView of(
            @AuthenticationPrincipal Person person,
            @PathVariable String studentId,
            @RequestParam(defaultValue = "false") boolean whole) {
        if (person.role() != Role.INSTRUCTOR) {
            throw new AccessDeniedException("a student sees the own progress only");
        }
        return progress.of(people.student(person, studentId), whole);
    }
}
