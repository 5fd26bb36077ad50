package littlesummit.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Debian's Chromium, driven by Playwright. */
final class Browser implements AutoCloseable {
    /**
     * Long, for a machine that does other things as well and a server that has just started: what hangs is still found.
     */
    private static final int PATIENCE_MS = 30_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final com.microsoft.playwright.Browser browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(executable())
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));

    /** The shell without windows, where there is one, does the same with a third less of the processor. */
    private static Path executable() {
        return Stream.of(
                        "/usr/bin/chromium-headless-shell",
                        "/usr/bin/chromium",
                        "/usr/bin/chromium-browser",
                        "/usr/bin/google-chrome")
                .map(Path::of)
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalStateException("No Chromium was found; ./summit test installs it on Debian."));
    }

    /** A window of its own, with its own session. */
    Page window(String address) {
        Page page = browser.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                        .setBaseURL(address)
                        .setViewportSize(1280, 800))
                .newPage();
        page.setDefaultTimeout(PATIENCE_MS);
        return page;
    }

    List<BrowserContext> windows() {
        return List.copyOf(browser.contexts());
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
