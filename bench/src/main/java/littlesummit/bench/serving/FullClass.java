package littlesummit.bench.serving;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.served.ServedItems;
import littlesummit.core.item.Item;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * A class with students who have worked on everything that is set: one of them really, the others as copies of that.
 */
final class FullClass {
    private static final String SKILL = "scientific-notation";
    private static final int ITEMS = 8;
    /** Tries enough that a visitor mostly answers, and rarely goes on. */
    private static final Policy PATIENT = new Policy(
            10, 10, 10, 1, true, true, true, Policy.LineCheck.AFTER_MISS, Policy.Calculator.AS_ITEM, Policy.Work.NONE);

    private final ApplicationContext server;
    private final JdbcTemplate database;
    private final TransactionTemplate inOneGo;
    private final List<Person> students = new ArrayList<>();
    private final List<Assignment> assignments = new ArrayList<>();
    private final Person instructor;

    FullClass(ApplicationContext server, int studentCount) {
        this.server = server;
        this.database = server.getBean(JdbcTemplate.class);
        this.inOneGo = new TransactionTemplate(server.getBean(PlatformTransactionManager.class));
        PeopleService people = server.getBean(PeopleService.class);
        String classId = people.addClass("Bench class");
        String tag = UUID.randomUUID().toString().substring(0, 6);
        instructor = people.add("i" + tag, "Instructor", Role.INSTRUCTOR, "pw", classId);
        for (int i = 0; i < studentCount; i++) {
            students.add(people.add("s" + tag + i, "Student " + i, Role.STUDENT, "pw", classId));
        }
    }

    String instructorName() {
        return instructor.username();
    }

    /** Id of the student who really works. */
    String worker() {
        return students.getFirst().id();
    }

    /** Id of the assignment on which that one really worked. */
    String workedOn() {
        return assignments.getFirst().id();
    }

    List<String> studentNames() {
        return students.stream().map(Person::username).toList();
    }

    /**
     * Sets so many assignments that nobody has worked on.
     *
     * @return their ids
     */
    List<String> set(int count) {
        return IntStream.range(0, count).mapToObj(i -> one(i).id()).toList();
    }

    private Assignment one(int i) {
        return server.getBean(AssignmentService.class)
                .add(
                        instructor.classId(),
                        "Assignment " + i,
                        List.of(SKILL, "absolute-value"),
                        new Target.Score(95),
                        PATIENT,
                        Instant.now().plus(14 - i, ChronoUnit.DAYS));
    }

    /**
     * Sets assignments until there are so many, one due each day up to in two weeks, and lets everybody have worked on
     * them.
     */
    void fillTo(int count) {
        for (int i = assignments.size(); i < count; i++) {
            Assignment a = one(i);
            assignments.add(a);
            if (i == 0) {
                work(students.getFirst(), a);
            }
            int daysAgo = i;
            inOneGo.executeWithoutResult(nothing -> copy(a, daysAgo));
        }
    }

    private void work(Person student, Assignment a) {
        PracticeService practice = server.getBean(PracticeService.class);
        PracticeService.Place place = new PracticeService.Place(student, a.id(), SKILL);
        for (int i = 0; i < ITEMS; i++) {
            String id = practice.currentItem(place);
            Item item = server.getBean(ServedItems.class).require(student, id).item();
            Map<String, String> entries = new HashMap<>();
            item.parts()
                    .getFirst()
                    .fields()
                    .forEach(f -> entries.put(f.id(), f.answer().key()));
            practice.check(
                    place,
                    new PracticeService.Attempt(id, 0, entries, true),
                    UUID.randomUUID().toString());
            practice.next(
                    place, id, PracticeService.Onward.NEXT, UUID.randomUUID().toString());
        }
    }

    /**
     * States and log of the one who worked, for everybody and both skills.
     *
     * @param daysAgo how far back they lie
     */
    private void copy(Assignment to, int daysAgo) {
        for (Person student : students) {
            for (String skill : to.skills()) {
                boolean there =
                        student.equals(students.getFirst()) && to == assignments.getFirst() && skill.equals(SKILL);
                if (!there) {
                    database.update(
                            "insert into progress (id, person_id, assignment_id, skill, state, score, reached,"
                                + " version, summarised, stands, missed_lately, last_at) select random_uuid(), ?, ?,"
                                + " ?, state, score, reached, 0, true, stands, missed_lately, dateadd(day, ?, last_at)"
                                + " from progress where person_id = ? and assignment_id = ? and skill = ?",
                            student.id(),
                            to.id(),
                            skill,
                            -daysAgo,
                            students.getFirst().id(),
                            assignments.getFirst().id(),
                            SKILL);
                    database.update(
                            "insert into practice_event (person_id, assignment_id, skill, item_id, idempotency_key,"
                                + " payload, at) select ?, ?, ?, item_id, random_uuid(), payload, dateadd(day, ?, at)"
                                + " from practice_event where person_id = ? and assignment_id = ? and skill = ?",
                            student.id(),
                            to.id(),
                            skill,
                            -daysAgo,
                            students.getFirst().id(),
                            assignments.getFirst().id(),
                            SKILL);
                }
            }
        }
    }
}
