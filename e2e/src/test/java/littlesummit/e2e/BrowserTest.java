package littlesummit.e2e;

import com.microsoft.playwright.BrowserContext;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** A server with fresh demo data and a browser, for all tests of a class. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class BrowserTest {
    /** In the long run, which tries every case of what the short one tries some of. */
    static final boolean IS_THOROUGH = Boolean.getBoolean("thorough");

    Path data;
    Summit summit;
    Browser browser;
    private List<BrowserContext> before = List.of();

    @BeforeAll
    void start(@TempDir Path folder) {
        data = folder;
        summit = Summit.demo(data);
        browser = new Browser();
    }

    @BeforeEach
    void remember() {
        before = browser.windows();
    }

    /** Windows that nobody looks at any more would go on asking the server. */
    @AfterEach
    void closeWindows() {
        browser.windows().stream().filter(window -> !before.contains(window)).forEach(BrowserContext::close);
    }

    @AfterAll
    void stop() {
        browser.close();
        summit.close();
    }
}
