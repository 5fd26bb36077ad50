package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** An instructor writes a skill, has all its items looked at, and gives it to the class. */
class WorkbenchTest extends BrowserTest {
    private static final LocatorAssertions.IsVisibleOptions PATIENTLY =
            new LocatorAssertions.IsVisibleOptions().setTimeout(60_000);

    private Page orla() {
        Page page = new Desk(summit, browser.window(summit.address()), "orla").page();
        page.navigate("/workbench");
        return page;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static void begin(Page page) {
        button(page, "Begin with an example").click();
        page.waitForURL(Pattern.compile("/workbench/own-"));
    }

    /** Puts the cursor behind some words of the document and types. */
    private static void typeBehind(Page page, String words, String typed) {
        Locator line = page.locator(".cm-line", new Page.LocatorOptions().setHasText(words))
                .first();
        line.click();
        page.keyboard().press("End");
        page.keyboard().type(typed);
    }

    @Test
    void fromTheExampleToTheMapOfAStudent() {
        Page page = orla();
        begin(page);
        typeBehind(page, "name: A skill of mine", " and yours");
        Locator heading =
                page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("A skill of mine and yours"));
        assertThat(heading).isVisible();
        Locator item =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("An item as a student sees it"));
        assertThat(item.getByText("How many apples is that?")).isVisible();
        button(page, "Put it to use in the class").click();
        assertThat(page.getByText("Not everything holds for this skill as it is now."))
                .isVisible();
        button(page, "Look at all items").click();
        assertThat(page.getByText(Pattern.compile("Everything holds: all 5,460 items")))
                .isVisible(PATIENTLY);
        button(page, "Put it to use in the class").click();
        assertThat(page.getByText("Your class has it as it stands here.")).isVisible();

