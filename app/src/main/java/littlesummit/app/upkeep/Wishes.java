package littlesummit.app.upkeep;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * How the command line asks a running server for something: it puts a file {@code wish} into the data folder and waits
 * for a file {@code said}. Whoever may write there has the database anyway; nothing of it is open to the network.
 */
@Component
class Wishes {
    private static final Logger LOG = LoggerFactory.getLogger(Wishes.class);
    private static final String BACKUP = "backup ";

    private final DataFolder data;
    private final Backup backup;
    private final Doctor doctor;

    Wishes(DataFolder data, Backup backup, Doctor doctor) {
        this.data = data;
        this.backup = backup;
        this.doctor = doctor;
    }

    @Scheduled(fixedDelay = 1000)
    void look() {
        if (data.isThere()) {
            try {
                Path wish = data.path().resolve("wish");
                if (Files.exists(wish)) {
                    String words = Files.readString(wish).strip();
                    Files.delete(wish);
                    say(answer(words));
                }
            } catch (IOException fault) {
                LOG.error("A wish could not be read or answered: {}", fault.getMessage());
            }
        }
    }

    private void say(String words) throws IOException {
        Path making = data.path().resolve("said-being-written");
        Files.writeString(making, words + "\n", StandardCharsets.UTF_8);
        Files.move(
                making,
                data.path().resolve("said"),
                StandardCopyOption.REPLACE_EXISTING,
                StandardCopyOption.ATOMIC_MOVE);
    }

    /** The first word says whether all is well: “well” or “WRONG”. */
    String answer(String wish) {
        if (wish.equals("doctor")) {
            return doctor();
        }
        Optional<Path> file =
                wish.startsWith(BACKUP) ? Optional.of(Path.of(wish.substring(BACKUP.length()))) : Optional.empty();
        return file.map(this::copied).orElse("WRONG  Nobody knows what “" + wish + "” is.");
    }

    private String copied(Path file) {
        try {
            Backup.Copied copy = backup.to(file);
            return "well   " + copy.file() + ": " + copy.people() + " accounts, " + copy.bytes() / 1024
                    + " kB. It was opened to see that it is whole.";
        } catch (Backup.Failed failed) {
            return "WRONG  " + failed.getMessage();
        }
    }

    private String doctor() {
        List<Doctor.Finding> findings = doctor.look();
        return findings.stream().map(Doctor.Finding::toString).collect(Collectors.joining("\n"));
    }
}
