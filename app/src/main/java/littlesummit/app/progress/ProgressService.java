package littlesummit.app.progress;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.knowledge.KnowledgeService;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.Person;
import littlesummit.app.placement.PlacementService;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.practice.PracticeRecord.Attempted;
import littlesummit.app.practice.PracticeRecord.Standing;
import littlesummit.app.practice.PracticeRecord.Worked;
import littlesummit.app.progress.ProgressView.AssignmentCourse;
import littlesummit.app.progress.ProgressView.DayTime;
import littlesummit.app.progress.ProgressView.KnownPoint;
import littlesummit.app.progress.ProgressView.RoundCourse;
import littlesummit.app.progress.ProgressView.SkillCourse;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.app.quiz.QuizService;
import littlesummit.core.practice.ActiveTime;
import littlesummit.core.practice.Explain;
import littlesummit.core.practice.Pace;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks back over everything that a student has done. */
@Service
class ProgressService {
    private static final int DAYS_SHOWN = 42;
    private static final int LATEST = 20;
    private final ItemSource catalogue;
    private final AssignmentService assignments;
    private final PracticeRecord practice;
    private final KnowledgeService knowledge;
    private final PlacementService placement;
    private final QuizService quizzes;
    private final QuizRecord quizzed;
    private final ClassesService classes;
    private final Clock clock;

    ProgressService(
            AssignmentService assignments,
            PracticeRecord practice,
            KnowledgeService knowledge,
            PlacementService placement,
            QuizService quizzes,
            QuizRecord quizzed,
            ClassesService classes,
            Clock clock,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.assignments = assignments;
        this.practice = practice;
        this.knowledge = knowledge;
        this.placement = placement;
        this.quizzes = quizzes;
        this.quizzed = quizzed;
        this.classes = classes;
        this.clock = clock;
    }

    /** @param whole whether to look back over all assignments, and not over the latest alone */
    @Transactional
    public ProgressView of(Person person, boolean whole) {
        List<Standing> worked = practice.standings(person);
        List<Assignment> all = all(person, worked);
        List<Assignment> withCourse = withCourse(all, worked);
        List<Assignment> shown =
                whole ? withCourse : withCourse.subList(Math.max(0, withCourse.size() - LATEST), withCourse.size());
        LocalDate today = day(clock.instant());
        Optional<Pace> pace = classes.goal(person.classId()).map(g -> new Pace(g.start(), g.date(), g.skills()));
        int known = (int)
                practice.map(person).stream().filter(SkillMap.Node::isKnown).count();
        return new ProgressView(
                person.name(),
                today,
                known(person, worked, all, pace),
                pace.map(p -> p.says(known, today)),
                time(person),
                placement.view(person).history(),
                courses(person, shown),
                withCourse.size() - shown.size());
    }

    private List<AssignmentCourse> courses(Person person, List<Assignment> shown) {
        Map<String, QuizService.Summary> quiz = quizzes.summaries(person, shown);
        Map<String, List<Worked>> worked = practice
                .worked(person, shown.stream().map(Assignment::id).toList())
                .stream()
                .collect(Collectors.groupingBy(w -> w.standing().assignmentId()));
        Map<String, List<QuizRecord.DoneRound>> rounds = quiz.isEmpty()
                ? Map.of()
                : quizzed.rounds(person).stream().collect(Collectors.groupingBy(QuizRecord.DoneRound::assignmentId));
        return shown.stream()
                .map(a -> course(
                        a,
                        worked.getOrDefault(a.id(), List.of()),
                        Optional.ofNullable(quiz.get(a.id())),
                        rounds.getOrDefault(a.id(), List.of())))
                .toList();
    }

    /** Those with something to look back on: worked on, or with a quiz. */
    private static List<Assignment> withCourse(List<Assignment> all, List<Standing> worked) {
        Set<String> practised = worked.stream().map(Standing::assignmentId).collect(Collectors.toSet());
        return all.stream()
                .filter(a -> practised.contains(a.id()) || a.quiz().isPresent())
                .toList();
    }

    /** What is set, what was chosen, and what was worked on and is set no more. */
    private List<Assignment> all(Person person, List<Standing> worked) {
        Map<String, Assignment> all = new LinkedHashMap<>();
        assignments.of(person).forEach(a -> all.put(a.id(), a));
        Stream.concat(
                        worked.stream().map(Standing::assignmentId).filter(id -> !OwnChoice.isOne(id)),
                        Stream.of(OwnChoice.SKILLS, OwnChoice.REFRESH, OwnChoice.LESSONS))
                .forEach(id -> all.computeIfAbsent(id, assignments::lookBack));
        return List.copyOf(all.values());
    }

