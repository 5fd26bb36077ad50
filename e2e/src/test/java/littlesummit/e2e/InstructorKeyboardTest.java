package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** An instructor's job without a mouse: setting work, looking at marks, reading and answering. */
class InstructorKeyboardTest extends BrowserTest {
    @Test
    void workIsSet() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "orla");
        Page page = keys.comesTo("/class/assignments", "Rope work");
        keys.to("Set a new one");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Give it a title.")).isVisible();
        keys.to("Title");
        keys.type("Set by keys");
        assertThat(page.getByText("Choose at least one skill.")).isVisible();
        keys.to("a mastery score");
        keys.press("ArrowDown");
        keys.to("Find a skill");
        keys.type("mean");
        keys.to("The mean");
        keys.press("Space");
        assertThat(page.getByText("One skill, due")).isVisible();
        keys.to("For the whole class");
        keys.press("Enter");
        keys.to("Ansa Holm");
        keys.press("Space");
        assertThat(page.getByText("for one student.")).isVisible();
        keys.to("Set it");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Set by keys").first()).isVisible();
        assertThat(page.getByText("3 right in a row or 5 steps").first()).isVisible();
        keys.isSomewhere("after setting work");
    }

    @Test
    void marksAreLookedThrough() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "orla");
        Page page = keys.comesTo("/class/marks", "Weather log");
        keys.to("Marks as CSV");
        keys.to("Find an assignment");
        keys.type("snow");
        assertThat(page.getByText("Weather log")).hasCount(0);
        keys.to("Ansa Holm");
        page.keyboard().press("Enter");
        page.waitForURL("**/class/students/**");
        keys.isOn("h1");
    }

    private Keyboard atTheFirstOfThePile() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "orla");
        keys.comesTo("/handed-in", "J and K go through the pile.");
        keys.page().keyboard().press("j");
        keys.isOn("h2");
        return keys;
    }

    @Test
    void workIsRead() {
        Keyboard keys = atTheFirstOfThePile();
        Page page = keys.page();
        keys.press("4");
        page.keyboard().press("d");
        assertThat(page.getByText("with full credit")).isVisible();
        keys.isSomewhere("after reading a page");
        keys.to("Undo");
        page.keyboard().press("Enter");
        keys.isOn("h2");
        keys.to("Comment");
        keys.type("Say what x stands for.");
        keys.press("Tab");
        keys.to("Send back for more");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Comment", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("");
        keys.isSomewhere("after sending a page back");
    }

    @Test
    void theNextPageMayBeSlow() {
        Keyboard keys = atTheFirstOfThePile();
        Page page = keys.page();
        List<Route> held = new ArrayList<>();
        page.route("**/api/book/*", held::add);
        page.keyboard().press("d");
        assertThat(page.getByText("Opening the page.")).isVisible();
        keys.isSomewhere("while the next page is opened");
        held.forEach(Route::resume);
        keys.isOn("h2");
    }

    @Test
    void aQuestionIsAnswered() {
        Keyboard keys = Keyboard.signedIn(browser, summit, "orla");
        Page page = keys.comesTo("/questions", "Questions of the class");
        keys.to("Your answer");
        keys.type("Divide both sides by the same number.");
        keys.to("Answer");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Orla Fennimer answers:").first()).isVisible();
        keys.isSomewhere("after answering");
    }
}
