package littlesummit.app.exchange.oneroster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.Unzipped;
import littlesummit.app.Zips;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Rosters of another system, in and out again; every change of a class can be undone for a day. */
class OneRosterApiTest extends ApiTest {
    @Autowired
    private ImportRepository imports;

    private static final String IN = "/api/exchange/oneroster";
    private static final String USERS = "sourcedId,status,enabledUser,username,givenName,familyName\r\n";
    private static final String ENROLLED = "sourcedId,status,classSourcedId,userSourcedId,role\r\n";

    private Map<String, String> out() {
        return Unzipped.texts(instructor.bytes(IN + "/class.zip"));
    }

    private JsonNode plan(Map<String, String> files) {
        return instructor.upload(IN + "/plan", Zips.of(files)).body();
    }

    private JsonNode take(Map<String, String> files) {
        return instructor.upload(IN, Zips.of(files)).body();
    }

    private static Map<String, String> whats(JsonNode plan) {
        Map<String, String> whats = new LinkedHashMap<>();
        plan.at("/lines")
                .forEach(line ->
                        whats.put(line.at("/name").textValue(), line.at("/what").textValue()));
        return whats;
    }

    private List<String> namesInClass() {
        return names(instructor.get("/api/class").body().at("/students"), "/student/name");
    }

