package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** A round of the demo class's quiz on the screen: its ten items, some to type in, some to choose from. */
record Round(Page page) {
    static final int ITEMS = 10;

    /** Signs in as one for whom a quiz is set, and begins its first round. */
    static void begin(Page page) {
        page.navigate("/signin");
        page.getByLabel("Name").fill("wim");
        page.getByLabel("Password").fill("summit");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start: Gauge round"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Begin round 1")))
                .click();
        assertThat(page.getByText("0 of 10 answered")).isVisible();
    }

    /** @return whether its answer is typed */
    boolean toItem(int number) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Item " + number + ",")))
                .click();
        assertThat(page.getByLabel("Item", new Page.GetByLabelOptions().setExact(true))
                        .getByText("Item " + number, new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        return page.locator("input[data-answer]").count() > 0;
    }

    /**
     * To the first item whose answer is typed.
     *
     * @return its number, from 1
     */
    int toFirstTyped() {
        for (int i = 1; i <= ITEMS; i++) {
            if (toItem(i)) {
                return i;
            }
        }
        throw new AssertionError("this round has nothing to type");
    }
}
