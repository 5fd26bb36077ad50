package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.core.item.Field;
import littlesummit.core.item.ItemRef;
import org.junit.jupiter.api.Test;

/** A student's way from signing in to the target, in a real browser. */
class StoryTest extends BrowserTest {
    @Test
    void fromSigningInToTheTarget() {
        summit.ask("scientific-notation", Asked::inOneField);
        Desk desk = new Desk(summit, browser.window(summit.address()), "wim");
        Page page = desk.page();
        desk.open("Start: Hut stores");

        unreadableThenFormThenRight(desk);
        desk.seesScore(18);
        page.keyboard().press("Enter");
        assertThat(page.getByText("item 2")).isVisible();
        desk.answerRight();
        page.keyboard().press("n");
        assertThat(page.getByText("item 3")).isVisible();
        desk.answerRight();
        desk.seesScore(49);
        page.keyboard().press("n");
        assertThat(page.getByText("item 4")).isVisible();

        missAndDoAnotherLikeIt(desk);
        desk.seesScore(49);

        for (int i = 0; i < 3; i++) {
            page.keyboard().press("n");
            assertThat(page.getByText("item " + (6 + i))).isVisible();
            desk.answerRight();
        }
        assertThat(page.getByLabel("Target reached")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to what is due"))
                .click();
        assertThat(page.getByText("reached", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        assertEquals(List.of(), summit.part(PracticeRecord.class).differences());
    }

    private static void unreadableThenFormThenRight(Desk desk) {
        String right = desk.field(0).answer().expected();
        desk.answer(0, "4.7 x 10^");
        desk.sees("unreadable");
        assertThat(desk.page().getByText("3 of 3 tries left")).isVisible();
        desk.answer(0, right.contains("^") ? plain(right) : right + "*10^0");
        desk.sees("form");
        desk.answer(0, right);
        assertThat(desk.page().locator("[data-part=RIGHT]")).isVisible();
        assertThat(desk.page().getByText("How it goes, step by step")).isVisible();
    }

    /** The same value with a number in front that is ten times as large. */
    private static String plain(String scientific) {
        String[] parts = scientific.split("(?:\\*| x )10\\^");
        return new java.math.BigDecimal(parts[0]).movePointRight(1) + "*10^" + (Integer.parseInt(parts[1]) - 1);
    }

    private static void missAndDoAnotherLikeIt(Desk desk) {
        Page page = desk.page();
        ItemRef missed = desk.item().ref();
        Field field = desk.field(0);
        desk.answer(0, field.mistakes().getFirst().entry());
        desk.sees("incorrect");
        assertThat(page.locator("[data-verdict=incorrect]"))
                .containsText(field.mistakes().getFirst().message());
        desk.press("Hint");
        assertThat(page.getByText("Hint 1 of 3")).isVisible();
        desk.press("Worked example");
        assertThat(page.getByText("Worked example of a similar item")).isVisible();
        desk.press("Full solution");
        desk.press("Show it");
        assertThat(page.getByText("Missed this time.")).isVisible();
        assertThat(page.locator("[data-right-answer]")).isVisible();
        page.keyboard().press("l");
        assertThat(page.getByText("Another like it · item")).isVisible();
        assertEquals(missed.variant(), desk.item().ref().variant());
        desk.answerRight();
    }

    @Test
    void everythingIsThereAgainAfterTheBrowserWasClosedAndTheServerStartedAnew() {
        Desk desk = new Desk(summit, browser.window(summit.address()), "nela");
        desk.open("Go on: Hut stores");
        Page page = desk.page();
        page.locator("input[data-answer]").fill("12345");
        page.getByLabel("Line 1").fill("12 x 3 = 36");
        page.keyboard().press("Enter");
        page.keyboard().type("so the answer is near");
        assertThat(page.getByLabel("Your page")
                        .getByText(
                                "lines kept", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        page.waitForTimeout(700);
        ItemRef before = desk.item().ref();
        page.context().close();
        summit.stop();
        summit.start();

        Desk again = new Desk(summit, browser.window(summit.address()), "nela");
        again.open("Go on: Hut stores");
        assertEquals(before, again.item().ref());
        assertThat(again.page().locator("input[data-answer]")).hasValue("12345");
        assertThat(again.page().getByLabel("Line 2")).hasValue("so the answer is near");
        assertThat(again.page().getByText("Hint 1 of 3")).isVisible();
    }

    @Test
    void anItemOfTwoPartsIsAChoiceAndThenANumber() {
        summit.ask("percent-discount", Asked::chosenThenTyped);
        Desk desk = new Desk(summit, browser.window(summit.address()), "cilla");
        desk.open("Start: Cable way tickets");
        desk.answer(0, desk.field(0).mistakes().getFirst().entry());
        assertThat(desk.page().locator("[data-part=MISSED] [data-right-answer]"))
                .isVisible();
        assertThat(desk.page().locator("[data-part=MISSED] [data-why]"))
                .hasText(desk.field(0).mistakes().getFirst().message());
        desk.answer(1, "$" + desk.field(1).answer().expected());
        assertThat(desk.page().getByText("Missed this time.")).isVisible();
    }

    @Test
    void aLostConnectionLosesNoAnswer() {
        summit.ask("percent-discount", Asked::chosenThenTyped);
        Desk desk = new Desk(summit, browser.window(summit.address()), "bero");
        desk.open("Start: Cable way tickets");
        Page page = desk.page();
        String right = desk.field(0).answer().expected();
        page.context().setOffline(true);
        page.getByLabel("Line 1").fill("written without a connection");
        desk.answer(0, right);
        assertThat(page.getByText("Your answer waits on this device")).isVisible();
        page.context().setOffline(false);
        assertThat(page.locator("[data-part=RIGHT]")).isVisible();
        assertThat(page.getByLabel("Your page")
                        .getByText(
                                "lines kept", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        page.reload();
        assertThat(page.getByLabel("Line 1")).hasValue("written without a connection");
    }
}
