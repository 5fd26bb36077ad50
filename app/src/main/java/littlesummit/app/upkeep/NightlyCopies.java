package littlesummit.app.upkeep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** A copy every night, in the folder {@code copies} beside the database; the last seven are kept. */
@Component
class NightlyCopies {
    static final int KEPT = 7;
    private static final Logger LOG = LoggerFactory.getLogger(NightlyCopies.class);
    private static final String NAME = "summit-\\d{4}-\\d{2}-\\d{2}\\.zip";

    private final Backup backup;
    private final Clock clock;
    private final DataFolder data;
    private final boolean wanted;

    /** @param wanted whether there are copies at night; no where the database is in memory */
    NightlyCopies(Backup backup, Clock clock, DataFolder data, @Value("${summit.nightly-copies}") boolean wanted) {
        this.backup = backup;
        this.clock = clock;
        this.data = data;
        this.wanted = wanted && data.isThere();
    }

    @Scheduled(cron = "0 10 3 * * *")
    void tonight() {
        if (wanted) {
            copy();
        }
    }

    /** Copies, and takes away what is older than the last seven. */
    void copy() {
        Path file = folder().resolve("summit-" + LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()) + ".zip");
        try {
            backup.to(file);
            for (Path old : all().stream().skip(KEPT).toList()) {
                Files.delete(old);
            }
        } catch (Backup.Failed | IOException failed) {
            LOG.error("There is no copy of tonight: {}", failed.getMessage());
        }
    }

    private Path folder() {
        return data.path().resolve("copies");
    }

    /** The newest first; other files of the folder are left alone. */
    private List<Path> all() throws IOException {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            return files.filter(file -> file.getFileName().toString().matches(NAME))
                    .sorted(Comparator.comparing(
                                    (Path file) -> file.getFileName().toString())
                            .reversed())
                    .toList();
        }
    }

    /** The day of the last copy. */
    Optional<LocalDate> last() {
        try {
            return all().stream()
                    .findFirst()
                    .map(file -> LocalDate.parse(file.getFileName().toString().substring(7, 17)));
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }
}
