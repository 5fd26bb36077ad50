package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import littlesummit.app.served.ServedItems;
import littlesummit.core.item.Field;
import org.junit.jupiter.api.Test;

/** A sheet goes from the instructor to paper, and comes back as marks. */
class PaperTest extends BrowserTest {
    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + button)))
                .first()
                .click();
    }

    private Page at(String username, String address) {
        Page page = new Desk(summit, browser.window(summit.address()), username).page();
        page.navigate(address);
        return page;
    }

    /** Makes a sheet of three means on the first level. */
    private String sheet(Page orla, String title) {
        orla.navigate("/paper/new?skills=mean&title=" + title);
        orla.getByLabel("Items of The mean").fill("3");
        orla.getByLabel("Level of The mean").selectOption("1");
        press(orla, "Make the sheet");
        Locator made = orla.locator("[data-sheet='" + title + "']");
        assertThat(made.getByText("3 items")).isVisible();
        return made.locator("strong").first().innerText();
    }

    private String key(Page page, Locator article) {
        String id = article.locator("a[href^='/book/']").getAttribute("href").substring("/book/".length());
        List<Field> fields = summit.part(ServedItems.class)
                .item(id)
                .orElseThrow()
                .parts()
                .getFirst()
                .fields();
        return fields.getFirst().answer().key();
    }

    @Test
    void aSheetIsMadePrintedTriedMarkedAndAccepted() {
        Page orla = at("orla", "/paper");
        String code = sheet(orla, "Lantern-means");
        assertTrue(orla.request()
                .get(summit.address() + "/api/paper/copies/" + code + "/sheet.pdf")
                .headers()
                .get("content-type")
                .contains("pdf"));

        Page jory = at("jory", "/paper");
        jory.getByLabel("The code on your sheet").fill("nothing");
        press(jory, "Open it");
        assertThat(jory.getByText("A code has six letters and digits")).isVisible();
        jory.getByLabel("The code on your sheet").fill(code.toLowerCase().replace("-", " "));
        jory.keyboard().press("Enter");
        Locator items = jory.locator("article");
        assertThat(items).hasCount(3);
        assertThat(jory.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the solutions")))
                .isDisabled();
        assertThat(jory.getByText("1 mark")).hasCount(0);

        typed(jory, items.nth(0), "-1");
        assertThat(items.nth(0)).hasAttribute("data-trial", "MISSED");
        typed(jory, items.nth(0), key(jory, items.nth(0)));
        assertThat(items.nth(0)).hasAttribute("data-trial", "RIGHT");
        items.nth(1).getByLabel("Done on paper").check();
        items.nth(2).getByLabel("Done on paper").check();
        jory.reload();
        assertThat(items.nth(0)).hasAttribute("data-trial", "RIGHT");
        press(jory, "Open the solutions");
        assertThat(jory.locator("main h1")).isFocused();
        assertThat(items.nth(0).getByLabel(Pattern.compile("^Answer"))).isChecked();

        Locator second = items.nth(1).getByRole(AriaRole.CHECKBOX);
        for (int i = 0; i < second.count(); i++) {
            second.nth(i).check();
        }
        int sum = Integer.parseInt(jory.locator("[data-sum]").innerText());
        assertEquals(second.count() + 1, sum);
        jory.reload();
        assertThat(jory.locator("[data-sum]")).hasText(String.valueOf(sum));
        press(jory, "These are my marks");
        assertThat(jory.locator("[data-marks='" + sum + "']")).isVisible();

        orla.navigate("/class/marks");
        orla.getByLabel("Marked on paper")
                .getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("Lantern-means")))
                .getByRole(AriaRole.LINK)
                .click();
        orla.getByLabel("Or say what to look at again").fill("Is item 2 whole?");
        press(orla, "Return it");
        assertThat(orla.getByText("Returned with:")).isVisible();
        jory.reload();
        assertThat(jory.getByText("Is item 2 whole?")).isVisible();
        jory.getByLabel("enter the sum alone").check();
        jory.getByLabel("Marks in all").fill("999");
        assertThat(jory.getByText("Enter a number from 0 to")).isVisible();
        jory.getByLabel("Marks in all").fill("2");
        press(jory, "Change my marks");
        assertThat(jory.locator("[data-marks='2']")).isVisible();
        orla.reload();
        press(orla, "Accept them");
        assertThat(orla.getByText("the student can no longer change them")).isVisible();
        jory.navigate("/book");
        assertThat(jory.getByLabel("On paper").getByText("self-marked, accepted"))
                .isVisible();
        jory.getByText("Lantern-means").click();
        assertThat(items).hasCount(3);
        assertThat(jory.getByText("These are my marks")).hasCount(0);
    }

    private static void typed(Page page, Locator article, String answer) {
        Locator field = article.locator("[data-answer]").first();
        field.click();
        page.keyboard().press("Control+A");
        page.keyboard().type(answer);
        page.keyboard().press("Enter");
    }

    @Test
    void whatIsDoneOffTheGridIsSentLater() {
        Page orla = at("orla", "/paper");
        String code = sheet(orla, "Off-the-grid");
        Page hanno = at("hanno", "/paper/" + code);
        Locator items = hanno.locator("article");
        assertThat(items).hasCount(3);
        hanno.context().setOffline(true);
        items.nth(0).getByLabel("Done on paper").check();
        items.nth(1).locator("[data-answer]").first().click();
        hanno.keyboard().type("41");
        hanno.keyboard().press("Enter");
        assertThat(hanno.getByText("this device").first()).isVisible();
        assertThat(items.nth(0).getByLabel("Done on paper")).isChecked();
        hanno.context().setOffline(false);
        assertThat(items.nth(0)).hasAttribute("data-trial", "ON_PAPER");
        assertThat(items.nth(1)).hasAttribute("data-trial", Pattern.compile("MISSED|RIGHT"));
    }

    @Test
    void everyStudentGetsASheetByNameAndAnUnusedOneCanGo() {
        Page orla = at("orla", "/paper/new?skills=both-sides&title=Own-ones");
        orla.getByLabel("Another one for each student").check();
        press(orla, "Make the sheet");
        Locator made = orla.locator("[data-sheet='Own-ones']");
        made.getByText("came back with it").click();
        assertTrue(made.locator("tbody tr").count() > 10);
        Page isa = at("isa", "/paper");
        assertThat(isa.locator("[data-sheet='Own-ones']")).hasCount(1);
        made.getByText("Take it away").click();
        made.getByText("Yes, take it away").click();
        assertThat(made).hasCount(0);
    }

    @Test
    void theSheetOfAnAssignmentBeginsWithItsSkills() {
        Page nela = at("nela", "/due");
        nela.getByLabel("Print a practice sheet: Hut stores").click();
        assertThat(nela.getByLabel("Title on the sheet")).hasValue("Hut stores");
        assertThat(nela.getByLabel("Powers of ten, both ways").first()).isChecked();
        assertThat(nela.getByLabel("For whom")).hasCount(0);
        nela.getByLabel("large print").check();
        press(nela, "Make the sheet");
        assertThat(nela.locator("[data-sheet='Hut stores']")).isVisible();
    }
}
