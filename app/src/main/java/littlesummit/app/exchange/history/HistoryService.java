package littlesummit.app.exchange.history;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import littlesummit.app.exchange.history.StatementFile.Line;
import littlesummit.app.exchange.history.StatementFile.Who;
import littlesummit.app.headway.Headway;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.web.Problem;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Statements of other programs, taken into the open class as history: first what it would be, then taking it. */
@Service
class HistoryService {
    private static final int SHOWN = 200;
    /** Lines of a report that somebody reads. */
    private static final int REPORTED = 300;

    private final HistoryRepository history;
    private final HistoryImportRepository imports;
    private final PeopleService people;
    private final Clock clock;

    HistoryService(HistoryRepository history, HistoryImportRepository imports, PeopleService people, Clock clock) {
        this.history = history;
        this.imports = imports;
        this.people = people;
        this.clock = clock;
    }

    /**
     * What becomes of a file.
     *
     * @param taken statements that come in, by student
     * @param again statements that are here already
     * @param notTaken the others, line by line; the first of them where there are many
     * @param more lines that are not taken and not listed
     */
    record HistoryPlan(List<ByStudent> taken, int again, List<NotTaken> notTaken, int more) {}

    record ByStudent(String id, String name, int statements) {}

    /** @param at line of the file, from 1 */
    record NotTaken(int at, String says) {}

    /** @param until when it can be undone no more */
    record LastHistory(String id, Instant takenAt, Instant until, int statements) {}

    /** @param all how many there are; the latest are shown */
    record HistoryView(List<OutsideDeed> deeds, int all) {}

    /** What is to come in, and what is said of it. */
    private record Read(HistoryPlan plan, Map<String, List<OutsideDeed>> byStudent) {}

    @Transactional(readOnly = true)
    public HistoryPlan plan(Person instructor, byte[] file) {
        return read(instructor, file).plan();
    }

    @Transactional
    public HistoryPlan take(Person instructor, byte[] file, Headway headway) {
        Read read = read(instructor, file);
        if (read.byStudent().isEmpty()) {
            throw Problem.badRequest("There is nothing new to take in for this class.");
        }
        String id = UUID.randomUUID().toString();
        imports.save(new HistoryImportEntity(id, instructor.classId(), clock.instant()));
        int all = read.byStudent().values().stream().mapToInt(List::size).sum();
        int done = 0;
        for (Map.Entry<String, List<OutsideDeed>> student : read.byStudent().entrySet()) {
            for (OutsideDeed deed : student.getValue()) {
                headway.at("Taking the statements in", done++, all);
                history.save(new HistoryEntity(UUID.randomUUID().toString(), id, student.getKey(), deed));
            }
        }
        return read.plan();
    }

    @Transactional(readOnly = true)
    public Optional<LastHistory> last(Person instructor) {
        return imports.findFirstByClassIdOrderByTakenAtDesc(instructor.classId())
                .filter(taken -> taken.canBeUndone(clock.instant()))
                .map(taken -> new LastHistory(
                        taken.id(), taken.takenAt(), taken.until(), history.countByImportId(taken.id())));
    }

    @Transactional
    public void undo(Person instructor, String id) {
        HistoryImportEntity taken = imports.findById(id)
                .filter(i -> i.classId().equals(instructor.classId()))
                .orElseThrow(() -> Problem.notFound("There is no such file of statements."));
        if (!taken.canBeUndone(clock.instant())) {
            throw Problem.conflict("This can be undone no more: that is possible for a day.");
        }
        history.deleteByImportId(id);
        taken.undo();
    }

    /** What is known of one person from elsewhere, the latest first. */
    @Transactional(readOnly = true)
    public HistoryView of(String personId) {
        return new HistoryView(
                history.findByPersonIdOrderByHappenedAtDesc(personId, Limit.of(SHOWN)).stream()
                        .map(HistoryEntity::deed)
                        .toList(),
                history.countByPersonId(personId));
    }

    /** @throws Problem for somebody else than a student of the class */
    @Transactional(readOnly = true)
    public HistoryView ofStudent(Person instructor, String studentId) {
        boolean ours = people.students(instructor.classId()).stream().anyMatch(s -> s.id().equals(studentId));
        if (!ours) {
            throw Problem.notFound("There is nobody like that in this class.");
        }
        return of(studentId);
    }

    private Read read(Person instructor, byte[] file) {
        List<Student> students = people.students(instructor.classId());
        Set<String> known = known(students);
        Map<String, List<OutsideDeed>> byStudent = new HashMap<>();
        List<NotTaken> notTaken = new ArrayList<>();
        int again = 0;
        for (Line line : StatementFile.lines(file, clock.instant())) {
            switch (line) {
                case Line.Refused(int at, String says) -> notTaken.add(new NotTaken(at, says));
                case Line.Read(int at, Who who, OutsideDeed deed) -> {
                    Optional<Student> student = find(students, who);
                    if (student.isEmpty()) {
                        notTaken.add(new NotTaken(at, "Nobody in this class is “" + who.shown() + "”."));
                    } else if (known.add(student.get().id() + " " + deed.id())) {
                        byStudent
                                .computeIfAbsent(student.get().id(), s -> new ArrayList<>())
                                .add(deed);
                    } else {
                        again++;
                    }
                }
            }
        }
        List<ByStudent> taken = students.stream()
                .filter(s -> byStudent.containsKey(s.id()))
                .map(s -> new ByStudent(s.id(), s.name(), byStudent.get(s.id()).size()))
                .toList();
        List<NotTaken> listed = notTaken.stream().limit(REPORTED).toList();
        return new Read(new HistoryPlan(taken, again, listed, notTaken.size() - listed.size()), byStudent);
    }

    private Set<String> known(List<Student> students) {
        Set<String> known = new HashSet<>();
        history.findByPersonIdIn(students.stream().map(Student::id).toList())
                .forEach(h -> known.add(h.personId() + " " + h.statement()));
        return known;
    }

    /** By our id, by the sign-in name, or by a name that only one of the class has. */
    private static Optional<Student> find(List<Student> students, Who who) {
        String account = who.account().toLowerCase(Locale.ROOT);
        String mail = who.mail().toLowerCase(Locale.ROOT);
        Optional<Student> sure = students.stream()
                .filter(s -> s.id().equals(who.account())
                        || s.username().equals(account)
                        || s.username().equals(mail))
                .findFirst();
        List<Student> called =
                students.stream().filter(s -> s.name().equals(who.name())).toList();
        return sure.isPresent() || called.size() != 1 ? sure : Optional.of(called.getFirst());
    }
}
