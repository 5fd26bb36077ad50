package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Contrast;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * WCAG 2.2 AA as far as axe and a ruler can see it: every view in every mode, with wide text, and at 320 pixels. Of the
 * views the long run looks at all, the short one at those of practice.
 */
class AccessTest extends BrowserTest {
    /**
     * How a page may be seen. In forced colours the browser takes colours of its own, which axe does not see: there all
     * rules but the one on contrast.
     */
    private enum Mode {
        LIGHT(ColorScheme.LIGHT, Contrast.NO_PREFERENCE),
        DARK(ColorScheme.DARK, Contrast.NO_PREFERENCE),
        MORE_CONTRAST(ColorScheme.LIGHT, Contrast.MORE),
        DARK_MORE_CONTRAST(ColorScheme.DARK, Contrast.MORE);

        private final Page.EmulateMediaOptions options;

        Mode(ColorScheme scheme, Contrast contrast) {
            this.options = new Page.EmulateMediaOptions()
                    .setColorScheme(scheme)
                    .setContrast(contrast)
                    .setForcedColors(ForcedColors.NONE)
                    .setReducedMotion(ReducedMotion.REDUCE);
        }
    }

    /** Both kinds of light; with more contrast, too, in the long run. */
    private static final List<Mode> MODES =
            BrowserTest.IS_THOROUGH ? List.of(Mode.values()) : List.of(Mode.LIGHT, Mode.DARK);

    /** All rules once, and those on colour in every mode; the others do not depend on it. */
    private static void findsNothing(Page page, String view) {
        page.waitForTimeout(400);
        for (Mode mode : MODES) {
            page.emulateMedia(mode.options);
            assertEquals("", mode == Mode.LIGHT ? Axe.all(page) : Axe.contrast(page), view + " " + mode);
        }
        page.emulateMedia(Mode.LIGHT.options);
    }

    @Test
    void axeFindsNothing() {
        Page page = browser.window(summit.address());
        page.navigate("/signin");
        assertThat(page.getByLabel("Name")).isVisible();
        findsNothing(page, "sign-in");
        Desk desk = new Desk(summit, page, "nela");
        page.navigate("/due");
        assertThat(page.getByText("Hut stores")).isVisible();
        findsNothing(page, "due");
        desk.open("Go on: Hut stores");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Show numbers"))
                .click();
        for (String entry : List.of("17", "18+")) {
            desk.answer(0, entry);
            assertThat(page.locator("[data-verdict]")).isVisible();
            findsNothing(page, "practice after " + entry);
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

    @Tag("long")
    @Test
    void axeFindsNothingBesideThePractice() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "nela");
        for (String[] view : new String[][] {
            {"/map", "Map of skills"},
            {"/entering", "Enter three quarters."},
            {"/questions", "Your questions"},
            {"/book", "Words in your lines"},
            {"/no-such-page", "There is no such page."},
            {"/review/set", "There is no set."}
        }) {
            page.navigate(view[0]);
            assertThat(page.getByText(view[1]).first()).isVisible();
            findsNothing(page, view[0]);
        }
    }

