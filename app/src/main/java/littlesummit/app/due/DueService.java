package littlesummit.app.due;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.due.DueView.Due;
import littlesummit.app.due.DueView.DueAssignment;
import littlesummit.app.due.DueView.DueSkill;
import littlesummit.app.due.DueView.PageBack;
import littlesummit.app.people.Person;
import littlesummit.app.placement.PlacementService;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.practice.PracticeRecord.Standing;
import littlesummit.app.practice.PracticeRecord.Worked;
import littlesummit.app.quiz.QuizService;
import littlesummit.app.working.WorkService;
import littlesummit.core.practice.Explain;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.practice.Target;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.working.WorkState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is due, and where the student stands in it. */
@Service
public class DueService {
    /** To the end of the seventh day from today, wherever the student is. */
    private static final Duration SOON = Duration.ofDays(8);

    private static final String PAST = "PAST";
    private static final int LATE_AT_FIRST = 20;

    private final ItemSource catalogue;
    private final AssignmentService assignments;
    private final PracticeRecord practice;
    private final WorkService work;
    private final QuizService quizzes;
    private final PlacementService placement;
    private final Clock clock;

    DueService(
            AssignmentService assignments,
            PracticeRecord practice,
            WorkService work,
            QuizService quizzes,
            PlacementService placement,
            Clock clock,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.placement = placement;
        this.quizzes = quizzes;
        this.work = work;
        this.assignments = assignments;
        this.practice = practice;
        this.clock = clock;
    }

    /**
     * What is set for a student and open.
     *
     * @param all whether also what is finished and past belongs to it, and late work of long ago; it is counted anyhow
     */
    @Transactional
    public Due due(Person person, boolean all) {
        Instant now = clock.instant();
        List<DueAssignment> rows = rows(person, now);
        List<DueAssignment> late = rows.stream()
                .filter(a -> a.when().equals(PAST) && !a.finished())
                .toList();
        List<DueAssignment> latest = late.subList(Math.max(0, late.size() - LATE_AT_FIRST), late.size());
        List<DueAssignment> shown = all
                ? rows
                : rows.stream()
                        .filter(a -> !a.when().equals(PAST) || latest.contains(a))
                        .toList();
        int past = (int) rows.stream().filter(a -> a.when().equals(PAST)).count();
        return new Due(now, withCourses(person, shown), late.size(), past - late.size());
    }

    /** The picture of how somebody came along is read for those alone that are shown. */
    private List<DueAssignment> withCourses(Person person, List<DueAssignment> shown) {
        Map<String, Map<String, List<Integer>>> courses =
                practice.worked(person, shown.stream().map(DueAssignment::id).toList()).stream()
                        .collect(Collectors.groupingBy(
                                w -> w.standing().assignmentId(),
                                Collectors.toMap(w -> w.standing().skillId(), Worked::course)));
        return shown.stream()
                .map(a -> a.withCourses(courses.getOrDefault(a.id(), Map.of())))
                .toList();
    }

    private List<DueAssignment> rows(Person person, Instant now) {
        List<Assignment> all = assignments.of(person);
        Map<String, List<Standing>> worked =
                practice.standings(person).stream().collect(Collectors.groupingBy(Standing::assignmentId));
        Map<String, List<WorkService.Standing>> pages = work.standings(List.of(person.id())).stream()
                .collect(Collectors.groupingBy(WorkService.Standing::assignmentId));
        Set<String> known = practice.map(person).stream()
                .filter(SkillMap.Node::isKnown)
                .map(n -> n.skill().id())
                .collect(Collectors.toSet());
        Optional<Instant> checked =
                all.stream().anyMatch(Assignment::isCheck) ? placement.lastCourse(person.id()) : Optional.empty();
        Map<String, QuizService.Summary> quiz = quizzes.summaries(person, all);
        return all.stream()
                .map(a -> due(
                        a,
                        worked.getOrDefault(a.id(), List.of()),
                        pages.getOrDefault(a.id(), List.of()),
                        known,
                        checked,
                        Optional.ofNullable(quiz.get(a.id())),
                        now))
                .toList();
    }

    private DueAssignment due(
            Assignment assignment,
            List<Standing> worked,
            List<WorkService.Standing> pages,
            Set<String> known,
            Optional<Instant> checked,
            Optional<QuizService.Summary> quiz,
            Instant now) {
        Instant until = assignment.due().orElseThrow();
        List<DueSkill> skills = !assignment.isPractice()
                ? List.of()
                : assignment.skills().stream()
                        .map(id -> skill(id, assignment, worked, known))
                        .toList();
        List<PageBack> back = pages.stream()
                .flatMap(p -> p.state() instanceof WorkState.SentBack s
                        ? Stream.of(new PageBack(p.itemId(), s.comment()))
                        : Stream.empty())
                .toList();
        int waiting = (int) pages.stream()
                .filter(p -> p.state() instanceof WorkState.HandedIn)
                .count();
        boolean finished = (!assignment.isCheck() || assignment.isDoneBy(checked))
                && skills.stream().allMatch(DueSkill::reached)
                && back.isEmpty()
                && quiz.filter(q -> !q.finished()).isEmpty();
        String when = until.isBefore(now) ? PAST : until.isBefore(now.plus(SOON)) ? "SOON" : "LATER";
        Target target = assignment.target();
        return new DueAssignment(
                assignment.id(),
                assignment.title(),
                until,
                when,
                Explain.target(target),
                target.flag(),
                target.isByScore(),
                Explain.policy(assignment.policy(), target),
                skills.stream().anyMatch(DueSkill::started)
                        || quiz.filter(q -> q.rounds() > 0).isPresent(),
                finished,
                skills.stream().anyMatch(DueSkill::late) || until.isBefore(now) && !finished,
                resume(assignment, skills),
                waiting,
                back,
                assignment.isCheck(),
                skills,
                quiz);
    }

    private static String resume(Assignment assignment, List<DueSkill> skills) {
        return skills.stream()
                .filter(s -> s.started() && !s.isDone())
                .findFirst()
                .or(() -> skills.stream().filter(s -> !s.isDone()).findFirst())
                .map(DueSkill::id)
                .orElse(assignment.skills().stream().findFirst().orElse(""));
    }

    private DueSkill skill(String id, Assignment assignment, List<Standing> worked, Set<String> known) {
        String name = catalogue.require(id).name();
        Optional<Standing> found =
                worked.stream().filter(s -> s.skillId().equals(id)).findFirst();
        return found.map(s -> new DueSkill(
                        id,
                        name,
                        s.stands(),
                        s.unread().hoped(),
                        s.unread().pages(),
                        s.unread().reached(),
                        known.contains(id),
                        true,
                        s.reached(),
                        s.reachedAt().filter(assignment::isPast).isPresent(),
                        List.of()))
                .orElse(new DueSkill(id, name, 0, 0, 0, false, known.contains(id), false, false, false, List.of()));
    }
}
