package littlesummit.app.exchange.archive;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import littlesummit.app.Client;
import littlesummit.app.ClockedApiTest;
import littlesummit.app.Unzipped;
import littlesummit.app.Zips;
import littlesummit.app.paper.SheetApiTest;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A class leaves with everything, and comes in again somewhere else. */
class ClassArrivalApiTest extends ClockedApiTest {
    private static final String IN = "/api/exchange/class-archive";
    private static final String ID = "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}";

    private Person bringer;
    private Client bringing;

    @BeforeEach
    void somebodyElse() {
        bringer = people.add(
                "b" + UUID.randomUUID().toString().substring(0, 8),
                "Bringer",
                Role.INSTRUCTOR,
                "pw",
                people.addClass("Class of the bringer"));
        bringing = new Client(mvc, bringer);
    }

    /** Practice, work with ink and a photo, a question, a sheet, a skill of one's own. */
    private byte[] archive() throws IOException {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "both-sides");
        answerRight(path);
        onward(path, "NEXT");
        String open = itemId(path);
        client.put("/api/items/" + open + "/work", lines("2x = 8 für Öhi", "x = 4"));
        client.post(
                "/api/items/" + open + "/ink",
                "{\"put\":[{\"id\":\"a\",\"tool\":\"PEN\",\"width\":2.5,\"colour\":\"BLUE\","
                        + "\"points\":[1,2,0.5,0,3,4,0.5,9]}],\"removed\":[]}");
        client.upload("/api/items/" + open + "/photos", picture());
        client.post("/api/questions", "{\"itemId\":\"" + open + "\",\"question\":\"Why?\"}");
        instructor.post("/api/workbench", "{}");
        instructor.put("/api/paper/scale", "{\"grades\":[{\"from\":0,\"word\":\"begun\"}]}");
        instructor.put("/api/class/students/" + student.id() + "/extra-time", "{\"percent\":25}");
        JsonNode sheet = instructor
                .post("/api/paper", SheetApiTest.wanted("mean", 2, false))
                .body();
        String copy = "/api/paper/copies/" + sheet.at("/copies/0/code").asText();
        client.put(copy + "/places/0/on-paper", "{\"done\":true}");
        return instructor.bytes("/api/exchange/class-archive.zip");
    }

    private static Map<String, String> records(byte[] archive) {
        Map<String, String> records = new TreeMap<>();
        Unzipped.texts(archive).forEach((name, text) -> {
            if (name.startsWith("records/")) {
                records.put(name, text);
            }
        });
        return records;
    }

    private JsonNode arrived() {
        return StreamSupport.stream(bringing.get("/api/classes").body().spliterator(), false)
                .filter(c -> c.path("name").asText().startsWith("Hut class"))
                .findFirst()
                .orElseThrow();
    }

    /** The one who brought the class, with that class open. */
    private Client opened() {
        return new Client(
                mvc,
                new Person(
                        bringer.id(),
                        bringer.username(),
                        bringer.name(),
                        bringer.role(),
                        arrived().path("id").asText(),
                        "",
                        false));
    }

    /** Rows without what is another on another server: ids, and the names under which students sign in. */
    private static Map<String, String> alike(byte[] archive) {
        Map<String, String> alike = new TreeMap<>();
        records(archive)
                .forEach((name, text) -> alike.put(
                        name,
                        text.lines()
                                .map(line -> line.replaceAll(ID, "id")
                                        .replaceAll("\"username\":\"[^\"]*\"", "")
                                        .replaceAll("content_id\":\\d+", "content")
                                        .replaceAll("\"code\":\"[^\"]*\"", "code")
                                        .replaceAll("^\\{\"id\":\\d+", "{"))
                                .sorted()
                                .collect(Collectors.joining("\n"))));
        return alike;
    }

    @Test
    void aClassComesInWithEverythingThatItLeftWith() throws IOException {
        byte[] archive = archive();
        assertEquals(200, bringing.upload(IN, archive).status());
        byte[] again = opened().bytes("/api/exchange/class-archive.zip");
        assertEquals(alike(archive), alike(again));
        Map<String, String> all = records(archive);
        for (String table : new String[] {
            "students",
            "items",
            "served_item",
            "practice_event",
            "progress",
            "work_page",
            "ink_stroke",
            "work_photo",
            "question",
            "assignment",
            "own_skill",
            "mark_scale"
        }) {
            assertFalse(all.get("records/" + table + ".jsonl").isBlank(), table);
        }
    }

    /** Ids of demo data and of other programs may look otherwise. */
    @Test
    void anIdNeedNotLookLikeOne() throws IOException {
        Map<String, String> files = records(archive());
        String sheet = files.get("records/paper_sheet.jsonl").replaceAll("(?s).*?\"id\":\"(" + ID + ")\".*", "$1");
        files.replaceAll((name, text) -> text.replace(sheet, "at-home"));
        for (int times = 0; times < 2; times++) {
            Client.Answer answer = bringing.upload(IN, Zips.of(files));
            assertEquals(200, answer.status(), answer.text());
        }
        assertFalse(records(opened().bytes("/api/exchange/class-archive.zip"))
                .get("records/paper_copy.jsonl")
                .contains("at-home"));
    }

    @Test
    void nothingThatIsHereAlreadyIsTouched() throws IOException {
        byte[] archive = archive();
        bringing.upload(IN, archive);
        assertEquals(
                records(archive),
                records(instructor.bytes("/api/exchange/class-archive.zip")),
                "the class it came from");
        String ids = records(opened().bytes("/api/exchange/class-archive.zip")).toString();
        assertFalse(ids.contains(student.id()));
        assertFalse(ids.contains(student.classId()));
    }

    @Test
    void studentsGoOnWhereTheyWere() throws IOException {
        bringing.upload(IN, archive());
        assertEquals(2, opened().get("/api/class").body().path("students").size());
        Person here = signedIn(arrivedStudent());
        assertNotEquals(student.username(), here.username(), "it is taken by the class it came from");
        Client again = new Client(mvc, here);
        JsonNode view = again.get("/api/practice/" + assignedBy(opened()) + "/both-sides")
                .body();
        JsonNode before = client.get("/api/practice/" + assignedBy(instructor) + "/both-sides")
                .body();
        assertEquals(before.at("/status"), view.at("/status"));
        assertEquals(before.at("/item/parts"), view.at("/item/parts"));
        assertEquals(
                "2x = 8 für Öhi",
                again.get("/api/items/" + view.at("/item/id").asText() + "/work")
                        .body()
                        .at("/lines/0/text")
                        .asText());
    }

    /** A skill of the class, looked at as a whole and put to use. */
    private String ownSkill() throws InterruptedException {
        String skill = "/api/workbench/"
                + instructor.post("/api/workbench", "{}").body().at("/id").asText();
        instructor.post(skill + "/proof", "");
        for (int i = 0; i < 600 && instructor.post(skill + "/use", "").status() != 200; i++) {
            Thread.sleep(100);
        }
        return instructor.get(skill).body().at("/id").asText();
    }

    @Test
    void aSkillOfTheClassGoesOnThere() throws InterruptedException {
        String skill = ownSkill();
        String path = assigned(new Target.Score(80), Policy.DEFAULT, skill);
        answerRight(path);
        JsonNode before = onward(path, "NEXT");
        bringing.upload(IN, instructor.bytes("/api/exchange/class-archive.zip"));
        String there = records(opened().bytes("/api/exchange/class-archive.zip"))
                .get("records/assignment_skill.jsonl")
                .replaceAll("(?s).*(own-" + ID + ").*", "$1");
        assertNotEquals(skill, there);
        Client again = new Client(mvc, signedIn(arrivedStudent()));
        String onThere = "/api/practice/" + assignedBy(opened()) + "/" + there;
        JsonNode view = again.get(onThere).body();
        assertEquals(before.at("/item/stem"), view.at("/item/stem"));
        String item = "{\"itemId\":\"" + view.at("/item/id").asText() + "\"";
        assertEquals(200, again.post(onThere + "/solution", item + "}").status());
        JsonNode next =
                again.post(onThere + "/next", item + ",\"onward\":\"NEXT\"}").body();
        assertNotEquals(view.at("/item/id"), next.at("/item/id"));
        assertFalse(next.at("/item/stem").isMissingNode(), next::toString);
    }

    /** Id of the student, as it is where the class has come to. */
    private String arrivedStudent() {
        return StreamSupport.stream(
                        opened().get("/api/class").body().path("students").spliterator(), false)
                .filter(s -> s.at("/student/name").asText().equals(student.name()))
                .map(s -> s.at("/student/id").asText())
                .findFirst()
                .orElseThrow();
    }

    /** A student who has come in with the code, and has chosen a password. */
    private Person signedIn(String id) {
        StreamSupport.stream(opened().get("/api/class/codes").body().spliterator(), false)
                .filter(code -> code.path("id").asText().equals(id))
                .forEach(code -> people.changePassword(
                        people.require(id), code.path("code").asText(), "three goats on a roof"));
        return people.require(id);
    }

    private static String assignedBy(Client teacher) {
        return records(teacher.bytes("/api/exchange/class-archive.zip"))
                .get("records/assignment.jsonl")
                .replaceAll("(?s).*?\"id\":\"(" + ID + ")\".*", "$1");
    }

    @Test
    void theCodesOfTheStudentsOpenTheirAccounts() throws IOException {
        bringing.upload(IN, archive());
        assertEquals(2, opened().get("/api/class/codes").body().size());
        assertFalse(records(archive()).toString().contains("password"));
    }

    @Test
    void thePlanSaysWhatComesAndKeepsNothing() throws IOException {
        JsonNode plan = bringing.upload(IN + "/plan", archive()).body();
        assertTrue(plan.path("className").asText().startsWith("Hut class"));
        assertEquals(2, plan.path("students").size());
        assertTrue(plan.at("/students/0/says").asText().contains("signs in as"), plan::toString);
        assertTrue(plan.path("things").toString().contains("\"4 items that were given out\""), plan::toString);
        assertTrue(plan.path("things").toString().contains("\"1 photo\""), plan::toString);
        assertEquals(1, bringing.get("/api/classes").body().size());
    }

    @Test
    void besideAClassOfTheSameNameItHasAnotherOne() throws IOException {
        byte[] archive = archive();
        bringing.upload(IN, archive);
        JsonNode plan = bringing.upload(IN + "/plan", archive).body();
        assertEquals(
                arrived().path("name").asText() + " (from an archive)",
                plan.path("className").asText());
    }

    @Test
    void aClassThatNobodyUsedYetIsTakenBackForADay() throws IOException {
        bringing.upload(IN, archive());
        String last = bringing.get(IN + "/last").body().at("/last/classId").asText();
        assertEquals(404, stranger.post(IN + "/" + last + "/undo", "").status());
        assertEquals(204, bringing.post(IN + "/" + last + "/undo", "").status());
        assertEquals(1, bringing.get("/api/classes").body().size());
        assertTrue(bringing.get(IN + "/last").body().at("/last").isMissingNode());
        assertEquals(200, client.get("/api/due").status(), "the class it came from is as before");
    }

    @Test
    void afterADayItStays() throws IOException {
        bringing.upload(IN, archive());
        String last = bringing.get(IN + "/last").body().at("/last/classId").asText();
        now = now.plus(Duration.ofHours(25));
        assertTrue(bringing.get(IN + "/last").body().at("/last").isMissingNode());
        assertEquals(400, bringing.post(IN + "/" + last + "/undo", "").status());
    }

    @Test
    void aClassInWhichSomebodySignedInStays() throws IOException {
        bringing.upload(IN, archive());
        String last = bringing.get(IN + "/last").body().at("/last/classId").asText();
        signedIn(opened().get("/api/class/codes").body().at("/0/id").asText());
        assertEquals(409, bringing.post(IN + "/" + last + "/undo", "").status());
        assertEquals(2, bringing.get("/api/classes").body().size());
    }

    /** A file of the archive, what is changed in it, and what is said then. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "about # class of Little Summit # class of something # This is no archive of a class",
                "about # \"layout\":\" # \"layout\":\"9 # from a newer version",
                "about # \"layout\":\" # \"layout\":\"0. # from an old version",
                "about # \"layout\":\" # \"layout\":\"x # does not say from which version",
                "class # {\"id\" # {id # Line 1 of records/class.jsonl cannot be read",
                "students # \"extra_time\":25 # \"extra_time\":2500 # from 0 to 200",
                "students # {\"id\":\" # {\"id\":\"x # points to something that is not in the archive",
                "items # \"shape\":1 # \"shape\":99 # cannot be read here",
                "served_item # \"content_id\": # \"content_id\":99 # has an item that is not in the archive",
                "served_item # \"tier\": # \"tiers\": # has no “tier”",
                "served_item # \"seed\": # \"seed\":\"x\",\"was\": # cannot be a row of this table",
                "progress # \"score\": # \"score\":1 # In this archive the scores are not what the answers come to",
                "practice_event # Served # Forgotten # cannot be read here",
                "work_photo # \"image\":\" # \"image\":\"AAAA # holds no picture",
                "work_photo # \"image\":\" # \"image\":7,\"was\":\" # cannot be a row of this table",
                "ink_stroke # \"body\":\" # \"body\":\"{ # cannot be read here",
            })
    void whatWasChangedIsRefusedAndNothingOfItIsKept(String file, String old, String changed, String said)
            throws IOException {
        Map<String, String> files = records(archive());
        String name = "records/" + file.strip() + ".jsonl";
        String text = files.get(name);
        assertTrue(text.contains(old.strip()), text);
        files.put(name, text.replace(old.strip(), changed.strip()));
        Client.Answer refused = bringing.upload(IN, Zips.of(files));
        assertEquals(400, refused.status(), refused.text());
        assertTrue(refused.text().contains(said.strip()), refused.text());
        assertEquals(1, bringing.get("/api/classes").body().size());
    }

    /** What lists show beside a state is worked out here, whatever the archive says. */
    @Test
    void whereAStudentStandsIsWorkedOutAgain() throws IOException {
        byte[] archive = archive();
        Map<String, String> files = records(archive);
        files.computeIfPresent(
                "records/progress.jsonl", (name, text) -> text.replaceAll("\"stands\":\\d+", "\"stands\":99"));
        assertEquals(200, bringing.upload(IN, Zips.of(files)).status());
        assertEquals(stands(records(archive)), stands(records(opened().bytes("/api/exchange/class-archive.zip"))));
    }

    private static List<String> stands(Map<String, String> records) {
        return Pattern.compile("\"stands\":(\\d+)")
                .matcher(records.get("records/progress.jsonl"))
                .results()
                .map(found -> found.group(1))
                .toList();
    }

    @Test
    void moreStudentsThanAnyClassHasAreRefused() throws IOException {
        Map<String, String> files = records(archive());
        files.computeIfPresent(
                "records/students.jsonl",
                (name, text) ->
                        text.lines().findFirst().orElseThrow().concat("\n").repeat(501));
        Client.Answer refused = bringing.upload(IN, Zips.of(files));
        assertEquals(400, refused.status());
        assertTrue(refused.text().contains("more than 500 students"), refused.text());
    }

    @Test
    void whatIsNoArchiveIsRefused() {
        for (byte[] file : new byte[][] {{}, "no zip".getBytes(StandardCharsets.UTF_8), Zips.of(Map.of("a", "b"))}) {
            assertEquals(400, bringing.upload(IN + "/plan", file).status());
        }
    }
}
