package littlesummit.app.exchange.oneroster;

import java.time.Clock;
import java.time.LocalDate;
import java.time.Month;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import littlesummit.app.classroom.ClassView.MarkCell;
import littlesummit.app.classroom.ClassView.MarksHead;
import littlesummit.app.classroom.ClassView.MarksRow;
import littlesummit.app.classroom.ClassView.MarksTable;
import littlesummit.app.classroom.Csv;
import littlesummit.app.classroom.MarksService;
import littlesummit.app.people.FullName;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.people.RosterService;
import littlesummit.app.people.RosterService.Colleague;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The open class as a OneRoster 1.2 package in bulk mode (1EdTech, CSV Binding 1.2; columns and words from memory): who
 * is in it, what was set, and the marks.
 */
@Component
class RosterExport {
    private static final String SCHOOL = "school";
    private static final String TERM = "year";
    private static final String COURSE = "course";
    private static final String CATEGORY = "practice";
    private static final List<String> IN_THE_PACKAGE = List.of(
            "academicSessions",
            "categories",
            "classes",
            "courses",
            "enrollments",
            "lineItems",
            "orgs",
            "results",
            "roles",
            "users");
    private static final List<String> NOT_IN_IT = List.of(
            "classResources",
            "courseResources",
            "demographics",
            "lineItemLearningObjectiveIds",
            "lineItemScoreScales",
            "resources",
            "resultLearningObjectiveIds",
            "resultScoreScales",
            "scoreScales",
            "userProfiles",
            "userResources");
    private final PeopleService people;
    private final RosterService roster;
    private final MarksService marks;
    private final Clock clock;

    RosterExport(PeopleService people, RosterService roster, MarksService marks, Clock clock) {
        this.people = people;
        this.roster = roster;
        this.marks = marks;
        this.clock = clock;
    }

    /** Texts by file name. */
    @Transactional(readOnly = true)
    public Map<String, String> files(Person instructor) {
        List<Student> students = people.students(instructor.classId());
        List<Colleague> teachers = roster.colleagues(instructor);
        MarksTable table = marks.table(instructor);
        Map<String, String> files = new LinkedHashMap<>();
        files.put("manifest.csv", manifest());
        files.put("orgs.csv", orgs());
        files.put("academicSessions.csv", sessions());
        files.put("courses.csv", courses());
        files.put("classes.csv", classes(instructor));
        files.put("users.csv", users(students, teachers));
        files.put("roles.csv", roles(students, teachers));
        files.put("enrollments.csv", enrollments(instructor, students, teachers));
        files.put(
                "categories.csv",
                csv("sourcedId,status,dateLastModified,title", List.of(List.of(CATEGORY, "", "", "Practice"))));
        files.put("lineItems.csv", lineItems(instructor, table));
        files.put("results.csv", results(instructor, table));
        return files;
    }

    private static String csv(String head, List<List<String>> rows) {
        return Csv.write(List.of(head.split(",")), rows);
    }

