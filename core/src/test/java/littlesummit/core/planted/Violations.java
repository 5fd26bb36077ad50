package littlesummit.core.planted;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import org.junit.jupiter.api.Assertions;

/** Violations for {@link littlesummit.core.ArchitectureRulesTest}, each of one rule. */
public final class Violations {
    private Violations() {}

    /** Reads a file. */
    public static final class ReadsFile {
        String text(Path path) throws IOException {
            return Files.readString(path);
        }
    }

    /** Asks a clock. */
    public static final class AsksClock {
        Clock clock() {
            return Clock.systemUTC();
        }
    }

    /** Finds the time out by itself. */
    public static final class FindsTime {
        Instant time() {
            return Instant.now();
        }
    }

    /** Measures by the machine's counter. */
    public static final class Measures {
        long count() {
            return System.nanoTime();
        }
    }

    /** Uses a library. */
    public static final class UsesLibrary {
        void look() {
            Assertions.fail();
        }
    }
}
