package littlesummit.app.upkeep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Role;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.bean.override.mockito.MockitoBean;

/** A server with its database in a file. */
@SpringBootTest(properties = {"summit.password-strength=4", "summit.nightly-copies=false"})
class UpkeepTest {
    @TempDir
    static Path data;

    @TempDir
    Path elsewhere;

    @Autowired
    private Backup backup;

    @Autowired
    private Doctor doctor;

    @Autowired
    private Wishes wishes;

    @Autowired
    private DataFolder folder;

    @Autowired
    private PeopleService people;

    @Autowired
    private JdbcTemplate database;

    @MockitoBean
    private Clock clock;

    private Instant now = Instant.parse("2026-05-04T02:10:00Z");

    @DynamicPropertySource
    static void inAFile(DynamicPropertyRegistry properties) {
        properties.add("spring.datasource.url", () -> "jdbc:h2:file:" + data.resolve("summit"));
        properties.add("summit.data", data::toString);
    }

    @BeforeEach
    void theTime() {
        Mockito.when(clock.instant()).thenAnswer(call -> now);
        Mockito.when(clock.getZone()).thenReturn(ZoneOffset.UTC);
    }

    private long accounts() {
        return database.queryForObject("select count(*) from person", Long.class);
    }

    @Test
    void aCopyHasEveryAccountAndStaysAsItWas() throws Exception {
        String classId = people.addClass("Copied class");
        people.add("copied", "Ansa", Role.STUDENT, "pw", classId);
        Path file = elsewhere.resolve("deep/down/copy.zip");
        Backup.Copied copied = backup.to(file);
        assertEquals(accounts(), copied.people());
        assertEquals(Files.size(file), copied.bytes());
        people.add("later", "Bero", Role.STUDENT, "pw", classId);
        assertEquals(accounts() - 1, Backup.opened(file));
        try (Stream<Path> files = Files.list(file.getParent())) {
            assertEquals(List.of(file), files.toList(), "nothing else is left there");
        }
    }

    @Test
    void aCopyThatFailsLeavesTheOneBeforeAlone() throws Exception {
        Path file = elsewhere.resolve("copy.zip");
        backup.to(file);
        byte[] before = Files.readAllBytes(file);
        Path blocked = Files.createFile(elsewhere.resolve("a-file")).resolve("copy.zip");
        assertThrows(Backup.Failed.class, () -> backup.to(blocked));
        assertTrue(Arrays.equals(before, Files.readAllBytes(file)));
    }

    private Path zip(String name, String entry, byte[] content) throws IOException {
        Path file = elsewhere.resolve(name);
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(content);
        }
        return file;
    }

    @Test
    void whatIsNoCopyIsSaidSo() throws IOException {
        Path words = Files.writeString(elsewhere.resolve("words.zip"), "just words");
        assertTrue(assertThrows(Backup.Failed.class, () -> Backup.opened(words))
                .getMessage()
                .contains("no copy of Little Summit"));
        Path climbing = zip("climb.zip", "../../" + Backup.DATABASE, new byte[] {1});
        assertThrows(Backup.Failed.class, () -> Backup.opened(climbing));
        assertFalse(Files.exists(elsewhere.resolve("../../" + Backup.DATABASE)), "nothing climbs out");
        Path broken = zip("broken.zip", Backup.DATABASE, new byte[5000]);
        assertTrue(assertThrows(Backup.Failed.class, () -> Backup.opened(broken))
                .getMessage()
                .contains("cannot be opened"));
    }

    @Test
    void theLastSevenNightsAreKeptAndOtherFilesAreLeftAlone() throws IOException {
        NightlyCopies nightly = new NightlyCopies(backup, clock, folder, true);
        Path copies = Files.createDirectories(data.resolve("copies"));
        Path own = Files.writeString(copies.resolve("before-the-holidays.zip"), "mine");
        for (int night = 0; night < 9; night++) {
            now = Instant.parse("2026-05-01T02:10:00Z").plusSeconds(86_400L * night);
            nightly.tonight();
        }
        try (Stream<Path> files = Files.list(copies)) {
            List<String> names =
                    files.map(f -> f.getFileName().toString()).sorted().toList();
            assertEquals(NightlyCopies.KEPT + 1, names.size(), names.toString());
            assertEquals("summit-2026-05-03.zip", names.get(1));
            assertEquals("summit-2026-05-09.zip", names.getLast());
        }
        assertEquals("mine", Files.readString(own));
        assertEquals("2026-05-09", nightly.last().orElseThrow().toString());
    }

    @Test
    void whoWantsNoneGetsNone() throws IOException {
        now = Instant.parse("2027-01-01T02:10:00Z");
        new NightlyCopies(backup, clock, folder, false).tonight();
        assertFalse(Files.exists(data.resolve("copies/summit-2027-01-01.zip")));
    }

    private Doctor.Finding found(String what) {
        return doctor.look().stream()
                .filter(f -> f.what().equals(what))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aServerThatIsWellIsSaidToBeSo() {
        for (String what : List.of("program", "database", "migrations", "disk", "clock", "replay")) {
            assertTrue(found(what).isWell(), found(what).toString());
        }
        assertTrue(
                found("database").sentence().startsWith(accounts() + " accounts"),
                found("database").sentence());
        assertTrue(found("migrations").sentence().matches("The database is at version \\d+\\."));
    }

    @Test
    void aClockThatIsBehindIsNoticed() {
        database.update("delete from practice_event");
        now = Instant.parse("2001-01-01T00:00:00Z");
        assertTrue(found("clock").isWell());
        String classId = people.addClass("Late class");
        var student = people.add("late" + System.nanoTime(), "Late", Role.STUDENT, "pw", classId);
        database.update(
                "insert into practice_event (person_id, assignment_id, skill, item_id, idempotency_key, payload, at)"
                        + " values (?, 'own', 'mean', 'none', 'once', '{}', ?)",
                student.id(),
                Timestamp.from(Instant.parse("2026-01-01T00:00:00Z")));
        assertFalse(found("clock").isWell());
        assertTrue(found("clock").sentence().contains("Set it."), found("clock").sentence());
        database.update("delete from practice_event");
    }

    @Test
    void oldCopiesAreNoticed() throws IOException {
        now = Instant.parse("2030-01-10T00:00:00Z");
        Files.createDirectories(data.resolve("copies"));
        assertFalse(found("copies").isWell());
        new NightlyCopies(backup, clock, folder, true).copy();
        assertTrue(found("copies").isWell(), found("copies").toString());
        now = Instant.parse("2030-01-14T00:00:00Z");
        assertFalse(found("copies").isWell());
    }

    @Test
    void aWishIsAnsweredOnce() throws Exception {
        Path file = elsewhere.resolve("wished.zip");
        Files.writeString(data.resolve("wish"), "backup " + file + "\n");
        wishes.look();
        assertFalse(Files.exists(data.resolve("wish")));
        String said = Files.readString(data.resolve("said"));
        assertTrue(said.startsWith("well   " + file) && said.contains(accounts() + " accounts"), said);
        assertEquals(accounts(), Backup.opened(file));
        assertTrue(wishes.answer("doctor").contains("well   migrations: "));
        assertTrue(wishes.answer("coffee").startsWith("WRONG"));
        assertTrue(wishes.answer("backup " + data.resolve("summit.mv.db/x.zip")).startsWith("WRONG"));
    }
}
