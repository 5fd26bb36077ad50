package littlesummit.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** What an earlier release has written, a text a line; never changed. */
public final class KeptLines {
    private KeptLines() {}

    public static List<String> of(String file) {
        try {
            return Files.readAllLines(Path.of("src/test/resources/kept", file));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
