package littlesummit.app.progress;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.knowledge.KnowledgeService;
import littlesummit.app.people.Person;
import littlesummit.app.placement.PlacementService;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.practice.PracticeService.Attempted;
import littlesummit.app.practice.PracticeService.Worked;
import littlesummit.app.progress.ProgressView.AssignmentCourse;
import littlesummit.app.progress.ProgressView.DayTime;
import littlesummit.app.progress.ProgressView.KnownPoint;
import littlesummit.app.progress.ProgressView.SkillCourse;
import littlesummit.app.quiz.QuizService;
import littlesummit.core.practice.Explain;
import littlesummit.core.skill.Catalogue;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks back over everything that a student has done. */
@Service
class ProgressService {
    private static final Duration PAUSE = Duration.ofMinutes(10);
    private static final int DAYS_SHOWN = 42;
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final KnowledgeService knowledge;
    private final PlacementService placement;
    private final QuizService quizzes;
    private final Clock clock;

    ProgressService(AssignmentService assignments, PracticeService practice, KnowledgeService knowledge, PlacementService placement, QuizService quizzes, Clock clock) {
        this.assignments = assignments;
        this.practice = practice;
        this.knowledge = knowledge;
        this.placement = placement;
        this.quizzes = quizzes;
        this.clock = clock;
    }

    @Transactional
    public ProgressView of(Person person) {
        List<Worked> worked = practice.worked(person);
        List<Assignment> all = Stream.concat(assignments.of(person).stream(), Stream.of(OwnChoice.SKILLS, OwnChoice.LESSONS).map(id -> assignments.require(person, id))).toList();
        return new ProgressView(person.name(), day(clock.instant()), known(person, worked, all), time(worked), placement.view(person).history(),
                all.stream().map(a -> course(person, a, worked)).filter(a -> !a.skills().isEmpty() || !a.quiz().isEmpty()).toList());
    }

    private LocalDate day(Instant at) {
        return at.atZone(clock.getZone()).toLocalDate();
    }

    private List<KnownPoint> known(Person person, List<Worked> worked, List<Assignment> all) {
        Map<String, LocalDate> byPractice = new HashMap<>();
        worked.forEach(w -> w.standing().reachedAt().ifPresent(at -> byPractice.merge(w.standing().skillId(), day(at), (a, b) -> a.isBefore(b) ? a : b)));
        byPractice.keySet().removeIf(id -> Catalogue.find(id).isEmpty());
        Map<String, LocalDate> byCheck = new HashMap<>();
        knowledge.of(person.id()).forEach(k -> k.knownSince().ifPresent(at -> byCheck.put(k.skill(), day(at))));
        byCheck.keySet().removeIf(id -> byPractice.containsKey(id) && !byPractice.get(id).isAfter(byCheck.get(id)));
        byPractice.keySet().removeAll(byCheck.keySet());
        Map<String, LocalDate> due = new HashMap<>();
        all.forEach(a -> a.due().ifPresent(at -> a.skills().forEach(skill -> due.merge(skill, day(at), (x, y) -> x.isBefore(y) ? x : y))));
        TreeSet<LocalDate> days = new TreeSet<>(due.values());
        days.addAll(byPractice.values());
        days.addAll(byCheck.values());
        days.add(day(clock.instant()));
        return days.stream().map(d -> new KnownPoint(d, until(d, byPractice), until(d, byCheck), until(d, due))).toList();
    }

    private static int until(LocalDate day, Map<String, LocalDate> dates) {
        return (int) dates.values().stream().filter(d -> !d.isAfter(day)).count();
    }

    /** Time between closed items of a day; a longer pause is none. */
    private List<DayTime> time(List<Worked> worked) {
        Map<LocalDate, Duration> byDay = new TreeMap<>();
        List<Instant> all = worked.stream().flatMap(w -> w.items().stream()).map(Attempted::at).sorted().toList();
        for (int i = 1; i < all.size(); i++) {
            Duration gap = Duration.between(all.get(i - 1), all.get(i));
            if (gap.compareTo(PAUSE) < 0) {
                byDay.merge(day(all.get(i)), gap, Duration::plus);
            }
        }
        List<DayTime> days = new ArrayList<>();
        LocalDate today = day(clock.instant());
        for (LocalDate d = today.minusDays(DAYS_SHOWN - 1L); !d.isAfter(today); d = d.plusDays(1)) {
            days.add(new DayTime(d, (int) byDay.getOrDefault(d, Duration.ZERO).toMinutes()));
        }
        return days;
    }

    private AssignmentCourse course(Person person, Assignment a, List<Worked> worked) {
        List<SkillCourse> skills = worked.stream().filter(w -> w.standing().assignmentId().equals(a.id())).map(w -> new SkillCourse(w.standing().skillId(),
                Catalogue.generator(w.standing().skillId()).name(), w.standing().stands(), w.standing().reached(), w.standing().course(), w.items())).toList();
        return new AssignmentCourse(a.id(), a.title(), a.due(), Explain.target(a.target()), quizzes.summary(person, a).map(QuizService.Summary::words).orElse(""), skills);
    }
}
