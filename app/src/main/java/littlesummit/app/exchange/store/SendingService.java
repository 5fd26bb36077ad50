package littlesummit.app.exchange.store;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import littlesummit.app.exchange.xapi.StatementService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.web.Problem;
import org.springframework.stereotype.Service;

/** Sends what the students of a class did, student by student, so that it can be watched and stopped. */
@Service
class SendingService {
    private final RecordStore store;
    private final SentRepository sent;
    private final StatementService statements;
    private final PeopleService people;
    private final Clock clock;

    SendingService(
            RecordStore store, SentRepository sent, StatementService statements, PeopleService people, Clock clock) {
        this.store = store;
        this.sent = sent;
        this.statements = statements;
        this.people = people;
        this.clock = clock;
    }

    /**
     * Where statements go, and who was sent when.
     *
     * @param address empty where no store is named
     * @param held statements that the simulated store holds
     */
    record StoreView(Optional<String> address, boolean simulated, int held, List<Sendable> students) {}

    /** @param sentAt empty for one whose statements were never sent */
    record Sendable(String id, String name, Optional<Instant> sentAt, int statements) {}

    /** @param statements that were sent of the student now */
    record Sent(int statements, int held) {}

    StoreView view(Person instructor) {
        List<Student> students = people.students(instructor.classId());
        Map<String, SentEntity> before = sent
                .findAllById(students.stream().map(Student::id).toList())
                .stream()
                .collect(Collectors.toMap(SentEntity::personId, Function.identity()));
        return new StoreView(
                store.address(),
                store.isSimulated(),
                store.held(),
                students.stream()
                        .map(s -> {
                            Optional<SentEntity> last = Optional.ofNullable(before.get(s.id()));
                            return new Sendable(
                                    s.id(),
                                    s.name(),
                                    last.map(SentEntity::sentAt),
                                    last.map(SentEntity::statements).orElse(0));
                        })
                        .toList());
    }

    /** @param home address of this server, with which all names of things begin */
    Sent send(Person instructor, String home, String studentId) {
        boolean ours = people.students(instructor.classId()).stream().anyMatch(s -> s.id().equals(studentId));
        if (!ours) {
            throw Problem.notFound("There is nobody like that in this class.");
        }
        List<String> lines = statements.lines(home, people.require(studentId)).toList();
        store.send(lines);
        sent.save(new SentEntity(studentId, clock.instant(), lines.size()));
        return new Sent(lines.size(), store.held());
    }
}
