package littlesummit.app.classroom;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.practice.PracticeView;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.Policy;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The instructor's class: who is in it, what is set, where everybody stands. */
@RestController
@RequestMapping("/api/class")
class ClassController {
    private final ClassService classes;
    private final AssigningService assigning;
    private final MarksService marks;
    private final PeopleService people;

    ClassController(ClassService classes, AssigningService assigning, MarksService marks, PeopleService people) {
        this.classes = classes;
        this.assigning = assigning;
        this.marks = marks;
        this.people = people;
    }

    record NewStudent(@NotNull(message = "The name is missing.") @Size(max = 100, message = "This name is too long.") String name,
            @NotNull(message = "The sign-in name is missing.") @Size(max = 40, message = "This sign-in name is too long.") String username) {}

    record Roster(@NotNull(message = "The table is missing.") @Size(max = 200_000, message = "This table is too large.") String csv) {}

    record ExtraTime(@Min(value = 0, message = "Extra time goes from 0 to 200 percent.") @Max(value = 200, message = "Extra time goes from 0 to 200 percent.") int percent) {}

    /** @param code opens the account once */
    record NewCode(String code) {}

    /** @param items in a round */
    record NewQuiz(int items, int minutes, int rounds, int target, boolean workRequired) {}

    /** @param target such as {@code score:80}, {@code run:3/5}, {@code percent:75/8} or {@code quiz:100}; @param students ids, empty for all */
    record NewAssignment(@NotNull(message = "The title is missing.") @Size(max = 100, message = "A title may have at most 100 characters.") String title,
            @NotNull(message = "The skills are missing.") @Size(max = 40, message = "These are too many skills.") List<@NotNull String> skills,
            @NotNull(message = "The target is missing.") String target, @NotNull(message = "The policy is missing.") Policy policy, Optional<NewQuiz> quiz,
            @NotNull(message = "The due date is missing.") Instant due, @NotNull(message = "Say for whom.") @Size(max = 1000) List<@NotNull String> students) {}

    /** @param student id of the one it is for; left out for the class */
    record NewDate(@NotNull(message = "The date is missing.") Instant due, Optional<String> student) {}

    record Preview(PracticeView.ItemView item) {}

    @GetMapping
    ClassView.Glance glance(@AuthenticationPrincipal Person person) {
        return classes.glance(instructor(person));
    }

    @PostMapping("/students")
    ClassView.Invited invite(@AuthenticationPrincipal Person person, @Valid @RequestBody NewStudent request) {
        return classes.invite(instructor(person), request.name(), request.username());
    }

    @PostMapping("/roster")
    ClassView.RosterResult take(@AuthenticationPrincipal Person person, @Valid @RequestBody Roster request) {
        return classes.take(instructor(person), request.csv());
    }

    @GetMapping("/users.csv")
    ResponseEntity<String> roster(@AuthenticationPrincipal Person person) {
        return csv("users.csv", classes.roster(instructor(person)));
    }

    @PostMapping("/students/{id}/code")
    NewCode code(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return new NewCode(people.newCode(instructor(person), id));
    }

    @PutMapping("/students/{id}/extra-time")
    ClassView.Glance extraTime(@AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody ExtraTime request) {
        people.student(instructor(person), id);
        people.allowExtraTime(id, request.percent());
        return classes.glance(person);
    }

    @GetMapping("/skills")
    List<ClassView.SkillChoice> skills(@AuthenticationPrincipal Person person) {
        instructor(person);
        return AssigningService.choices();
    }

    @GetMapping("/preview/{skillId}/{tier}/{seed}")
    Preview preview(@AuthenticationPrincipal Person person, @PathVariable String skillId, @PathVariable int tier, @PathVariable long seed) {
        instructor(person);
        if (tier < 1 || tier > 3) {
            throw Problem.badRequest("There are three tiers.");
        }
        return new Preview(ItemViews.open(AssigningService.skill(skillId).make(tier, seed)));
    }

    @GetMapping("/assignments")
    List<ClassView.AssignmentRow> assignments(@AuthenticationPrincipal Person person) {
        return assigning.all(instructor(person));
    }

    @PostMapping("/assignments")
    List<ClassView.AssignmentRow> add(@AuthenticationPrincipal Person person, @Valid @RequestBody NewAssignment request) {
        return assigning.add(instructor(person), new AssigningService.Wish(request.title(), request.skills(), request.target(), request.policy(),
                request.quiz().map(q -> new AssigningService.QuizWish(q.items(), q.minutes(), q.rounds(), q.target(), q.workRequired())), request.due(), request.students()));
    }

    @PutMapping("/assignments/{id}/due")
    List<ClassView.AssignmentRow> move(@AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody NewDate request) {
        return assigning.move(instructor(person), id, request.student(), request.due());
    }

    @GetMapping("/marks")
    ClassView.MarksTable marks(@AuthenticationPrincipal Person person) {
        return marks.table(instructor(person));
    }

    @GetMapping("/marks.csv")
    ResponseEntity<String> marksCsv(@AuthenticationPrincipal Person person) {
        return csv("marks.csv", marks.csv(instructor(person)));
    }

    private static ResponseEntity<String> csv(String name, String content) {
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"").header("X-Content-Type-Options", "nosniff").body(content);
    }

    private static Person instructor(Person person) {
        if (person.role() != Role.INSTRUCTOR) {
            throw new AccessDeniedException("the class is for its instructor");
        }
        return person;
    }
}
