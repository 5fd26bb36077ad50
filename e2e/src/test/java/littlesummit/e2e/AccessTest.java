package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** WCAG 2.2 AA as far as axe can see it, on every view, light and dark, and at 320 pixels. */
class AccessTest extends BrowserTest {
    private static void findsNothing(Page page, String view) {
        page.waitForTimeout(400);
        var violations = new AxeBuilder(page).withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa")).analyze().getViolations();
        assertEquals("", violations.stream().map(v -> v.getId() + " " + v.getNodes().stream().map(n -> n.getHtml()).toList())
                .collect(Collectors.joining("\n")), view);
    }

    @Test
    void axeFindsNothing() {
        Page page = browser.window(summit.address());
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme).setForcedColors(ForcedColors.NONE));
            page.navigate("/signin");
            assertThat(page.getByLabel("Name")).isVisible();
            findsNothing(page, "sign-in " + scheme);
        }
        Desk desk = new Desk(summit, page, "nela");
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
            page.navigate("/due");
            assertThat(page.getByText("Hut stores")).isVisible();
            findsNothing(page, "due " + scheme);
            desk.open("Go on: Hut stores");
            page.getByRole(com.microsoft.playwright.options.AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Show numbers")).click();
            desk.answer(0, scheme == ColorScheme.LIGHT ? "17" : "18+");
            assertThat(page.locator("[data-verdict]")).isVisible();
            findsNothing(page, "practice " + scheme);
        }
        desk.press("Ask");
        findsNothing(page, "asking");
        desk.press("Full solution");
        desk.press("Show it");
        findsNothing(page, "closed item");
        desk.press("Walk me through");
        findsNothing(page, "walk-through");
        page.keyboard().press("Escape");
        page.keyboard().press("?");
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG)).isVisible();
        findsNothing(page, "keys");
    }

    @Test
    void axeFindsNothingBesideThePractice() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "nela");
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
            for (String[] view : new String[][] {{"/map", "Map of skills"}, {"/entering", "Enter three quarters."}, {"/questions", "Your questions"}}) {
                page.navigate(view[0]);
                assertThat(page.getByText(view[1])).isVisible();
                findsNothing(page, view[0] + " " + scheme);
            }
        }
    }

    @Test
    void nothingIsCutOffAt320Pixels() {
        Page page = browser.window(summit.address());
        page.setViewportSize(320, 700);
        Desk desk = new Desk(summit, page, "nela");
        assertEquals(320, page.evaluate("document.documentElement.scrollWidth"));
        for (String view : List.of("/map", "/entering", "/questions")) {
            page.navigate(view);
            page.waitForTimeout(300);
            assertEquals(320, page.evaluate("document.documentElement.scrollWidth"), view);
        }
        page.navigate("/due");
        desk.open("Go on: Hut stores");
        assertEquals(320, page.evaluate("document.documentElement.scrollWidth"));
    }
}
