package littlesummit.app.classroom;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.classroom.ClassView.Glance;
import littlesummit.app.classroom.ClassView.StuckSkill;
import littlesummit.app.classroom.ClassView.StudentRow;
import littlesummit.app.classroom.ClassView.Where;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.practice.PracticeRecord.Standing;
import littlesummit.app.practice.PracticeRecord.Stuck;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.core.practice.ActiveTime;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The class at a glance: who is where, and who is stuck on what. */
@Service
class GlanceService {
    private static final Duration WEEK = Duration.ofDays(7);
    private final ItemSource catalogue;
    private final Overview overview;
    private final PeopleService people;
    private final PracticeRecord practice;
    private final QuizRecord quizzes;

    GlanceService(
            Overview overview,
            PeopleService people,
            PracticeRecord practice,
            QuizRecord quizzes,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.overview = overview;
        this.people = people;
        this.practice = practice;
        this.quizzes = quizzes;
    }

    @Transactional(readOnly = true)
    public Glance glance(Person instructor) {
        Overview.Whole whole = overview.of(instructor.classId());
        List<Stuck> stuck = practice.stuck(whole.ids());
        Map<String, List<String>> known = practice.known(
                instructor.classId(),
                whole.ids(),
                whole.students().stream().flatMap(whole::standings).toList());
        Instant weekAgo = whole.now().minus(WEEK);
        Map<String, List<Instant>> practised = practice.moments(whole.ids(), weekAgo);
        Map<String, List<Instant>> quizzed = quizzes.moments(whole.ids(), weekAgo);
        List<StudentRow> rows = whole.students().stream()
                .map(s -> row(
                        whole,
                        s,
                        known.get(s.id()).size(),
                        ActiveTime.of(Stream.of(practised, quizzed)
                                .flatMap(m -> m.getOrDefault(s.id(), List.of()).stream())
                                .toList()),
                        of(s, stuck)))
                .toList();
        return new Glance(
                instructor.className(),
                catalogue.skills().size(),
                rows,
                people.closed(instructor.classId()),
                stuckSkills(whole, stuck));
    }

    private static List<Stuck> of(Student student, List<Stuck> stuck) {
        return stuck.stream().filter(s -> s.personId().equals(student.id())).toList();
    }

    private StudentRow row(Overview.Whole whole, Student student, int known, Duration worked, List<Stuck> stuck) {
        List<Assignment> unfinished = whole.setFor(student).stream()
                .filter(a -> a.isPractice() && !Overview.isReached(a, whole.standings(student, a)))
                .toList();
        int late = (int) unfinished.stream().filter(a -> a.isPast(whole.now())).count();
        Optional<Standing> last = whole.standings(student)
                .filter(s -> s.lastAt().isPresent())
                .max(Comparator.comparing(s -> s.lastAt().orElseThrow()));
        return new StudentRow(
                student,
                known,
                unfinished.size() - late,
                late,
                last.flatMap(Standing::lastAt),
                (int) worked.toMinutes(),
                last.flatMap(s -> where(whole, s)),
                stuck.stream()
                        .map(s -> catalogue.generator(s.skillId()).name())
                        .distinct()
                        .toList());
    }

    private Optional<Where> where(Overview.Whole whole, Standing s) {
        return whole.find(s.assignmentId())
                .map(a -> new Where(
                        a.title(),
                        catalogue.generator(s.skillId()).name(),
                        s.stands(),
                        a.target().flag(),
                        s.reached()));
    }

    private List<StuckSkill> stuckSkills(Overview.Whole whole, List<Stuck> stuck) {
        Map<String, String> names = whole.students().stream().collect(Collectors.toMap(Student::id, Student::name));
        return stuck.stream().collect(Collectors.groupingBy(Stuck::skillId)).entrySet().stream()
                .map(e -> stuckSkill(e.getKey(), e.getValue(), names))
                .sorted(Comparator.comparing((StuckSkill s) -> -s.students().size())
                        .thenComparing(StuckSkill::skill))
                .toList();
    }

    private StuckSkill stuckSkill(String skill, List<Stuck> who, Map<String, String> names) {
        Map<String, Long> mistakes = who.stream()
                .flatMap(s -> s.mistakes().stream())
                .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        Optional<Map.Entry<String, Long>> most = mistakes.entrySet().stream()
                .max(Map.Entry.<String, Long>comparingByValue().thenComparing(Map.Entry.comparingByKey()));
        return new StuckSkill(
                skill,
                catalogue.generator(skill).name(),
                who.stream()
                        .map(s -> names.get(s.personId()))
                        .distinct()
                        .sorted()
                        .toList(),
                most.map(Map.Entry::getKey).orElse(""),
                most.map(e -> e.getValue().intValue()).orElse(0));
    }
}
