package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A mixed set of what is due for a refresh. */
class ReviewTest extends BrowserTest {
    @Test
    void aSetIsWorkedThroughLeftAndGoneOnWithAndAMissTakesNothingAway() {
        Desk nela = new Desk(summit, browser.window(summit.address()), "nela");
        Page page = nela.page();
        page.navigate("/review");
        int known = Integer.parseInt(page.getByText(Pattern.compile("^Skills you know: "))
                .innerText()
                .replaceAll("\\D", ""));
        nela.press("Begin the mixed set");
        Locator posts = page.getByLabel("The set", new Page.GetByLabelOptions().setExact(true))
                .locator("li");
        assertThat(page.getByLabel("Your page")).isVisible();
        int skills = posts.count();
        assertTrue(skills >= 2, "skills " + skills);

        nela.press("Full solution");
        nela.press("Show it");
        assertThat(page.getByText("Missed this time.")).isVisible();
        nela.press("Next skill");
        assertThat(posts.nth(0)).containsText("missed");
        assertThat(posts.nth(1)).containsText("here now");

        page.navigate("/due");
        page.navigate("/review");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Go on with the set"))
                .click();
        for (int i = 1; i < skills; i++) {
            assertThat(posts.nth(i)).containsText("here now");
            nela.press("Full solution");
            nela.press("Show it");
            nela.press(i < skills - 1 ? "Next skill" : "Finish the set");
        }
        assertThat(page.getByText("The set is done")).isVisible();
        assertThat(page.getByText("They stay known, and stay due for a refresh."))
                .isVisible();
        page.navigate("/review");
        assertEquals(
                "Skills you know: " + known,
                page.getByText(Pattern.compile("^Skills you know: ")).innerText());
    }

    @Test
    void anySkillsThatAreKnownCanBeMixed() {
        Desk jory = new Desk(summit, browser.window(summit.address()), "jory");
        Page page = jory.page();
        page.navigate("/review");
        page.getByLabel("Mark Place and value of a digit for a set").check();
        page.getByLabel("Mark Absolute value for a set").check();
        jory.press("Mix the 2 that are marked");
        assertThat(page.getByLabel("Your page")).isVisible();
        jory.press("End the set");
        assertThat(page.getByText("Go on with the set")).isHidden();
        assertThat(page.getByText(Pattern.compile("^Skills you know: "))).isVisible();
    }
}
