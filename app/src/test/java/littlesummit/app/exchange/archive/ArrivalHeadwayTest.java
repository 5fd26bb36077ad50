package littlesummit.app.exchange.archive;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipOutputStream;
import littlesummit.app.ApiTest;
import littlesummit.app.exchange.archive.rows.ArrivalService;
import littlesummit.app.headway.Headway;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

/** Who brings in a class is told what is being done, and how much of it. */
class ArrivalHeadwayTest extends ApiTest {
    private record Told(String doing, long done, long steps) {}

    @Autowired
    private ArrivalService arrivals;

    @Autowired
    private ClassArchive archive;

    @TempDir
    private Path folder;

    private final List<Told> told = new ArrayList<>();
    private final Headway recorded = (doing, done, steps) -> told.add(new Told(doing, done, steps));
    private Person bringer;

    @BeforeEach
    void somebodyElse() {
        bringer = people.add("b" + student.username(), "Bringer", Role.INSTRUCTOR, "pw", people.addClass("Another"));
    }

    private Path taken() throws IOException {
        answerRight(assigned(new Target.Score(80), Policy.DEFAULT, "both-sides"));
        return Files.write(folder.resolve("class.zip"), instructor.bytes("/api/exchange/class-archive.zip"));
    }

    private List<Told> of(String doing) {
        return told.stream().filter(one -> one.doing().equals(doing)).toList();
    }

    @Test
    void theRecordsAreReadToTheirEndThenTheScoresAreCounted() throws IOException {
        arrivals.plan(bringer, taken(), (person, headway) -> headway.at("Looking", 0, 1), recorded);
        assertEquals(
                List.of("Reading the records", "Counting the scores again", "Looking"),
                told.stream().map(Told::doing).distinct().toList());
        List<Told> read = of("Reading the records");
        for (int i = 1; i < read.size(); i++) {
            assertTrue(read.get(i - 1).done() <= read.get(i).done(), "it never goes back");
        }
        assertTrue(read.getFirst().steps() > 1000, "bytes: " + read.getFirst());
        assertEquals(read.getLast().steps(), read.getLast().done());
        assertEquals(
                List.of(new Told("Counting the scores again", 0, 2), new Told("Counting the scores again", 1, 2)),
                of("Counting the scores again"));
    }

    @Test
    void theFoldersOfTheStudentsAreCounted() throws IOException {
        Person teacher = people.add("t" + student.username(), "Teacher", Role.INSTRUCTOR, "pw", student.classId());
        try (ZipOutputStream nowhere = new ZipOutputStream(OutputStream.nullOutputStream())) {
            archive.write(teacher, "http://localhost", new Folder(nowhere, ""), recorded);
        }
        String pages = "Opening the pages of the students";
        assertEquals(List.of(new Told(pages, 0, 2), new Told(pages, 1, 2)), told);
    }
}
