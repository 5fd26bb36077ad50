package littlesummit.app.upkeep;

import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The folder in which the database stands. */
@Component
class DataFolder {
    private final Path path;
    private final boolean isFile;
    private final boolean isElsewhere;

    DataFolder(@Value("${summit.data}") Path path, @Value("${spring.datasource.url}") String url) {
        this.path = path.toAbsolutePath().normalize();
        this.isFile = url.startsWith("jdbc:h2:file:");
        this.isElsewhere = !url.startsWith("jdbc:h2:");
    }

    Path path() {
        return path;
    }

    Path database() {
        return path.resolve(Backup.DATABASE);
    }

    /** Whether a database server of its own keeps everything, which looks after its room and its copies itself. */
    boolean isElsewhere() {
        return isElsewhere;
    }

    /** Whether there is one: a database in memory has none. */
    boolean isThere() {
        return isFile && Files.isDirectory(path);
    }
}
