package littlesummit.app.classroom;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import littlesummit.app.classroom.ClassView.RosterResult;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.RosterService;
import littlesummit.app.people.RosterService.Invited;
import littlesummit.app.web.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The roster of a class as a table, in and out. */
@Service
class RosterFile {
    private static final List<String> HEAD = List.of("sourcedId", "status", "dateLastModified", "enabledUser", "username", "givenName", "familyName", "role", "primaryOrgSourcedId");
    private final PeopleService people;
    private final RosterService roster;

    RosterFile(PeopleService people, RosterService roster) {
        this.people = people;
        this.roster = roster;
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
                added.add(roster.invite(instructor, student(row), row.getOrDefault("username", "")));
            } catch (Problem problem) {
                refused.add("Line " + line + ": " + problem.getMessage());
            }
        }
        return new RosterResult(added, refused);
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
        return Csv.write(HEAD, people.students(instructor.classId()).stream().map(s -> {
            int cut = s.name().lastIndexOf(' ');
            return List.of(s.id(), "", "", "true", s.username(), cut < 0 ? s.name() : s.name().substring(0, cut), cut < 0 ? "" : s.name().substring(cut + 1), "student", instructor.classId());
        }).toList());
    }
}