    @Tag("long")
    @Test
    void axeFindsNothingWhereWorkIsShownAndRead() {
        Page page = browser.window(summit.address());
        Desk desk = new Desk(summit, page, "ansa");
        desk.open("Go on: Loads in balance");
        Page reader = browser.window(summit.address());
        new Desk(summit, reader, "orla");
        for (String leaf : List.of("Write", "Draw", "Photos", "Files")) {
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(leaf))
                    .click();
            findsNothing(page, leaf);
        }
        reader.navigate("/handed-in");
        reader.getByLabel("Waiting work").locator("li button").first().click();
        assertThat(reader.locator("[data-ink-surface]")).isVisible();
        findsNothing(reader, "reading table");
        page.navigate("/book");
        page.locator("main li a[href^='/book/']").first().click();
        assertThat(page.locator("[data-line]").first()).isVisible();
        findsNothing(page, "a page of the book");
    }

    /** Addresses and what is seen there when it is loaded. */
    private static final String[][] STUDENT = {
        {"/check", "A short check"},
        {"/progress", "Active minutes a day"},
        {"/account", "Signed in elsewhere?"},
        {"/review", "Keep what you know"},
        {"/paper", "The code on your sheet"},
        {"/paper/new", "Title on the sheet"}
    };

    private static final String[][] INSTRUCTOR = {
        {"/class", "Where everybody is"},
        {"/class/assignments", "Rope work"},
        {"/class/marks", "Marks as CSV"},
        {"/classes", "Your classes"},
        {"/paper", "Make a sheet"}
    };

    @Tag("long")
    @Test
    void axeFindsNothingAroundThePractice() {
        Page student = browser.window(summit.address());
        new Desk(summit, student, "nela");
        Page instructor = browser.window(summit.address());
        new Desk(summit, instructor, "orla");
        looked(student, STUDENT);
        looked(instructor, INSTRUCTOR);
        instructor.navigate("/class/assignments");
        instructor.getByText("Set a new one").click();
        instructor.getByLabel("The mean").first().check();
        instructor.locator("main").getByText("Look at items").click();
        findsNothing(instructor, "a new assignment");
        instructor.navigate("/class");
        instructor.locator("th a").first().click();
        assertThat(instructor.getByText("Extra time in quizzes")).isVisible();
        findsNothing(instructor, "a student");
    }

    private static void looked(Page page, String[][] views) {
        for (String[] view : views) {
            page.navigate(view[0]);
            assertThat(page.getByText(view[1]).first()).isVisible();
            findsNothing(page, view[0]);
        }
    }

    @Tag("long")
    @Test
    void axeFindsNothingInASheetThatComesBack() {
        Page student = browser.window(summit.address());
        new Desk(summit, student, "cilla");
        student.navigate("/paper");
        student.locator("[data-sheet] a[href^='/paper/']").first().click();
        assertThat(student.getByText("Open the solutions").last()).isVisible();
        findsNothing(student, "a sheet to be tried");
        for (Locator box : student.getByLabel("Done on paper").all()) {
            box.check();
        }
        student.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the solutions"))
                .click();
        assertThat(student.getByText("These are my marks")).isVisible();
        findsNothing(student, "a sheet to be marked");
        student.setViewportSize(320, 700);
        assertEquals(320, student.evaluate("document.documentElement.scrollWidth"));
        Page instructor = browser.window(summit.address());
        new Desk(summit, instructor, "orla");
        instructor.navigate("/paper");
        instructor.locator("[data-sheet] th a").first().click();
        assertThat(instructor.getByText("Do the marks stand?")).isVisible();
        findsNothing(instructor, "marks to be accepted");
    }

    @Tag("long")
    @Test
    void axeFindsNothingInAQuiz() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "falko");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start: Gauge round"))
                .click();
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

    /**
     * What one sees only when something is in the way: no connection, a session that has ended, a name that is taken.
     */
    @Tag("long")
    @Test
    void axeFindsNothingWhenSomethingIsInTheWay() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "hanno");
        page.navigate("/practice/own/mean");
        assertThat(page.locator("[data-answer]").first()).isVisible();
        page.context().setOffline(true);
        page.locator("[data-answer]").first().fill("12");
        assertThat(page.getByText("this device").first()).isVisible();
        findsNothing(page, "offline");
        page.context().setOffline(false);
        assertThat(page.locator("[data-waiting='0']")).hasCount(1);
        page.context().clearCookies();
        page.locator("[data-answer]").first().fill("13");
        assertThat(page.getByText("Sign in and go on")).isVisible();
        findsNothing(page, "signed out");
        Page instructor = browser.window(summit.address());
        new Desk(summit, instructor, "orla");
        instructor.navigate("/account");
        instructor.getByLabel("New password again").fill("one");
        instructor.getByLabel("New password, at least 8 characters").fill("another");
        assertThat(instructor.getByRole(AriaRole.ALERT).first()).isVisible();
        findsNothing(instructor, "two passwords that differ");
    }

    /** Every way of answering, each with its own controls. */
    @Tag("long")
    @Test
    void axeFindsNothingInAnyKindOfAnswer() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "isa");
        for (String skill : List.of(
                "percent-discount",
                "percent-parts",
                "two-way-read",
                "select-shapes",
                "tile-length",
                "circle-center",
                "polynomial-factor",
                "fraction-picture",
                "binomial-expand",
                "angle-pairs")) {
            page.navigate("/practice/own/" + skill);
            assertThat(page.getByLabel("Your page")).isVisible();
            findsNothing(page, skill);
        }
    }

    /**
     * What says by colour alone is lost when the browser takes its own: the chosen option, the pens, and the tab that
     * is open stay told apart.
     */
    @Test
    void nothingIsLostInForcedColours() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "dario");
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
        page.navigate("/practice/own/prime-factors");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Draw"))
                .click();
        assertThat(page.locator("[data-ink-surface]")).isVisible();
        Object colours =
                page.evaluate("() => new Set([...document.querySelectorAll('[aria-label=Inks] button span')].map(s =>"
                        + " getComputedStyle(s).backgroundColor)).size");
        assertEquals(page.getByLabel("Inks").getByRole(AriaRole.BUTTON).count(), colours);
        assertEquals(
                1,
                page.evaluate("() => [...document.querySelectorAll('[role=tab]')].filter(t =>"
                        + " parseFloat(getComputedStyle(t).borderBottomWidth) > 0).length"));
        assertEquals("", Axe.allButContrast(page));
    }

    /** WCAG 1.4.12: wider lines, paragraphs, words and letters push nothing out of the page. */
    @Tag("long")
    @Test
    void wideTextFits() {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "nela");
        for (String view : List.of(
                "/due", "/practice/own/mean", "/book", "/progress", "/check", "/questions", "/review", "/account")) {
            page.navigate(view);
            assertThat(page.locator("main h1, header h1").first()).isVisible();
            page.addStyleTag(new Page.AddStyleTagOptions()
                    .setContent("* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing:"
                            + " 0.16em !important } p { margin-bottom: 2em !important }"));
            page.waitForTimeout(200);
            assertEquals(1280, page.evaluate("document.documentElement.scrollWidth"), view);
        }
    }

    /** WCAG 1.4.10 and 1.4.4: a window of 1280 pixels at 400 % and at 200 %. */
    @ParameterizedTest
    @ValueSource(ints = {320, 640})
    void nothingIsCutOff(int width) {
        Page page = browser.window(summit.address());
        page.setViewportSize(width, 700);
        Desk desk = new Desk(summit, page, "nela");
        assertEquals(width, page.evaluate("document.documentElement.scrollWidth"));
        for (String view : List.of(
                "/map",
                "/entering",
                "/questions",
                "/book",
                "/check",
                "/progress",
                "/account",
                "/review",
                "/paper",
                "/paper/new")) {
            page.navigate(view);
            page.waitForTimeout(300);
            assertEquals(width, page.evaluate("document.documentElement.scrollWidth"), view);
        }
        page.navigate("/due");
        desk.open("Go on: Hut stores");
        assertEquals(width, page.evaluate("document.documentElement.scrollWidth"));
    }

    @Tag("long")
    @ParameterizedTest
    @ValueSource(ints = {320, 640})
    void nothingOfTheInstructorsIsCutOff(int width) {
        Page page = browser.window(summit.address());
        new Desk(summit, page, "orla");
        page.setViewportSize(width, 700);
        for (String view : List.of(
                "/class",
                "/class/assignments",
                "/classes",
                "/handed-in",
                "/questions",
                "/gallery",
                "/account",
                "/class/marks",
                "/paper",
                "/paper/new")) {
            page.navigate(view);
            page.waitForTimeout(400);
            assertEquals(width, page.evaluate("document.documentElement.scrollWidth"), view);
        }
    }
}