    private static String manifest() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("manifest.version", "1.0"));
        rows.add(List.of("oneroster.version", "1.2"));
        IN_THE_PACKAGE.forEach(file -> rows.add(List.of("file." + file, "bulk")));
        NOT_IN_IT.forEach(file -> rows.add(List.of("file." + file, "absent")));
        rows.add(List.of("source.systemName", "Little Summit"));
        rows.add(List.of("source.systemCode", "little-summit"));
        return csv("propertyName,value", rows);
    }

    private static String orgs() {
        return csv(
                "sourcedId,status,dateLastModified,name,type,identifier,parentSourcedId",
                List.of(List.of(SCHOOL, "", "", "Little Summit", "school", "", "")));
    }

    /** A school year from August to July: common practice, no source. */
    private String sessions() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
        int first = today.getMonthValue() >= Month.AUGUST.getValue() ? today.getYear() : today.getYear() - 1;
        return csv(
                "sourcedId,status,dateLastModified,title,type,startDate,endDate,parentSourcedId,schoolYear",
                List.of(List.of(
                        TERM,
                        "",
                        "",
                        first + "/" + (first + 1),
                        "schoolYear",
                        first + "-08-01",
                        (first + 1) + "-07-31",
                        "",
                        String.valueOf(first + 1))));
    }

    private static String courses() {
        return csv(
                "sourcedId,status,dateLastModified,schoolYearSourcedId,title,courseCode,grades,orgSourcedId,subjects,"
                        + "subjectCodes",
                List.of(List.of(COURSE, "", "", TERM, "Mathematics", "", "", SCHOOL, "Mathematics", "")));
    }

    private static String classes(Person instructor) {
        return csv(
                "sourcedId,status,dateLastModified,title,grades,courseSourcedId,classCode,classType,location,"
                        + "schoolSourcedId,termSourcedIds,subjects,subjectCodes,periods",
                List.of(List.of(
                        instructor.classId(),
                        "",
                        "",
                        instructor.className(),
                        "",
                        COURSE,
                        "",
                        "scheduled",
                        "",
                        SCHOOL,
                        TERM,
                        "Mathematics",
                        "",
                        "")));
    }

    private static String users(List<Student> students, List<Colleague> teachers) {
        List<List<String>> rows = new ArrayList<>();
        teachers.forEach(t -> rows.add(user(t.id(), t.username(), t.name(), "")));
        students.forEach(s -> rows.add(user(s.id(), s.username(), s.name(), s.family())));
        return csv(
                "sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,familyName,middleName,"
                        + "identifier,email,sms,phone,agentSourcedIds,grades,password,userMasterIdentifier,"
                        + "resourceSourcedIds,preferredGivenName,preferredMiddleName,preferredFamilyName,"
                        + "primaryOrgSourcedId,pronouns",
                rows);
    }

    private static List<String> user(String id, String username, String name, String family) {
        FullName parts = FullName.of(name, family);
        List<String> row = new ArrayList<>(List.of(id, "", "", "true", username, "", parts.given(), parts.family()));
        while (row.size() < 21) {
            row.add("");
        }
        row.add(SCHOOL);
        row.add("");
        return row;
    }

    private static String roles(List<Student> students, List<Colleague> teachers) {
        List<List<String>> rows = new ArrayList<>();
        teachers.forEach(t -> rows.add(role(t.id(), "teacher")));
        students.forEach(s -> rows.add(role(s.id(), "student")));
        return csv(
                "sourcedId,status,dateLastModified,userSourcedId,roleType,role,beginDate,endDate,orgSourcedId,"
                        + "userProfileSourcedId",
                rows);
    }

    private static List<String> role(String id, String role) {
        return List.of("role-" + id, "", "", id, "primary", role, "", "", SCHOOL, "");
    }

    private static String enrollments(Person instructor, List<Student> students, List<Colleague> teachers) {
        List<List<String>> rows = new ArrayList<>();
        teachers.forEach(t -> rows.add(enrollment(instructor, t.id(), "teacher", t.self() ? "true" : "false")));
        students.forEach(s -> rows.add(enrollment(instructor, s.id(), "student", "")));
        return csv(
                "sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,userSourcedId,role,primary,"
                        + "beginDate,endDate",
                rows);
    }

    private static List<String> enrollment(Person instructor, String id, String role, String primary) {
        return List.of("enrollment-" + id, "", "", instructor.classId(), SCHOOL, id, role, primary, "", "");
    }

    private static String lineItems(Person instructor, MarksTable table) {
        List<List<String>> rows = table.assignments().stream()
                .map(a -> List.of(
                        a.id(),
                        "",
                        "",
                        a.title(),
                        "",
                        "",
                        a.due().toString(),
                        instructor.classId(),
                        CATEGORY,
                        TERM,
                        "0",
                        "100",
                        SCHOOL))
                .toList();
        return csv(
                "sourcedId,status,dateLastModified,title,description,assignDate,dueDate,classSourcedId,"
                        + "categorySourcedId,gradingPeriodSourcedId,resultValueMin,resultValueMax,schoolSourcedId",
                rows);
    }

    private String results(Person instructor, MarksTable table) {
        List<List<String>> rows = new ArrayList<>();
        String today = DateTimeFormatter.ISO_LOCAL_DATE.format(LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC));
        for (MarksRow row : table.rows()) {
            for (int i = 0; i < row.cells().size(); i++) {
                MarkCell cell = row.cells().get(i);
                MarksHead head = table.assignments().get(i);
                if (cell.status() != MarkCell.Status.OPENS_LATER) {
                    rows.add(result(instructor, table, row, head, cell, today));
                }
            }
        }
        return csv(
                "sourcedId,status,dateLastModified,lineItemSourcedId,studentSourcedId,scoreStatus,score,textScore,"
                        + "scoreDate,comment,scoreScaleSourcedId,classSourcedId,inProgress,incomplete,late,missing",
                rows);
    }

    private static List<String> result(
            Person instructor, MarksTable table, MarksRow row, MarksHead head, MarkCell cell, String today) {
        boolean isPast = cell.due().orElse(head.due()).isBefore(table.now());
        boolean counts = cell.status() == MarkCell.Status.SET;
        String mark = counts && cell.begun() ? cell.mark().map(String::valueOf).orElse("") : "";
        return List.of(
                head.id() + "-" + row.studentId(),
                "",
                "",
                head.id(),
                row.studentId(),
                status(cell, isPast, mark),
                mark,
                "",
                today,
                "",
                "",
                instructor.classId(),
                String.valueOf(counts && cell.begun() && !isPast),
                "false",
                String.valueOf(cell.late()),
                String.valueOf(counts && !cell.begun() && isPast));
    }

    /** The standard's words for how far a mark is. */
    static String status(MarkCell cell, boolean isPast, String mark) {
        if (cell.status() == MarkCell.Status.LEFT_OUT) {
            return "exempt";
        }
        if (mark.isEmpty()) {
            return "not submitted";
        }
        return isPast && cell.waiting() == 0 ? "fully graded" : "partially graded";
    }
}
