package littlesummit.app.practice;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService.Standing;
import littlesummit.core.practice.Target;
import littlesummit.core.skill.Catalogue;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is due, and where the student stands in it. */
@RestController
class DueController {
    private static final Duration SOON = Duration.ofDays(7);
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final Clock clock;

    DueController(AssignmentService assignments, PracticeService practice, Clock clock) {
        this.assignments = assignments;
        this.practice = practice;
        this.clock = clock;
    }

    record Due(Instant now, List<DueAssignment> assignments) {}

    /** @param when SOON within seven days, LATER or PAST; @param resume id of the skill to go on with */
    record DueAssignment(String id, String title, Instant due, String when, String target, int targetScore, boolean started,
            boolean finished, String resume, List<DueSkill> skills) {}

    /** @param scores after each closed item, for the small ridge line */
    record DueSkill(String id, String name, int score, boolean started, boolean reached, List<Integer> scores) {}

    @GetMapping("/api/due")
    Due due(@AuthenticationPrincipal Person person) {
        Instant now = clock.instant();
        List<Standing> standings = practice.standings(person);
        return new Due(now, assignments.of(person).stream().map(a -> due(a, standings, now)).toList());
    }

    private static DueAssignment due(Assignment assignment, List<Standing> standings, Instant now) {
        List<DueSkill> skills = assignment.skills().stream().map(id -> skill(id, assignment, standings)).toList();
        String resume = skills.stream().filter(s -> s.started() && !s.reached()).findFirst()
                .or(() -> skills.stream().filter(s -> !s.reached()).findFirst()).orElse(skills.getFirst()).id();
        String when = assignment.due().isBefore(now) ? "PAST" : assignment.due().isBefore(now.plus(SOON)) ? "SOON" : "LATER";
        return new DueAssignment(assignment.id(), assignment.title(), assignment.due(), when, describe(assignment.target()),
                assignment.target() instanceof Target.Score(int score) ? score : 100,
                skills.stream().anyMatch(DueSkill::started), skills.stream().allMatch(DueSkill::reached), resume, skills);
    }

    private static DueSkill skill(String id, Assignment assignment, List<Standing> standings) {
        String name = Catalogue.require(id).name();
        return standings.stream().filter(s -> s.assignmentId().equals(assignment.id()) && s.skillId().equals(id)).findFirst()
                .map(s -> new DueSkill(id, name, s.score(), true, s.reached(), s.scores()))
                .orElse(new DueSkill(id, name, 0, false, false, List.of()));
    }

    private static String describe(Target target) {
        return switch (target) {
            case Target.Score(int score) -> "score " + score + " on each";
            case Target.Run(int inRow, int steps) -> inRow + " in a row, or " + steps + " steps, on each";
            case Target.Percent(int percent, int items) -> percent + "% of " + items + " on each";
            case Target.Quiz(int percent) -> "quiz score " + percent + "%";
        };
    }
}