    private static List<String> names(JsonNode list, String at) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(s -> s.at(at).textValue())
                .sorted()
                .toList();
    }

    /** Ids that no other test uses. */
    private String own(String text) {
        return text.replace("#", student.username());
    }

    private Map<String, String> school(String users, String enrollments) {
        Map<String, String> files = new LinkedHashMap<>();
        files.put("users.csv", own(USERS + users));
        files.put("enrollments.csv", own(ENROLLED + enrollments));
        files.put("classes.csv", "sourcedId,status,title\r\nk1,,Upper alp\r\nk2,,Lower alp\r\n");
        return files;
    }

    @Test
    void aTableOfNamesIsUndoneLikeAPackage() {
        String csv = own("givenName,familyName,username\\nOla,Reed,ola-#\\n,,nobody\\nBen,Hay,ben-#\\n");
        List<String> before = namesInClass();
        JsonNode taken = instructor
                .post("/api/class/roster", "{\"csv\":\"" + csv + "\"}")
                .body();
        assertEquals(2, taken.at("/added").size());
        JsonNode last = instructor.get(IN + "/last").body().at("/last");
        assertEquals("2 added", last.at("/says").textValue());
        String undo = IN + "/" + last.at("/id").textValue() + "/undo";
        assertEquals(404, stranger.post(undo, "").status());
        assertEquals(204, instructor.post(undo, "").status());
        assertEquals(before, namesInClass());
    }

    @Test
    void aTableInWhichNobodyCanBeTakenLeavesNothingToUndo() {
        instructor.post("/api/class/roster", "{\"csv\":\"givenName,familyName\\n,\\n\"}");
        assertTrue(instructor.get(IN + "/last").body().at("/last").isMissingNode());
    }

    @Test
    void whatGoesOutComesInAgainAndChangesNothing() {
        Map<String, String> files = out();
        assertEquals(
                List.of(
                        "manifest.csv",
                        "orgs.csv",
                        "academicSessions.csv",
                        "courses.csv",
                        "classes.csv",
                        "users.csv",
                        "roles.csv",
                        "enrollments.csv",
                        "categories.csv",
                        "lineItems.csv",
                        "results.csv"),
                List.copyOf(files.keySet()));
        JsonNode plan = plan(files);
        assertEquals(Map.of(student.name(), "SAME", "Other", "SAME"), whats(plan));
        assertEquals(0, plan.at("/staying").size(), "nobody is left over");
        take(files);
        assertEquals(files, out(), "out again it is the same");
        assertTrue(instructor.get(IN + "/last").body().at("/last").isMissingNode(), "there is nothing to undo");
    }

    /** Every file of the manifest is there, and every reference of a table leads to a row. */
    @Test
    void thePackageIsWhole() {
        assigned(new Target.Score(80), Policy.DEFAULT, "mean");
        Map<String, String> files = out();
        files.get("manifest.csv")
                .lines()
                .filter(line -> line.startsWith("file.") && line.endsWith(",bulk"))
                .map(line -> line.substring(5, line.indexOf(',')) + ".csv")
                .forEach(file -> assertTrue(files.containsKey(file), file));
        List<String> users = column(files.get("users.csv"), "sourcedId");
        assertTrue(users.containsAll(column(files.get("enrollments.csv"), "userSourcedId")));
        assertTrue(users.containsAll(column(files.get("roles.csv"), "userSourcedId")));
        assertTrue(users.containsAll(column(files.get("results.csv"), "studentSourcedId")));
        List<String> items = column(files.get("lineItems.csv"), "sourcedId");
        assertEquals(1, items.size());
        assertTrue(items.containsAll(column(files.get("results.csv"), "lineItemSourcedId")));
        assertEquals(2, column(files.get("results.csv"), "scoreStatus").size());
        assertEquals(List.of("not submitted", "not submitted"), column(files.get("results.csv"), "scoreStatus"));
        files.values().forEach(OneRosterApiTest::everyLineIsAsLongAsItsHead);
    }

    private static void everyLineIsAsLongAsItsHead(String table) {
        List<String> lines = table.lines().toList();
        int head = lines.getFirst().split(",", -1).length;
        lines.forEach(line -> assertEquals(head, line.split(",", -1).length, line));
    }

    private static List<String> column(String table, String name) {
        List<String> lines = table.lines().toList();
        int at = List.of(lines.getFirst().split(",")).indexOf(name);
        assertTrue(at >= 0, name);
        return lines.stream().skip(1).map(line -> line.split(",", -1)[at]).toList();
    }

    @Test
    void whatIsPracticedStandsAsAResult() {
        answerRight(assigned(new Target.Run(1, 1), Policy.DEFAULT, "scientific-notation"));
        Map<String, String> files = out();
        String line = files.get("results.csv")
                .lines()
                .filter(l -> l.contains(student.id()))
                .findFirst()
                .orElseThrow();
        assertTrue(line.contains(",partially graded,100,"), line);
    }

    @Test
    void aRosterOfAnotherSystemIsToldFirstAndThenTaken() {
        Map<String, String> files = school(
                "u1#,,true,nela#@valley.example,Nela,Brisk\r\n"
                        + "u2#,,true,#,Student,Renamed\r\n"
                        + "u3#,,true,,Öhi,Almer\r\n"
                        + "u4#,tobedeleted,true,gone#,Gone,Already\r\n",
                "e1,,k1,u1#,student\r\ne2,,k1,u2#,student\r\ne3,,k1,u3#,student\r\ne4,,k1,u4#,student\r\n"
                        + "e5,,k1,nobody#,student\r\n");
        List<String> before = namesInClass();

        JsonNode plan = plan(files);

        assertEquals(before, namesInClass(), "a look changes nothing");
        assertEquals("ADDED", whats(plan).get("Nela Brisk"));
        assertEquals("RENAMED", whats(plan).get("Student Renamed"));
        assertEquals("ADDED", whats(plan).get("Öhi Almer"));
        assertEquals("SAME", whats(plan).get("Gone Already"));
        assertEquals("REFUSED", whats(plan).get(""));
        assertTrue(plan.toString().contains("enrollments.csv, line 6"), plan.toString());
        assertTrue(plan.toString().contains(own("There is no user “nobody#” in users.csv.")), plan.toString());
        assertEquals(List.of("Other"), names(plan.at("/staying"), ""));

        take(files);

        assertEquals(List.of("Nela Brisk", "Other", "Student Renamed", "Öhi Almer"), namesInClass());
        assertTrue(instructor.get("/api/class/codes").body().toString().contains(own("nela#")), "they get codes");
        Map<String, String> again = whats(plan(files));
        assertEquals("SAME", again.get("Nela Brisk"), "the second time she is known: " + again);
        assertEquals("SAME", again.get("Öhi Almer"), "by what the other system calls him");
    }

    /** What the database holds of packages. */
    private String remembered() {
        return imports.findAll().stream().map(ImportEntity::deeds).toList().toString();
    }

    @Test
    void whoWasDeletedSinceIsNotMissedWhenItIsUndone() {
        take(school(
                "u1#,,true,nela#,Nela,Brisk\r\nu3#,,false,o"
                        + student.username().substring(1) + ",Other,\r\n",
                "e1,,k1,u1#,student\r\ne3,,k1,u3#,student\r\n"));
        String gone = instructor.get("/api/class").body().at("/closed/0/id").textValue();
        assertTrue(remembered().contains(gone));
        assertEquals(
                204,
                instructor.delete("/api/class/students/" + gone + "/everything").status());
        assertFalse(remembered().contains(gone));
        String undo =
                IN + "/" + instructor.get(IN + "/last").body().at("/last/id").textValue() + "/undo";
        assertEquals(204, instructor.post(undo, "").status());
        assertFalse(namesInClass().contains("Nela Brisk"), "she was added by it");
    }

    @Test
    void everythingOfItCanBeUndone() {
        List<String> before = namesInClass();
        take(school(
                "u1#,,true,nela#,Nela,Brisk\r\nu2#,,true,#,Student,Renamed\r\nu3#,,false,o"
                        + student.username().substring(1) + ",Other,\r\n",
                "e1,,k1,u1#,student\r\ne2,,k1,u2#,student\r\ne3,,k1,u3#,student\r\n"));
        assertEquals(List.of("Nela Brisk", "Student Renamed"), namesInClass());
        JsonNode last = instructor.get(IN + "/last").body().at("/last");
        assertEquals("1 added, 1 renamed, 1 taken out", last.at("/says").textValue());
        String undo = IN + "/" + last.at("/id").textValue() + "/undo";

        assertEquals(404, stranger.post(undo, "").status(), "another class has no such package");
        assertEquals(204, instructor.post(undo, "").status());

        assertEquals(before, namesInClass());
        assertTrue(instructor.get(IN + "/last").body().at("/last").isMissingNode());
        assertEquals(400, instructor.post(undo, "").status(), "it can be undone once");
        assertEquals(
                "BACK",
                whats(plan(school("u1#,,true,nela#,Nela,Brisk\r\n", "e1,,k1,u1#,student\r\n")))
                        .get("Nela Brisk"),
                "brought in again she gets her account back");
    }

    @Test
    void whatChangesNothingLeavesWhatCanBeUndone() {
        Map<String, String> files = school("u1#,,true,nela#,Nela,Brisk\r\n", "e1,,k1,u1#,student\r\n");
        take(files);
        take(files);
        assertEquals(
                "1 added", instructor.get(IN + "/last").body().at("/last/says").textValue());
    }

    @Test
    void anAddressOfMailIsKnownAgainByItsNameToo() {
        String mail = student.username() + "@valley.example";
        JsonNode same = plan(school("u1#,,true," + mail + "," + student.name() + ",\r\n", "e1,,k1,u1#,student\r\n"));
        assertEquals(Map.of(student.name(), "SAME"), whats(same));
        JsonNode another = plan(school("u1#,,true," + mail + ",Somebody,Else\r\n", "e1,,k1,u1#,student\r\n"));
        assertEquals(Map.of("Somebody Else", "REFUSED"), whats(another), "the sign-in name is taken");
    }

    @Test
    void anIdThatIsTooLongIsRefusedAndNothingBreaks() {
        String id = "u".repeat(256);
        JsonNode plan = plan(school(id + ",,true,nela#,Nela,Brisk\r\n", "e1,,k1," + id + ",student\r\n"));
        assertEquals(Map.of("Nela Brisk", "REFUSED"), whats(plan));
    }

    @Test
    void oneOfSeveralClassesIsChosen() {
        Map<String, String> files = school(
                "u1#,,true,a#,Ann,Alm\r\nu2#,,true,b#,Ben,Bach\r\n",
                "e1,,k1,u1#,student\r\ne2,,k2,u2#,student\r\ne3,,k2,u1#,teacher\r\n");
        JsonNode plan = plan(files);
        assertEquals("Upper alp", plan.at("/classes/0/title").textValue());
        assertEquals(1, plan.at("/classes/1/students").intValue());
        assertEquals(0, plan.at("/lines").size());
        assertEquals(400, instructor.upload(IN, Zips.of(files)).status(), "nothing is guessed");

        JsonNode chosen =
                instructor.upload(IN + "/plan?from=k2", Zips.of(files)).body();
        assertEquals(Map.of("Ben Bach", "ADDED"), whats(chosen));
    }

    @Test
    void bothNamesOfAClassFitWithoutAsking() {
        Map<String, String> files = school(
                "u1#,,true,a#,Ann,Alm\r\nu2#,,true,b#,Ben,Bach\r\n",
                "e1,,k1,u1#,student\r\ne2,," + student.classId() + ",u2#,student\r\n");
        assertEquals(Map.of("Ben Bach", "ADDED"), whats(plan(files)));
    }

    @Test
    void whatIsBrokenIsSaidInASentence() {
        assertSays("This is no zip", "sourcedId,username".getBytes());
        assertSays("There is no users.csv", Zips.of(Map.of("readme.txt", "Hello")));
        assertSays("users.csv: This is no table", Zips.of(Map.of("users.csv", "a,a\r\n1,2\r\n")));
        assertSays(
                "says that it is OneRoster 2.0",
                Zips.of(Map.of("users.csv", USERS, "manifest.csv", "propertyName,value\r\noneroster.version,2.0\r\n")));
        assertSays("There is no student in this package.", Zips.of(Map.of("users.csv", USERS)));
        byte[] cut = Zips.of(Map.of("users.csv", USERS));
        assertSays("", Arrays.copyOf(cut, cut.length / 2));
    }

    private void assertSays(String sentence, byte[] zip) {
        Client.Answer answer = instructor.upload(IN + "/plan", zip);
        assertEquals(400, answer.status());
        assertTrue(answer.text().contains(sentence), answer.text());
    }

    @Test
    void whatIsPackedSmallAndIsLargeIsRefused() {
        assertSays("larger than 16 MB", Zips.of(Map.of("users.csv", " ".repeat(RosterZip.MOST_BYTES + 1))));
        Map<String, String> many = new LinkedHashMap<>();
        for (int i = 0; i <= RosterZip.MOST_ENTRIES; i++) {
            many.put("table" + i + ".csv", "");
        }
        assertSays("more than 60 files", Zips.of(many));
    }

    /** A path that climbs is a name and nothing else: no file is ever written. */
    @Test
    void aPathThatClimbsLeadsNowhere() {
        Map<String, String> files = Map.of("../../users.csv", own(USERS + "u1#,,true,up#,Up,High\r\n"));
        assertEquals(Map.of("Up High", "ADDED"), whats(plan(files)));
        assertFalse(Files.exists(Path.of("../../users.csv")));
    }

    @Test
    void studentsHaveNothingToDoWithIt() {
        assertEquals(403, client.upload(IN, Zips.of(Map.of("users.csv", USERS))).status());
        assertEquals(403, client.get(IN + "/class.zip").status());
    }
}
