package littlesummit.app.classroom;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.assignment.PolicyDto;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.practice.PracticeView;
import littlesummit.app.web.Problem;
import littlesummit.core.skill.ItemSource;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is set for the open class. */
@RestController
@RequestMapping("/api/class")
class AssigningController {
    private final ItemSource catalogue;
    private final AssigningService assigning;
    private final SkillChoices skills;

    AssigningController(AssigningService assigning, SkillChoices skills, ItemSource catalogue) {
        this.catalogue = catalogue;
        this.assigning = assigning;
        this.skills = skills;
    }

    /** @param items in a round */
    record NewQuiz(int items, int minutes, int rounds, int target, boolean workRequired) {}

    /**
     * @param target such as {@code score:80}, {@code run:3/5}, {@code percent:75/8} or {@code quiz:100}
     * @param students ids, empty for all
     */
    record NewAssignment(
            @NotNull(message = "The title is missing.")
            @Size(max = 100, message = "A title may have at most 100 characters.")
            String title,

            @NotNull(message = "The skills are missing.") @Size(max = 300, message = "These are too many skills.")
            List<@NotNull String> skills,

            @NotNull(message = "The target is missing.") String target,

            @NotNull(message = "The policy is missing.") @Valid
            PolicyDto policy,

            Optional<NewQuiz> quiz,
            Optional<Instant> opens,
            @NotNull(message = "The due date is missing.") Instant due,

            @NotNull(message = "Say for whom.") @Size(max = 1000)
            List<@NotNull String> students) {}

    /** @param student id of the one it is for; left out for the class */
    record NewDate(
            @NotNull(message = "The date is missing.") Instant due, Optional<String> student) {}

    record NewTitle(
            @NotNull(message = "The title is missing.")
            @Size(max = 100, message = "A title may have at most 100 characters.")
            String title) {}

    record Withdrawn(boolean withdrawn) {}

    record LeftOut(@NotNull(message = "Say for whom.") String student, boolean leftOut) {}

    record Preview(PracticeView.ItemView item) {}

    @GetMapping("/skills")
    List<ClassView.SkillChoice> skills(@AuthenticationPrincipal Person person) {
        return skills.of(Instructors.only(person));
    }

    @GetMapping("/preview/{skillId}/{tier}/{seed}")
    Preview preview(
            @AuthenticationPrincipal Person person,
            @PathVariable String skillId,
            @PathVariable int tier,
            @PathVariable long seed) {
        Instructors.only(person);
        if (tier < 1 || tier > 3) {
            throw Problem.badRequest("There are three levels.");
        }
        return new Preview(ItemViews.open(catalogue
                .find(skillId)
                .orElseThrow(() -> Problem.notFound("There is no such skill."))
                .make(tier, seed)));
    }

    /** @param past whether those belong to it whose date is past */
    @GetMapping("/assignments")
    ClassView.Assignments assignments(
            @AuthenticationPrincipal Person person, @RequestParam(defaultValue = "false") boolean past) {
        return assigning.all(Instructors.only(person), past);
    }

    @PostMapping("/assignments")
    ClassView.Assignments add(@AuthenticationPrincipal Person person, @Valid @RequestBody NewAssignment request) {
        return assigning.add(
                Instructors.only(person),
                new AssigningService.Wish(
                        request.title(),
                        request.skills(),
                        request.target(),
                        request.policy().toCore(),
                        request.quiz()
                                .map(q -> new AssigningService.QuizWish(
                                        q.items(), q.minutes(), q.rounds(), q.target(), q.workRequired())),
                        request.opens(),
                        request.due(),
                        request.students()));
    }

    @PutMapping("/assignments/{id}/due")
    ClassView.Assignments move(
            @AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody NewDate request) {
        return assigning.move(Instructors.only(person), id, request.student(), request.due());
    }

    @PutMapping("/assignments/{id}/title")
    ClassView.Assignments rename(
            @AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody NewTitle request) {
        return assigning.rename(Instructors.only(person), id, request.title());
    }

    /** Takes it back, or sets it again as it was. */
    @PutMapping("/assignments/{id}/withdrawn")
    ClassView.Assignments withdraw(
            @AuthenticationPrincipal Person person, @PathVariable String id, @RequestBody Withdrawn request) {
        return assigning.withdraw(Instructors.only(person), id, request.withdrawn());
    }

    @PutMapping("/assignments/{id}/left-out")
    ClassView.Assignments leaveOut(
            @AuthenticationPrincipal Person person, @PathVariable String id, @Valid @RequestBody LeftOut request) {
        return assigning.leaveOut(Instructors.only(person), id, request.student(), request.leftOut());
    }
}
