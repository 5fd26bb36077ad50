package littlesummit.e2e;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** A server with fresh demo data and a browser, for all tests of a class. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class BrowserTest {
    Path data;
    Summit summit;
    Browser browser;

    @BeforeAll
    void start(@TempDir Path folder) {
        data = folder;
        summit = Summit.demo(data);
        browser = new Browser();
    }

    @AfterAll
    void stop() {
        browser.close();
        summit.close();
    }
}
