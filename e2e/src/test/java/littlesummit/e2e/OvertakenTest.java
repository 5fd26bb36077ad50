package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.function.Predicate;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;

/** Somebody goes on at another device and comes back to the first, where the page still shows the item of before. */
class OvertakenTest extends BrowserTest {
    @Test
    void whatIsCheckedForTheItemBeforeIsNotCountedAndStaysToBeRead() {
        try (Devices devices = new Devices("mean", Asked::inOneField)) {
            Page late = devices.early.page();
            Locator field = late.locator("input[data-answer]");
            field.fill("314159");
            field.press("Enter");

            assertThat(notice(late)).containsText("What you checked here was for the item before, and was not counted");
            assertThat(notice(late)).containsText("314159");
            assertThat(late.getByLabel("What you made")).hasValue("314159");
            assertThat(late.getByRole(AriaRole.ALERT)).hasCount(1);
            assertThat(late.getByText("Changed in two windows")).hasCount(0);
            assertThat(late.getByText("item 2")).isVisible();
            assertThat(late.locator("[data-verdict]")).hasCount(0);

            devices.early.press("All right");
            assertThat(notice(late)).hasCount(0);
        }
    }

    @Test
    void aHintForTheItemBeforeIsNotSpentOnTheNextOne() {
        try (Devices devices = new Devices("one-step-multiplication", Asked::inOneFieldAPart)) {
            devices.early.press("Hint");
            Page late = devices.early.page();
            assertThat(notice(late)).containsText("What you pressed here was for the item before");
            assertThat(late.getByText("item 2")).isVisible();
            assertThat(late.getByText("Hint 1")).hasCount(0);
        }
    }

    private static Locator notice(Page page) {
        return page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText("You had gone on to this item in another window."));
    }

    /** Two devices of one student; the other has answered item 1 and gone on, which the first one has not seen. */
    private final class Devices implements AutoCloseable {
        private final Desk early = new Desk(summit, browser.window(summit.address()), "wim");
        private final Desk other = new Desk(summit, browser.window(summit.address()), "wim");

        Devices(String skillId, Predicate<Item> wanted) {
            summit.ask(skillId, wanted);
            String skill = "/practice/own/" + skillId;
            early.page().navigate(skill);
            early.page().getByLabel("Your page").waitFor();
            other.page().navigate(skill);
            other.page().getByLabel("Your page").waitFor();
            other.answerRight();
            other.press("Next item");
            assertThat(other.page().locator("[data-verdict]")).hasCount(0);
        }

        @Override
        public void close() {
            early.page().context().close();
            other.page().context().close();
        }
    }
}
