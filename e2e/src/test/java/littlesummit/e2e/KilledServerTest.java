package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The server as a process of its own, killed without warning in the middle of a round and started again. */
class KilledServerTest {
    private static final Path JAR = Path.of("..", "app", "target", "summit-app-boot.jar");
    private static final Duration START = Duration.ofSeconds(180);
    @TempDir
    Path data;
    private int port;

    private Process started() throws IOException, InterruptedException {
        Process process = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-Dsummit.demo=true", "-Dsummit.data=" + data,
                "-Dserver.port=" + port, "-jar", JAR.toString()).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD).start();
        Instant until = Instant.now().plus(START);
        while (!answers()) {
            assertTrue(process.isAlive() && Instant.now().isBefore(until), "the server did not start");
            Thread.sleep(300);
        }
        return process;
    }

    private boolean answers() {
        try (Socket socket = new Socket("localhost", port)) {
            return socket.isConnected();
        } catch (IOException notYet) {
            return false;
        }
    }

    private static void kill(Process process) throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Test
    void whatWasAcknowledgedIsThereAndTheTimeStandsAsPlanned() throws IOException, InterruptedException {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Process server = started();
        try (Browser browser = new Browser()) {
            Page page = browser.window("http://localhost:" + port);
            inARound(page);
            page.locator("input[data-answer]").first().fill("acknowledged");
            assertThat(page.getByText("answer kept", new Page.GetByTextOptions().setExact(true))).isVisible();
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Draw")).click();
            new InkPen(page).mouse(40, 40, 200, 120);
            assertThat(page.getByText("ink kept", new Page.GetByTextOptions().setExact(true))).isVisible();

            kill(server);
            page.locator("input[data-answer]").first().fill("typed while it was down");
            assertThat(page.getByText("answer kept here, sent when the connection is back")).isVisible();
            server = started();
            assertThat(page.getByText("answer kept", new Page.GetByTextOptions().setExact(true))).isVisible();

            kill(server);
            server = started();
            page.reload();
            assertThat(page.locator("input[data-answer]").first()).hasValue("typed while it was down");
            assertThat(page.getByText("1 of 10 answered")).isVisible();
            int left = Integer.parseInt(page.locator("[data-time-left]").getAttribute("data-time-left"));
            assertTrue(left > 35 * 60 && left < 45 * 60, "seconds left: " + left);
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Draw")).click();
            assertThat(page.locator("[data-ink-strokes='1']")).isVisible();
            assertEquals(0, page.getByText("Something went wrong").count());
        } finally {
            kill(server);
        }
    }

    private static void inARound(Page page) {
        page.navigate("/signin");
        page.getByLabel("Name").fill("wim");
        page.getByLabel("Password").fill("summit");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start: Gauge round")).click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Begin round 1"))).click();
        assertThat(page.getByText("0 of 10 answered")).isVisible();
    }
}
