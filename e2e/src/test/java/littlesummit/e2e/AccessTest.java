package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Show numbers")).click();
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
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        findsNothing(page, "keys");
    }

    @Test
    void axeFindsNothingBesideThePractice() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "nela");
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
            for (String[] view : new String[][] {{"/map", "Map of skills"}, {"/entering", "Enter three quarters."}, {"/questions", "Your questions"}, {"/book", "Words in your lines"}}) {
                page.navigate(view[0]);
                assertThat(page.getByText(view[1])).isVisible();
                findsNothing(page, view[0] + " " + scheme);
            }
        }
    }

    @Test
    void axeFindsNothingWhereWorkIsShownAndRead() {
        Page page = browser.window(summit.address());
        Desk desk = new Desk(summit, page, "ansa");
        desk.open("Go on: Loads in balance");
        Page reader = browser.window(summit.address());
        new Desk(summit, reader, "orla");
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
            for (String leaf : List.of("Write", "Draw", "Photos", "Files")) {
                page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(leaf)).click();
                findsNothing(page, leaf + " " + scheme);
            }
            reader.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
            reader.navigate("/handed-in");
            reader.getByLabel("Waiting work").locator("li button").first().click();
            assertThat(reader.locator("[data-ink-surface]")).isVisible();
            findsNothing(reader, "reading table " + scheme);
        }
        page.navigate("/book");
        page.locator("main li a").first().click();
        assertThat(page.locator("[data-line]").first()).isVisible();
        findsNothing(page, "a page of the book");
    }

    /** Addresses and what is seen there when it is loaded. */
    private static final String[][] STUDENT = {{"/check", "A short check"}, {"/progress", "Active minutes a day"}, {"/account", "Signed in elsewhere?"},
            {"/review", "Keep what you know"}};
    private static final String[][] INSTRUCTOR = {{"/class", "Where everybody is"}, {"/class/assignments", "Rope work"}, {"/class/marks", "Marks as CSV"}, {"/classes", "Your classes"}};

    @Test
    void axeFindsNothingAroundThePractice() {
        Page student = browser.window(summit.address());
        new Desk(summit, student, "nela");
        Page instructor = browser.window(summit.address());
        new Desk(summit, instructor, "orla");
        for (ColorScheme scheme : List.of(ColorScheme.LIGHT, ColorScheme.DARK)) {
            looked(student, STUDENT, scheme);
            looked(instructor, INSTRUCTOR, scheme);
            instructor.navigate("/class/assignments");
            instructor.getByText("Set a new one").click();
            instructor.getByLabel("The mean").first().check();
            instructor.locator("main").getByText("Look at items").click();
            findsNothing(instructor, "a new assignment " + scheme);
        }
        instructor.navigate("/class");
        instructor.locator("th a").first().click();
        assertThat(instructor.getByText("Extra time in quizzes")).isVisible();
        findsNothing(instructor, "a student");
    }

    private static void looked(Page page, String[][] views, ColorScheme scheme) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        for (String[] view : views) {
            page.navigate(view[0]);
            assertThat(page.getByText(view[1]).first()).isVisible();
            findsNothing(page, view[0] + " " + scheme);
        }
    }

    @Test
    void axeFindsNothingInAQuiz() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "falko");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start: Gauge round")).click();
        page.getByText("Begin round 1").click();
        assertThat(page.getByText("Come back to this")).isVisible();
        findsNothing(page, "a round");
        page.getByText("Hand in the round").click();
        findsNothing(page, "the end of a round");
        page.getByText("Hand in now").click();
        findsNothing(page, "the quiz");
        page.getByText("Correct round 1").click();
        assertThat(page.locator("article").first()).isVisible();
        findsNothing(page, "corrections");
    }

    @Test
    void nothingIsCutOffAt320Pixels() {
        Page page = browser.window(summit.address());
        page.setViewportSize(320, 700);
        Desk desk = new Desk(summit, page, "nela");
        assertEquals(320, page.evaluate("document.documentElement.scrollWidth"));
        for (String view : List.of("/map", "/entering", "/questions", "/book", "/check", "/progress", "/account", "/review")) {
            page.navigate(view);
            page.waitForTimeout(300);
            assertEquals(320, page.evaluate("document.documentElement.scrollWidth"), view);
        }
        page.navigate("/due");
        desk.open("Go on: Hut stores");
        assertEquals(320, page.evaluate("document.documentElement.scrollWidth"));
    }
}