        Page student = new Desk(summit, browser.window(summit.address()), "ansa").page();
        student.navigate("/map?part=all");
        assertThat(student.getByText("A skill of mine and yours").first()).isVisible();
        button(page, "Take it out of use").click();
        button(page, "Yes, take it out").click();
        assertThat(page.getByText("Who has it assigned goes on with it; nobody else sees it."))
                .isVisible();
        student.reload();
        assertThat(student.getByText(Pattern.compile("^[0-9]+ ready"))).isVisible();
        assertThat(student.getByText("A skill of mine and yours")).hasCount(0);
    }

    @Test
    void anItemThatIsTypedBecomesASkill() {
        Page page = orla();
        button(page, "Begin with an item of yours").click();
        page.getByLabel("Name of the skill").fill("What one of them costs");
        page.getByLabel("The item, as a student will read it.")
                .fill("A stall sells 6 jars of honey for $42. What does one jar cost, in dollars?");
        page.getByLabel("Its answer").fill("7");
        assertThat(page.getByLabel("b / a")).isChecked();
        page.getByLabel("Smallest b").fill("30");
        button(page, "Make the skill").click();
        page.waitForURL(Pattern.compile("/workbench/own-"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("What one of them costs")))
                .isVisible();
        Locator item =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("An item as a student sees it"));
        assertThat(item.getByText(Pattern.compile("A stall sells \\d+ jars of honey for \\$\\d+")))
                .isVisible();
        assertThat(item.getByText("What does one jar cost, in dollars?")).isVisible();
    }

    @Test
    void theFormAndTheTextAreOneDocument() {
        Page page = orla();
        begin(page);
        tab(page, "Form");
        page.getByLabel("Question", new Page.GetByLabelOptions().setExact(true)).fill("How many, all in all?");
        Locator item =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("An item as a student sees it"));
        assertThat(item.getByText("How many, all in all?")).isVisible();
        Locator answer = page.getByLabel("Answer", new Page.GetByLabelOptions().setExact(true));
        String right = answer.inputValue();
        answer.fill(right + " *");
        assertThat(page.getByText("it ends too early")).isVisible();
        answer.fill(right);
        assertThat(page.getByText("it ends too early")).hasCount(0);
        Locator beginnings =
                page.locator("fieldset", new Page.LocatorOptions().setHasText("Beginnings, one for each item in turn"));
        int before = beginnings.locator("[data-field]").count();
        button(page, "One more of Beginnings, one for each item in turn").click();
        assertThat(beginnings.locator("[data-field]")).hasCount(before + 1);
        assertThat(beginnings.locator("[data-field]").last()).hasValue("Another beginning.");
        tab(page, "Text");
        assertThat(page.locator(".cm-content")).containsText("Another beginning.");
        assertThat(page.locator(".cm-content")).containsText("How many, all in all?");
        assertThat(page.getByText("document kept")).isVisible();
        page.reload();
        assertThat(page.locator(".cm-content")).containsText("Another beginning.");
    }

    private static void tab(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    @Test
    void theLanguageIsLookedUpAndCompleted() {
        Page page = orla();
        begin(page);
        tab(page, "Reference");
        page.getByLabel("Find a word").fill("divides both");
        assertThat(page.getByText("gcd(12, 18)")).isVisible();
        assertThat(page.getByText("median(list)")).hasCount(0);
        assertEquals("", Axe.all(page));
        tab(page, "Text");
        typeBehind(page, "total: n * size", " + media");
        page.keyboard().press("Control+Space");
        Locator offered = page.locator(".cm-tooltip-autocomplete li");
        assertThat(offered.filter(new Locator.FilterOptions().setHasText("median")))
                .isVisible();
        tab(page, "Form");
        assertThat(page.getByLabel("Kind of items")).isVisible();
        assertEquals("", Axe.all(page));
    }

    @Test
    void aFaultIsSaidAtItsLineAndNothingIsLost() {
        Page page = orla();
        begin(page);
        typeBehind(page, "n: 3..9", " oops");
        Locator proof = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The proof"));
        assertThat(proof.getByText(Pattern.compile("oops")).first()).isVisible();
        assertThat(page.getByText("There is no item yet.").first()).isVisible();
        proof.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Line 15")))
                .click();
        assertThat(page.locator(".cm-activeLine")).hasText(Pattern.compile("oops"));
        page.reload();
        assertThat(page.locator(".cm-line", new Page.LocatorOptions().setHasText("oops")))
                .isVisible();
        typeBehind(page, "oops", "");
        for (int i = 0; i < " oops".length(); i++) {
            page.keyboard().press("Backspace");
        }
        assertThat(page.getByText("How many apples is that?")).isVisible();
    }

    @Test
    void whatDoesNotHoldIsShownWithAnItem() {
        Page page = orla();
        begin(page);
        typeBehind(page, "- \"How many apples are in one crate?\"", "");
        page.keyboard().press("ArrowLeft");
        page.keyboard().type(" It comes to {total}.");
        assertThat(page.getByText("document kept")).isVisible();
        button(page, "Look at all items").click();
        Locator proof = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The proof"));
        assertThat(proof.getByText("This hint holds the answer.")).isVisible(PATIENTLY);
        proof.getByText("Show such an item").first().click();
        assertThat(proof.getByText(Pattern.compile("crates")).first()).isVisible();
    }

    @Test
    void anItemCanBeTriedAndTakenAlong() {
        Page page = orla();
        begin(page);
        Locator item =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("An item as a student sees it"));
        String text = item.getByText(Pattern.compile("crates")).first().innerText();
        String[] numbers = text.replaceAll("\\D+", " ").strip().split(" ");
        int added = Integer.parseInt(numbers[0]) + Integer.parseInt(numbers[1]);
        item.getByLabel("Apples").first().fill(String.valueOf(added));
        item.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Check"))
                .click();
        assertThat(item.getByText("The apples of every crate count.")).isVisible();
        Path file = page.waitForDownload(
                        () -> page.getByText("Take it along as a file").click())
                .path();
        page.navigate("/workbench");
        page.getByLabel("A skill as a file").setInputFiles(file);
        page.waitForURL(Pattern.compile("/workbench/own-"));
        assertThat(page.locator(".cm-line", new Page.LocatorOptions().setHasText("skill: my-skill")))
                .isVisible();
    }
}
