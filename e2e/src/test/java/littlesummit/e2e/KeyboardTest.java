package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The job without a mouse: for a student from the door to a corrected quiz, for an instructor the reading of work. */
class KeyboardTest extends BrowserTest {
    private static final String ANSWER = "[data-answer], math-field";

    private Keyboard signedIn(String username) {
        Keyboard keys = new Keyboard(browser.window(summit.address()));
        keys.page().navigate("/signin");
        assertThat(keys.page().getByLabel("Name")).isVisible();
        keys.page().keyboard().press("Tab");
        keys.to("Name");
        keys.type(username);
        keys.press("Tab");
        keys.type("summit");
        keys.page().keyboard().press("Enter");
        keys.page().waitForURL(url -> !url.endsWith("/signin"));
        keys.isOn("main, main h1");
        return keys;
    }

    /** Signed in and at an item, its first field under the fingers. */
    private Keyboard at(String username, String skill) {
        Keyboard keys = signedIn(username);
        keys.page().navigate("/practice/own/" + skill);
        keys.isOn(ANSWER);
        return keys;
    }

    private static void verdictIsInSight(Page page) {
        page.waitForFunction("() => { const v = document.querySelector('[data-verdict]')?.getBoundingClientRect(); return v !== undefined && v.top >= 0 && v.bottom <= innerHeight; }");
    }

    @Test
    void theSkipLinkLeadsPastTheNavigation() {
        Keyboard keys = signedIn("falko");
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
        Keyboard keys = signedIn("cilla");
        Page page = keys.page();
        for (String skill : new String[] {"fraction-picture", "select-shapes", "tile-length", "percent-parts", "circle-center", "two-way-read", "percent-discount", "binomial-expand", "polynomial-factor"}) {
            page.navigate("/practice/own/" + skill);
            keys.isOn(ANSWER);
            String kind = String.valueOf(page.evaluate("() => document.activeElement.tagName + ' ' + (document.activeElement.getAttribute('role') ?? '')"));
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
        assertThat(page.getByText("Each item that you finish adds a line here.")).hasCount(0);
        keys.press("Alt+t");
        assertThat(page.getByText("Each item that you finish adds a line here.")).isVisible();
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
        Keyboard keys = signedIn("edda");
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
    void aCheckAndTheMap() {
        Keyboard keys = signedIn("isa");
        Page page = keys.page();
        page.navigate("/check");
        assertThat(page.getByText("What do you know already?")).isVisible();
        page.keyboard().press("Tab");
        keys.to("Begin the check");
        page.keyboard().press("Enter");
        keys.isOn(ANSWER);
        keys.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
        keys.isSomewhere("after an empty answer");
        page.navigate("/map");
        assertThat(page.getByText("Map of skills")).isVisible();
    }

    @Test
    void anInstructorReadsWork() {
        Keyboard keys = signedIn("orla");
        Page page = keys.page();
        page.navigate("/handed-in");
        assertThat(page.getByText("J and K go through the pile.")).isVisible();
        page.keyboard().press("j");
        assertThat(page.getByLabel("Your marks and comment")).isVisible();
        page.keyboard().press("4");
        page.keyboard().press("d");
        assertThat(page.getByText("with full credit")).isVisible();
    }
}
