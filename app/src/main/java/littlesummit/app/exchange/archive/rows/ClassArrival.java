package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.persistence.EntityManager;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import littlesummit.app.content.FrozenItems;
import littlesummit.app.exchange.archive.rows.ArrivalPlan.Arriving;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.Person;
import littlesummit.app.people.SchoolClass;
import littlesummit.app.web.Problem;
import org.hibernate.Session;
import org.springframework.stereotype.Component;

/** Makes a class out of the records of an archive, in the transaction that is open. */
@Component
class ClassArrival {
    /** What rows of a table are called. */
    private record Told(String table, String one, String many) {}

    /** What is told of the rows that come, in this order. */
    private static final List<Told> TOLD = List.of(
            new Told("ASSIGNMENT", "assignment or quiz", "assignments and quizzes"),
            new Told("SERVED_ITEM", "item that was given out", "items that were given out"),
            new Told("WORK_PAGE", "page of work", "pages of work"),
            new Told("WORK_PHOTO", "photo", "photos"),
            new Told("OWN_SKILL", "skill of its own", "skills of its own"),
            new Told("PAPER_SHEET", "sheet on paper", "sheets on paper"),
            new Told("QUESTION", "question", "questions"));

    private static final int MOST_STUDENTS = 500;
    private static final int AT_ONCE = 20;
    private static final int LONGEST_NAME = 100;
    private static final String FROM_ARCHIVE = " (from an archive)";

    private final ClassesService classes;
    private final ArrivingStudents students;
    private final FrozenItems items;
    private final EntityManager entities;
    private final ObjectMapper mapper;

    ClassArrival(
            ClassesService classes,
            ArrivingStudents students,
            FrozenItems items,
            EntityManager entities,
            ObjectMapper mapper) {
        this.classes = classes;
        this.students = students;
        this.items = items;
        this.entities = entities;
        this.mapper = mapper;
    }

    /**
     * @param instructor as the one who has the new class open
     * @param students ids, as they are here
     */
    record Arrived(Person instructor, Set<String> students, ArrivalPlan plan) {}

    /** @param isOlder whether columns may be missing that were added since it was made */
    Arrived arrive(Person instructor, ArchiveFile archive, boolean isOlder) {
        ObjectNode row = archive.row(ClassRecords.CLASS)
                .orElseThrow(() -> Problem.badRequest("This archive does not say which class it is of."));
        NewIds ids = new NewIds();
        Person teacher =
                classes.addTaught(instructor, name(instructor, row.path("name").asText()));
        ids.put(row.path("id").asText(), teacher.classId());
        Set<String> here = new HashSet<>();
        List<Arriving> arriving = students(archive, teacher, ids, here);
        Map<Long, Long> contents = new HashMap<>();
        archive.each(ClassRecords.ITEMS, item -> contents.put(item.path("id").asLong(), content(item)));
        entities.flush();
        Map<String, Long> counts = new HashMap<>();
        RowsIn.Arrival arrival = new RowsIn.Arrival(teacher.classId(), teacher.id(), here, contents);
        entities.unwrap(Session.class)
                .doWork(connection -> counts.putAll(rows(archive, isOlder, new RowsIn(connection, arrival, ids))));
        entities.clear();
        classes.asItWas(teacher, ids.in(row.path("course_id").asText("")), goal(row));
        return new Arrived(teacher, here, new ArrivalPlan(teacher.className(), arriving, things(counts)));
    }

    /** @param here gets the ids that they have here */
    private List<Arriving> students(ArchiveFile archive, Person teacher, NewIds ids, Set<String> here) {
        List<Arriving> arriving = new ArrayList<>();
        AtomicInteger all = new AtomicInteger();
        archive.each(ClassRecords.STUDENTS, student -> all.incrementAndGet());
        if (all.get() > MOST_STUDENTS) {
            throw Problem.badRequest("There are more than " + MOST_STUDENTS + " students in this archive.");
        }
        archive.each(ClassRecords.STUDENTS, student -> {
            ArrivingStudents.Arrived one = students.arrive(teacher, student);
            ids.put(student.path("id").asText(), one.id());
            here.add(one.id());
            arriving.add(new Arriving(one.name(), one.says()));
            if (arriving.size() % AT_ONCE == 0) {
                // Before every query all that are at hand are looked at for changes.
                entities.flush();
                entities.clear();
            }
        });
        arriving.sort(Comparator.comparing(Arriving::name));
        return arriving;
    }

    private static List<String> things(Map<String, Long> counts) {
        return TOLD.stream()
                .filter(told -> counts.getOrDefault(told.table(), 0L) > 0)
                .map(told -> {
                    long count = counts.get(told.table());
                    return count == 1 ? "1 " + told.one() : String.format(Locale.ENGLISH, "%,d %s", count, told.many());
                })
                .toList();
    }

    /** Another one than those of the classes that the instructor has. */
    private String name(Person instructor, String theirs) {
        boolean isHere = classes.of(instructor).stream().anyMatch(c -> c.name().equals(theirs.strip()));
        String room = theirs.substring(0, Math.min(theirs.length(), LONGEST_NAME - FROM_ARCHIVE.length()));
        return isHere ? room + FROM_ARCHIVE : theirs;
    }

    private long content(ObjectNode item) {
        try {
            return items.bring(new FrozenItems.Content(
                    item.path("shape").asInt(), mapper.writeValueAsString(item.path("content"))));
        } catch (JsonProcessingException | RuntimeException none) {
            throw Problem.badRequest(
                    "Item " + item.path("id").asText() + " of records/" + ClassRecords.ITEMS + " cannot be read here.");
        }
    }

    private static Map<String, Long> rows(ArchiveFile archive, boolean isOlder, RowsIn rows) throws SQLException {
        Map<String, Long> counts = new HashMap<>();
        for (ClassTable table : ClassTable.ALL) {
            Optional<Set<String>> columns = isOlder ? Optional.of(archive.columns(table.file())) : Optional.empty();
            try (RowsIn.Table in = rows.new Table(table, columns)) {
                archive.each(table.file(), in::take);
                counts.put(table.name(), in.count());
            }
        }
        return counts;
    }

    private static Optional<SchoolClass.Goal> goal(ObjectNode row) {
        if (!row.path("goal_skills").isInt()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new SchoolClass.Goal(
                    row.path("goal_skills").intValue(),
                    LocalDate.parse(row.path("goal_start").asText()),
                    LocalDate.parse(row.path("goal_date").asText())));
        } catch (DateTimeException none) {
            throw Problem.badRequest("The goal of the class in records/" + ClassRecords.CLASS + " has no dates.");
        }
    }
}