    private LocalDate day(Instant at) {
        return at.atZone(clock.getZone()).toLocalDate();
    }

    private List<KnownPoint> known(Person person, List<Standing> worked, List<Assignment> all, Optional<Pace> pace) {
        Map<String, LocalDate> byPractice = new HashMap<>();
        worked.forEach(s ->
                s.reachedAt().ifPresent(at -> byPractice.merge(s.skillId(), day(at), (a, b) -> a.isBefore(b) ? a : b)));
        byPractice.keySet().removeIf(id -> catalogue.find(id).isEmpty());
        Map<String, LocalDate> byCheck = new HashMap<>();
        knowledge.of(person.id()).forEach(k -> k.knownSince().ifPresent(at -> byCheck.put(k.skill(), day(at))));
        byCheck.keySet()
                .removeIf(
                        id -> byPractice.containsKey(id) && !byPractice.get(id).isAfter(byCheck.get(id)));
        byPractice.keySet().removeAll(byCheck.keySet());
        Map<String, LocalDate> due = new HashMap<>();
        all.forEach(a -> a.due().ifPresent(at -> a.skills()
                .forEach(skill -> due.merge(skill, day(at), (x, y) -> x.isBefore(y) ? x : y))));
        TreeSet<LocalDate> days = new TreeSet<>(due.values());
        days.addAll(byPractice.values());
        days.addAll(byCheck.values());
        days.add(day(clock.instant()));
        pace.ifPresent(p -> days.addAll(List.of(p.start(), p.date())));
        return days.stream()
                .map(d -> new KnownPoint(
                        d,
                        until(d, byPractice),
                        until(d, byCheck),
                        until(d, due),
                        pace.filter(p -> !d.isBefore(p.start()) && !d.isAfter(p.date()))
                                .map(p -> Math.round(10 * p.at(d)) / 10.0)))
                .toList();
    }

    private static int until(LocalDate day, Map<String, LocalDate> dates) {
        return (int) dates.values().stream().filter(d -> !d.isAfter(day)).count();
    }

    /** What was done in practice, quizzes and checks. */
    private List<DayTime> time(Person person) {
        LocalDate today = day(clock.instant());
        Instant since =
                today.minusDays(DAYS_SHOWN).atStartOfDay(clock.getZone()).toInstant();
        Map<LocalDate, Duration> byDay = ActiveTime.byDay(
                Stream.of(
                                practice.moments(person, since),
                                quizzed.moments(person, since),
                                placement.moments(person, since))
                        .flatMap(List::stream)
                        .toList(),
                clock.getZone());
        List<DayTime> days = new ArrayList<>();
        for (LocalDate d = today.minusDays(DAYS_SHOWN - 1L); !d.isAfter(today); d = d.plusDays(1)) {
            days.add(new DayTime(d, (int) byDay.getOrDefault(d, Duration.ZERO).toMinutes()));
        }
        return days;
    }

    private AssignmentCourse course(
            Assignment a, List<Worked> worked, Optional<QuizService.Summary> quiz, List<QuizRecord.DoneRound> rounds) {
        List<SkillCourse> skills = worked.stream()
                .map(w -> new SkillCourse(
                        w.standing().skillId(),
                        catalogue.generator(w.standing().skillId()).name(),
                        w.standing().stands(),
                        w.standing().reached(),
                        w.course(),
                        w.items()))
                .toList();
        Set<String> reached = skills.stream()
                .filter(SkillCourse::reached)
                .map(SkillCourse::id)
                .collect(Collectors.toSet());
        boolean asksForSomething = !a.skills().isEmpty() || quiz.isPresent();
        boolean finished = asksForSomething
                && reached.containsAll(a.skills())
                && quiz.filter(q -> !q.finished()).isEmpty();
        return new AssignmentCourse(
                a.id(),
                a.title(),
                a.due(),
                Explain.target(a.target()),
                a.target().flag(),
                a.target().isByScore() ? 100 : a.target().flag(),
                quiz.map(QuizService.Summary::words).orElse(""),
                rounds.stream()
                        .map(r -> new RoundCourse(
                                r.number(),
                                r.percent(),
                                r.marks().stream()
                                        .map(m -> new Attempted(
                                                m.itemId(), r.at(), m.mark().name()))
                                        .toList()))
                        .toList(),
                skills,
                finished);
    }
}
