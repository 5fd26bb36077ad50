package littlesummit.app.classroom;

import java.text.Normalizer;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.classroom.ClassView.Glance;
import littlesummit.app.classroom.ClassView.Invited;
import littlesummit.app.classroom.ClassView.RosterResult;
import littlesummit.app.classroom.ClassView.StuckSkill;
import littlesummit.app.classroom.ClassView.StudentRow;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.practice.PracticeService.Standing;
import littlesummit.app.practice.PracticeService.Stuck;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.skill.Catalogue;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The class at a glance, and its roster. */
@Service
class ClassService {
    private static final int LONGEST_NAME = 100;
    private final PeopleService people;
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final Clock clock;

    ClassService(PeopleService people, AssignmentService assignments, PracticeService practice, Clock clock) {
        this.people = people;
        this.assignments = assignments;
        this.practice = practice;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Glance glance(Person instructor) {
        List<StudentRow> rows = new ArrayList<>();
        Map<String, List<Map.Entry<String, Stuck>>> bySkill = new TreeMap<>();
        for (Student student : people.students(instructor.classId())) {
            Person person = people.require(student.id());
            List<Stuck> stuck = practice.stuck(person);
            stuck.forEach(s -> bySkill.computeIfAbsent(s.skillId(), id -> new ArrayList<>()).add(Map.entry(student.name(), s)));
            rows.add(row(student, person, stuck));
        }
        List<StuckSkill> skills = bySkill.entrySet().stream().map(e -> stuckSkill(e.getKey(), e.getValue()))
                .sorted(Comparator.comparing((StuckSkill s) -> s.students().size()).reversed()).toList();
        return new Glance(instructor.className(), rows, skills);
    }

    private StudentRow row(Student student, Person person, List<Stuck> stuck) {
        Instant now = clock.instant();
        List<Standing> standings = practice.standings(person);
        List<Assignment> unfinished = assignments.of(person).stream().filter(a -> !a.isQuizOnly() && !isReached(a, standings)).toList();
        int late = (int) unfinished.stream().filter(a -> a.isPast(now)).count();
        long known = practice.map(person).stream().filter(n -> n.status() == SkillMap.Status.KNOWN || n.status() == SkillMap.Status.REFRESH).count();
        return new StudentRow(student, (int) known, unfinished.size() - late, late, practice.lastAt(person),
                (int) (practice.secondsWorked(person, now.minus(Duration.ofDays(7))) / 60), stuck.stream().map(s -> Catalogue.generator(s.skillId()).name()).distinct().toList());
    }

    static boolean isReached(Assignment assignment, List<Standing> standings) {
        return assignment.skills().stream().allMatch(skill -> standings.stream()
                .anyMatch(s -> s.assignmentId().equals(assignment.id()) && s.skillId().equals(skill) && s.reached()));
    }

    private static StuckSkill stuckSkill(String skill, List<Map.Entry<String, Stuck>> who) {
        Map<String, Long> mistakes = who.stream().flatMap(e -> e.getValue().mistakes().stream()).collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        Optional<Map.Entry<String, Long>> most = mistakes.entrySet().stream().max(Map.Entry.comparingByValue());
        return new StuckSkill(skill, Catalogue.generator(skill).name(), who.stream().map(Map.Entry::getKey).distinct().toList(), most.map(Map.Entry::getKey).orElse(""),
                most.map(e -> e.getValue().intValue()).orElse(0));
    }

    /** @throws Problem when the name is no name, or the username is taken */
    @Transactional
    public Invited invite(Person instructor, String name, String username) {
        String asked = username.isBlank() ? freeName(name) : username.strip().toLowerCase(Locale.ROOT);
        refusal(name, asked).ifPresent(sentence -> {
            throw Problem.badRequest(sentence);
        });
        String code = people.invite(instructor, asked, name.strip());
        String id = people.students(instructor.classId()).stream().filter(s -> s.username().equals(asked)).findFirst().orElseThrow().id();
        return new Invited(id, name.strip(), asked, code);
    }

    private Optional<String> refusal(String name, String username) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            return Optional.of("A name has 1 to " + LONGEST_NAME + " characters.");
        }
        if (!username.matches("[a-z0-9][a-z0-9._-]{1,39}")) {
            return Optional.of("“" + username + "” cannot be signed in with: use 2 to 40 small letters, digits, dots or dashes.");
        }
        return people.isTaken(username) ? Optional.of("Somebody signs in as “" + username + "” already. Choose another.") : Optional.empty();
    }

    /** The first name in plain letters, with a number where it is taken. */
    private String freeName(String name) {
        String plain = Normalizer.normalize(name.strip().split("\\s+")[0], Normalizer.Form.NFD).replaceAll("[^A-Za-z0-9]", "").toLowerCase(Locale.ROOT);
        String base = plain.length() < 2 ? "student" : plain;
        String free = base;
        for (int i = 2; people.isTaken(free); i++) {
            free = base + i;
        }
        return free;
    }

    /** Takes a roster: what can be taken is taken, the rest is told. */
    @Transactional
    public RosterResult take(Person instructor, String csv) {
        List<Invited> added = new ArrayList<>();
        List<String> refused = new ArrayList<>();
        int line = 1;
        for (Map<String, String> row : Csv.read(csv)) {
            line++;
            try {
                added.add(invite(instructor, name(row), row.getOrDefault("username", "")));
            } catch (Problem problem) {
                refused.add("Line " + line + ": " + problem.getMessage());
            }
        }
        return new RosterResult(added, refused);
    }

    private static String name(Map<String, String> row) {
        String parts = (row.getOrDefault("givenName", "") + " " + row.getOrDefault("familyName", "")).strip();
        return parts.isEmpty() ? row.getOrDefault("name", "") : parts;
    }

    /** The roster with file name and columns of users.csv in OneRoster 1.2 (1EdTech; the columns used here from memory). */
    @Transactional(readOnly = true)
    public String roster(Person instructor) {
        List<String> head = List.of("sourcedId", "status", "dateLastModified", "enabledUser", "username", "givenName", "familyName", "role", "primaryOrgSourcedId");
        return Csv.write(head, people.students(instructor.classId()).stream().map(s -> {
            int cut = s.name().lastIndexOf(' ');
            return List.of(s.id(), "", "", "true", s.username(), cut < 0 ? s.name() : s.name().substring(0, cut), cut < 0 ? "" : s.name().substring(cut + 1), "student", instructor.classId());
        }).toList());
    }
}
