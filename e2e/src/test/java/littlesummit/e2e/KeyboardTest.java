package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A student's job without a mouse, from the door to a corrected quiz. */
class KeyboardTest extends BrowserTest {
    private static final String ANSWER = "[data-answer], math-field";

    /** Signed in and at an item, its first field under the fingers. */
    private Keyboard at(String username, String skill) {
        Keyboard keys = Keyboard.signedIn(browser, summit, username);
        keys.page().navigate("/practice/own/" + skill);
        keys.isOn(ANSWER);
        return keys;
    }

    private static void verdictIsInSight(Page page) {
        page.waitForFunction(
                "() => { const v = document.querySelector('[data-verdict]')?.getBoundingClientRect(); return v !=="
                        + " undefined && v.top >= 0 && v.bottom <= innerHeight; }");
    }

    @Test
    void theSkipLinkLeadsPastTheNavigation() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "falko");
        keys.page().reload();
        assertThat(keys.page().getByText("Hut stores").first()).isVisible();
        keys.press("Tab");
        keys.to("Skip to the page");
        keys.press("Enter");
        keys.isOn("main");
    }

    @Test
    void anItemFromDueToTheNextOne() {
        Keyboard keys = at("bero", "mean");
        Page page = keys.page();
        Desk desk = Desk.of(summit, page, "bero");
        keys.type("0.1");
        keys.press("Enter");
        verdictIsInSight(page);
        keys.isOn("[data-answer]");
        keys.press("Alt+h");
        keys.press("Alt+h");
        assertThat(page.getByText("Hint 1 of")).isVisible();
        page.keyboard().press("Alt+e");
        assertThat(page.getByText("Worked example of a similar item")).isInViewport();
        keys.press("Alt+a");
        keys.press("Alt+w");
        keys.isOn("[data-line]");
        keys.type("the sum");
        keys.press("Enter");
        keys.type("over five");
        keys.press("Alt+ArrowUp");
        keys.press("Alt+q");
        keys.isOn("textarea");
        keys.type("Why?");
        keys.to("Put it on the list");
        keys.press("Enter");
        assertThat(page.getByText("Your question is on the list")).isVisible();
        keys.isSomewhere("after asking");
        keys.press("Alt+a");
        keys.isOn("[data-answer]");
        keys.press("Control+a");
        keys.type(desk.field(0).answer().key());
        keys.press("Enter");
        assertThat(page.getByText("Right, with a hint.")).isVisible();
        keys.to("Next item");
        page.keyboard().press("Enter");
        keys.isOn("[data-answer]");
        assertThat(page.getByText(Pattern.compile("item 2$"))).isVisible();
    }

    @Test
    void everyKindOfAnswerIsGivenAndCheckedByKeys() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "cilla");
        Page page = keys.page();
        for (String skill : new String[] {
            "fraction-picture",
            "select-shapes",
            "tile-length",
            "percent-parts",
            "circle-center",
            "two-way-read",
            "percent-discount",
            "binomial-expand",
            "polynomial-factor"
        }) {
            page.navigate("/practice/own/" + skill);
            keys.isOn(ANSWER);
            String kind = String.valueOf(page.evaluate(
                    "() => document.activeElement.tagName + ' ' + (document.activeElement.getAttribute('role')"
                            + " ?? '')"));
            if (kind.startsWith("INPUT") || kind.startsWith("MATH")) {
                keys.type("17");
            } else {
                page.keyboard().press(kind.startsWith("SELECT") ? "ArrowDown" : "Space");
            }
            keys.press("Enter");
            assertThat(page.locator("[data-verdict], [data-part]").first()).isVisible();
            keys.isSomewhere("after checking " + skill);
        }
    }

    @Test
    void theListOfKeysAndWhereItCameFrom() {
        Keyboard keys = at("hanno", "mean");
        Page page = keys.page();
        keys.to("Keys ?");
        keys.press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        keys.to("Single keys work without Alt");
        keys.press("Space");
        keys.press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        keys.isOn("[data-keys]");
        page.keyboard().press("t");
        assertThat(page.getByText("Each item that you finish adds a line here."))
                .hasCount(0);
        keys.press("Alt+t");
        assertThat(page.getByText("Each item that you finish adds a line here."))
                .isVisible();
    }

    @Test
    void aLineIsRuledByKeys() {
        Keyboard keys = at("jory", "prime-factors");
        Page page = keys.page();
        keys.to("Write");
        keys.press("ArrowRight");
        keys.to("Straight line");
        keys.press("Enter");
        keys.to("Sheet with 0 strokes");
        keys.press("Space", "ArrowRight", "ArrowRight", "ArrowDown", "Space");
        assertThat(page.locator("[data-ink-strokes='1']")).isVisible();
        assertThat(page.getByText("ink kept")).isVisible();
        keys.press("Control+z");
        assertThat(page.locator("[data-ink-strokes='0']")).isVisible();
    }

    @Test
    void aQuizFromItsFirstPageToACorrection() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "edda");
        Page page = keys.page();
        keys.to("Start: Gauge round");
        keys.press("Enter");
        keys.isOn("h1");
        keys.to("Begin round 1");
        page.keyboard().press("Enter");
        keys.isOn(ANSWER);
        keys.press("Alt+n");
        keys.isOn(ANSWER);
        keys.press("Alt+p");
        keys.isOn(ANSWER);
        keys.to("Hand in the round");
        keys.press("Enter");
        keys.isOn("h2");
        keys.to("Hand in now");
        page.keyboard().press("Enter");
        keys.isOn("h1");
        keys.to("Correct round 1");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-round-percent]")).isVisible();
        keys.isSomewhere("in the corrections");
        keys.to("How is it done?");
        keys.type("I read the question too quickly and worked with the other number.");
        keys.to("This is my correction");
        page.keyboard().press("Enter");
        assertThat(page.getByText("In your book.").first()).isVisible();
        keys.isSomewhere("after a correction");
    }

    @Test
    void aWholeCheck() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "isa");
        Page page = keys.comesTo("/check", "What do you know already?");
        keys.to("Begin the check");
        page.keyboard().press("Enter");
        keys.isOn(ANSWER);
        keys.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
        keys.isSomewhere("after an empty answer");
        Locator items = page.getByText(Pattern.compile("^Item [0-9]+ of at most"));
        for (int answered = 1; items.isVisible(); answered++) {
            keys.press("Alt+n");
            assertThat(page.getByText("New to you?")).isVisible();
            page.keyboard().press("Alt+n");
            assertThat(page.getByText("Item " + answered + " of at most")).hasCount(0);
            assertThat(items.or(page.getByText("To the map")).first()).isVisible();
            keys.isOn(items.isVisible() ? ANSWER : "h1");
            assertTrue(answered <= 30, "the check does not end");
        }
        keys.to("To the map");
        page.keyboard().press("Enter");
        keys.isOn("h1");
    }

    @Test
    void aLessonFromTheMap() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "wim");
        Page page = keys.comesTo("/map?part=all", "Map of skills");
        while (page.locator("[data-skill]:focus").count() == 0) {
            page.keyboard().press("Tab");
        }
        String first = keys.here();
        keys.press("ArrowDown");
        assertNotEquals(first, keys.here(), "an arrow key leads to another skill");
        for (int i = 0; i < 30 && page.getByText("Take the lesson").count() == 0; i++) {
            keys.press("ArrowDown");
        }
        keys.to("Take the lesson");
        page.keyboard().press("Enter");
        page.waitForURL("**/practice/lesson/**");
        keys.isOn(ANSWER);
    }

    @Test
    void aPhotoOfWorkOnPaper() {
        Keyboard keys = at("greta", "prime-factors");
        Page page = keys.page();
        // Waited for from the start: a picker that opens before the waiting for it has begun is never reported.
        page.onFileChooser(any -> {});
        keys.to("Write");
        keys.press("ArrowRight", "ArrowRight");
        // What stands behind a tab is loaded when it is asked for.
        assertThat(page.getByText("Choose pictures")).isVisible();
        keys.to("Choose pictures");
        FileChooser picker = page.waitForFileChooser(() -> page.keyboard().press("Enter"));
        picker.setFiles(new FilePayload("paper.png", "image/png", page.screenshot()));
        assertThat(page.getByText("Turn right")).isVisible();
        keys.isSomewhere("after adding a photo");
        keys.to("Turn right");
        keys.press("Enter");
        keys.to("Take away");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Turn right")).hasCount(0);
        keys.isSomewhere("after taking a photo away");
    }
}
