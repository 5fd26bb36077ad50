package littlesummit.app.classroom;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import littlesummit.app.classroom.ClassView.RosterResult;
import littlesummit.app.headway.Headway;
import littlesummit.app.people.FullName;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.RosterService;
import littlesummit.app.people.RosterService.Invited;
import littlesummit.app.web.Problem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The roster of a class as a table, in and out. */
@Service
public class RosterFile {
    private static final List<String> HEAD = List.of(
            "sourcedId",
            "status",
            "dateLastModified",
            "enabledUser",
            "username",
            "givenName",
            "familyName",
            "role",
            "primaryOrgSourcedId");
    private static final List<String> NAMES = List.of("givenname", "familyname", "name");
    private final PeopleService people;
    private final RosterService roster;
    private final ApplicationEventPublisher events;

    RosterFile(PeopleService people, RosterService roster, ApplicationEventPublisher events) {
        this.events = events;
        this.people = people;
        this.roster = roster;
    }

    /** Takes a roster: what can be taken is taken, the rest is told. */
    @Transactional
    public RosterResult take(Person instructor, String csv, Headway headway) {
        List<Invited> added = new ArrayList<>();
        List<String> refused = new ArrayList<>();
        int line = 1;
        List<Map<String, String>> rows = rows(csv);
        for (Map<String, String> row : rows) {
            headway.at("Going through the lines", line - 1L, rows.size());
            line++;
            try {
                added.add(roster.invite(
                        instructor,
                        student(row),
                        row.getOrDefault("familyname", ""),
                        row.getOrDefault("username", "")));
            } catch (Problem problem) {
                refused.add("Line " + line + ": " + problem.getMessage());
            }
        }
        events.publishEvent(new TableTaken(
                instructor.classId(), added.stream().map(Invited::id).toList()));
        return new RosterResult(added, refused);
    }

    /** What taking it would do, line by line; nothing is written. */
    @Transactional(readOnly = true)
    public List<RosterService.Planned> plan(String csv) {
        List<RosterService.Planned> lines = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (Map<String, String> row : rows(csv)) {
            RosterService.Planned planned = planned(row, taken);
            lines.add(planned);
            if (planned.refusal().isEmpty()) {
                taken.add(planned.username());
            }
        }
        return lines;
    }

    private RosterService.Planned planned(Map<String, String> row, Set<String> taken) {
        try {
            return roster.plan(student(row), row.getOrDefault("username", ""), taken);
        } catch (Problem problem) {
            return new RosterService.Planned(name(row), row.getOrDefault("username", ""), problem.getMessage());
        }
    }

    /** @throws Problem when nobody's name stands in it */
    private static List<Map<String, String>> rows(String csv) {
        List<Map<String, String>> rows = Csv.read(csv);
        if (rows.isEmpty()) {
            throw Problem.badRequest("There is no student in this table. The first line names the columns, such as"
                    + " givenName,familyName,username; each further line is a student.");
        }
        if (NAMES.stream().noneMatch(rows.getFirst()::containsKey)) {
            throw Problem.badRequest(
                    "The first line of this table does not name its columns. It must say givenName and familyName, or"
                            + " name; username is optional.");
        }
        return rows;
    }

    /** @throws Problem when it is no student */
    private static String student(Map<String, String> row) {
        if (!row.getOrDefault("role", "student").strip().equalsIgnoreCase("student")) {
            throw Problem.badRequest("Only students are taken in here. Invite colleagues under Your classes.");
        }
        return name(row);
    }

    private static String name(Map<String, String> row) {
        String parts = (row.getOrDefault("givenname", "") + " " + row.getOrDefault("familyname", "")).strip();
        return parts.isEmpty() ? row.getOrDefault("name", "") : parts;
    }

    /** With file name and columns of users.csv in OneRoster 1.2 (1EdTech; the columns used here from memory). */
    @Transactional(readOnly = true)
    public String write(Person instructor) {
        return Csv.write(
                HEAD,
                people.students(instructor.classId()).stream()
                        .map(s -> {
                            FullName name = FullName.of(s.name(), s.family());
                            return List.of(
                                    s.id(),
                                    "",
                                    "",
                                    "true",
                                    s.username(),
                                    name.given(),
                                    name.family(),
                                    "student",
                                    instructor.classId());
                        })
                        .toList());
    }
}
