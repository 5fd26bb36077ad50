package littlesummit.app.upkeep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * Copies the whole database into one file while the server runs. H2 writes a copy that is consistent in itself; it
 * counts only after it has been opened and the accounts in it have been counted.
 */
@Component
class Backup {
    /** What the file of the database is called in the copy, and in the data folder. */
    static final String DATABASE = "summit.mv.db";

    private static final Logger LOG = LoggerFactory.getLogger(Backup.class);

    /** What is to be done where there is no file to copy. */
    static final String ELSEWHERE = "for PostgreSQL with pg_dump and pg_restore.";

    private final DataSource database;
    private final DataFolder data;

    Backup(DataSource database, DataFolder data) {
        this.database = database;
        this.data = data;
    }

    /** Thrown where there is no copy in the end; what was there before is left alone. */
    static final class Failed extends Exception {
        private static final long serialVersionUID = 1L;

        Failed(String sentence) {
            super(sentence);
        }
    }

    /**
     * What was copied.
     *
     * @param bytes of the file
     * @param people accounts in it
     */
    record Copied(Path file, long bytes, long people) {}

    /**
     * @param file to be written; one that is there already is replaced, in one go, when the copy has been opened
     * @throws Failed with a sentence
     */
    Copied to(Path file) throws Failed {
        if (data.isElsewhere()) {
            throw new Failed("A database server is copied by its own means: " + ELSEWHERE);
        }
        Path whole = file.toAbsolutePath();
        Path making = whole.resolveSibling("." + whole.getFileName() + "-" + UUID.randomUUID());
        try {
            Files.createDirectories(whole.getParent());
            write(making);
            long people = opened(making);
            Files.move(making, whole, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
            return new Copied(whole, Files.size(whole), people);
        } catch (IOException fault) {
            throw new Failed("The copy could not be written to " + whole + ": " + fault.getMessage() + ".");
        } finally {
            remove(making);
        }
    }

    private void write(Path file) throws Failed {
        try (Connection connection = database.getConnection();
                PreparedStatement backup = connection.prepareStatement("BACKUP TO ?")) {
            backup.setString(1, file.toString());
            backup.execute();
        } catch (SQLException fault) {
            throw new Failed("The database could not be copied: " + fault.getMessage() + ".");
        }
    }

    /**
     * Opens a copy somewhere else, and counts the accounts in it.
     *
     * @throws Failed where it is none
     */
    static long opened(Path copy) throws Failed {
        try {
            Path folder = Files.createTempDirectory("summit-copy");
            try {
                unpack(copy, folder);
                return people(folder);
            } finally {
                FileSystemUtils.deleteRecursively(folder);
            }
        } catch (IOException fault) {
            throw new Failed(copy + " is no copy of Little Summit: " + fault.getMessage() + ".");
        }
    }

    /** Only the database is taken out, whatever else may stand in the file. */
    static void unpack(Path copy, Path folder) throws IOException, Failed {
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(copy))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(DATABASE)) {
                    Files.copy(zip, folder.resolve(DATABASE), StandardCopyOption.REPLACE_EXISTING);
                    return;
                }
            }
        }
        throw new Failed(copy + " is no copy of Little Summit: there is no " + DATABASE + " in it.");
    }

    private static long people(Path folder) throws Failed {
        String url = "jdbc:h2:file:" + folder.resolve("summit").toAbsolutePath() + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE";
        try (Connection connection = DriverManager.getConnection(url, "summit", "");
                Statement statement = connection.createStatement();
                ResultSet count = statement.executeQuery("select count(*) from person")) {
            count.next();
            return count.getLong(1);
        } catch (SQLException fault) {
            throw new Failed("The copy cannot be opened: " + fault.getMessage() + ".");
        }
    }

    /** What was begun and is of no use; where it cannot even be there, nothing is to be done. */
    private static void remove(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException nowhere) {
            LOG.debug("nothing to remove: {}", nowhere.getMessage());
        }
    }
}
