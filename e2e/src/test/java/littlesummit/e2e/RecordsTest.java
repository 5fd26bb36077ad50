package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Statements sent to the simulated record store, and statements of another program brought in and undone. */
class RecordsTest extends BrowserTest {
    private static final String FROM_ELSEWHERE = """
        {"id":"0b9f0f4e-58a3-4f0e-8c49-0f2d3b1f6a01","actor":{"account":\
            {"homePage":"https://hut.example","name":"nela"}},\
        "verb":{"id":"http://adlnet.gov/expapi/verbs/completed"},"object":{"id":"https://hut.example/knots",\
        "definition":{"name":{"en":"Knots of the valley"}}},"result":{"score":{"scaled":0.9}},\
        "timestamp":"2025-03-04T09:00:00Z"}
        not a statement
        """;

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void sentToTheStoreAndOnceAlone() {
        Page page = new Desk(summit, browser.window(summit.address()), "orla").page();
        page.navigate("/class");
        Locator records = page.getByLabel("Records for other programs", new Page.GetByLabelOptions().setExact(true));
        assertThat(records.getByText("It holds 0 statements now.")).isVisible();
        button(page, "Send what everybody did").click();
        assertThat(records.getByRole(AriaRole.STATUS)).containsText(Pattern.compile("Sent: [\\d,]+ statements of"));
        Locator held = records.getByText(Pattern.compile("It holds [1-9][\\d,]* statements now"));
        assertThat(held).isVisible();
        String before = held.textContent().replaceAll(".*It holds", "");
        button(page, "Send what everybody did").click();
        assertThat(records.getByRole(AriaRole.STATUS)).containsText(Pattern.compile("Sent: [\\d,]+ statements of"));
        assertThat(records.getByText("It holds" + before)).isVisible();
    }

    @Test
    void broughtInSeenAndUndone() {
        Page page = new Desk(summit, browser.window(summit.address()), "orla").page();
        page.navigate("/class");
        page.getByLabel("Statements of another program", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(new FilePayload(
                        "elsewhere.jsonl", "application/json", FROM_ELSEWHERE.getBytes(StandardCharsets.UTF_8)));
        Locator plan = page.getByLabel("What the file will do");
        assertThat(plan.getByText("1 statement of one student.")).isVisible();
        assertThat(plan.getByText("Line 2: This line is no JSON.")).isVisible();
        plan.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it in"))
                .click();
        assertThat(page.getByText("You find it on the page of each student.")).isVisible();
        Page nela = new Desk(summit, browser.window(summit.address()), "nela").page();
        nela.navigate("/progress");
        assertThat(nela.getByText("completed: Knots of the valley")).isVisible();
        page.getByLabel("Records for other programs", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo it"))
                .click();
        assertThat(page.getByText("Undone.").first()).isVisible();
        nela.navigate("/progress");
        assertThat(nela.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Your progress")))
                .isVisible();
        assertThat(nela.getByText("Knots of the valley")).hasCount(0);
    }
}
