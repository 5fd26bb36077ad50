package littlesummit.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/**
 * The demo data, made once for all tests and copied for each: making six weeks of a class takes longer than most tests.
 */
final class DemoTemplate {
    private static Path made;

    private DemoTemplate() {}

    /** Puts fresh demo data into a folder that is empty. */
    static synchronized void into(Path data) {
        try {
            if (made == null) {
                made = Files.createTempDirectory("summit-demo");
                new Summit(made, List.of("--summit.demo=true")).close();
            }
            copy(made, data);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> files = Files.walk(from)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Path copied = to.resolve(from.relativize(file).toString());
                Files.createDirectories(copied.getParent());
                Files.copy(file, copied);
            }
        }
    }
}
