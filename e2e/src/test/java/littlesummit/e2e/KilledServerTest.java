package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The server as a process of its own, killed without warning in the middle of a round and started again. */
@Tag("long")
class KilledServerTest {
    @TempDir
    Path data;

    @Test
    void whatWasAcknowledgedIsThereAndTheTimeStandsAsPlanned() {
        try (Jar server = new Jar(data);
                Browser browser = new Browser()) {
            Page page = browser.window(server.address());
            Round.begin(page);
            Round round = new Round(page);
            round.toFirstTyped();
            page.locator("input[data-answer]").first().fill("acknowledged");
            assertThat(page.getByText("answer kept", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Draw"))
                    .click();
            new InkPen(page).mouse(40, 40, 200, 120);
            assertThat(page.getByText("ink kept", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();

            server.kill();
            page.locator("input[data-answer]").first().fill("typed while it was down");
            assertThat(page.getByText("answer kept here, sent when the connection is back"))
                    .isVisible();
            server.start();
            assertThat(page.getByText("answer kept", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();

            server.kill();
            server.start();
            page.reload();
            round.toFirstTyped();
            assertThat(page.locator("input[data-answer]").first()).hasValue("typed while it was down");
            assertThat(page.getByText("1 of 10 answered")).isVisible();
            int left = Integer.parseInt(page.locator("[data-time-left]").getAttribute("data-time-left"));
            assertTrue(left > 35 * 60 && left < 45 * 60, "seconds left: " + left);
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Draw"))
                    .click();
            assertThat(page.locator("[data-ink-strokes='1']")).isVisible();
            assertEquals(0, page.getByText("Something went wrong").count());
        }
    }
}
