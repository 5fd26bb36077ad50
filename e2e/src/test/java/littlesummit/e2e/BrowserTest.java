package littlesummit.e2e;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/** A server with fresh demo data and a browser, for all tests of a class. */
abstract class BrowserTest {
    @TempDir
    static Path data;
    static Summit summit;
    static Browser browser;

    @BeforeAll
    static void start() {
        summit = Summit.demo(data);
        browser = new Browser();
    }

    @AfterAll
    static void stop() {
        browser.close();
        summit.close();
    }
}
