package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jakarta.persistence.EntityManagerFactory;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.ToCome;
import littlesummit.app.people.Role;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** With a full class and many assignments no list asks the database once for every student or assignment. */
class ManyAssignmentsTest extends ApiTest {
    private static final int STUDENTS = 40;
    private static final int MANY = 200;
    private static final int FEW_STATEMENTS = 25;

    @Autowired
    private EntityManagerFactory factory;

    private void assign(int count) {
        for (int i = 0; i < count; i++) {
            assignments.add(
                    student.classId(),
                    "A" + i,
                    List.of("mean", "both-sides"),
                    new Target.Score(80),
                    Policy.DEFAULT,
                    ToCome.NEXT_YEAR.plusSeconds(i));
        }
    }

    private Map<String, Long> statements() {
        Map<String, Supplier<Client.Answer>> lists = Map.of(
                "due",
                () -> client.get("/api/due"),
                "progress",
                () -> client.get("/api/progress"),
                "class",
                () -> instructor.get("/api/class"),
                "assignments",
                () -> instructor.get("/api/class/assignments"),
                "marks",
                () -> instructor.get("/api/class/marks"));
        return lists.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> count(e.getValue())));
    }

    /** The least of three: a job that the server does at the same time is no part of the list. */
    private long count(Supplier<Client.Answer> list) {
        Statistics statistics = factory.unwrap(SessionFactory.class).getStatistics();
        statistics.setStatisticsEnabled(true);
        return IntStream.range(0, 3)
                .mapToLong(i -> {
                    statistics.clear();
                    assertEquals(200, list.get().status());
                    return statistics.getPrepareStatementCount();
                })
                .min()
                .orElseThrow();
    }

    @Test
    void listsTakeAsManyStatementsForTwoHundredAssignmentsAsForTen() {
        for (int i = 2; i < STUDENTS; i++) {
            people.add("many" + i + student.username(), "Many " + i, Role.STUDENT, "pw", student.classId());
        }
        assign(10);
        // What is the same for all, such as the skills that a class has of its own, is looked up once.
        statements();
        Map<String, Long> few = statements();
        assign(MANY - 10);
        Map<String, Long> many = statements();
        assertEquals(few, many);
        assertTrue(many.values().stream().allMatch(count -> count < FEW_STATEMENTS), many.toString());
    }
}
