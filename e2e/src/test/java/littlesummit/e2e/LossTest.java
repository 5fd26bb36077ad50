package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Nothing that a person makes is lost: without a connection, with the lid closed, signed out, on a slow line, in two
 * windows.
 */
class LossTest extends BrowserTest {
    private static final int SLOW_MS = 2500;
    private Page page;

    private void signIn(String username, String path) {
        page = new Desk(summit, browser.window(summit.address()), username).page();
        page.navigate(path);
    }

    private Locator field() {
        return page.locator("input[data-answer]").first();
    }

    private void press(String name) {
        button(name).click();
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .first();
    }

    private void offline() {
        page.context().setOffline(true);
    }

    private void online() {
        page.context().setOffline(false);
    }

    private void allIsSent() {
        assertThat(page.locator("[data-waiting='0']")).hasCount(1);
    }

    /** The window goes away without notice; the next one opens somewhere else. */
    private void closeTheLid() {
        var context = page.context();
        page.close();
        context.setOffline(false);
        page = context.newPage();
    }

    private void inTheQuiz(String username) {
        signIn(username, "/due");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(": Gauge round")))
                .first()
                .click();
        press("Begin round 1");
        assertThat(page.getByText("0 of 10 answered")).isVisible();
    }

    /** @return numbers of the items whose answer is typed */
    private List<Integer> typeInAll(String text) {
        List<Integer> typed = new ArrayList<>();
        for (int i = 1; i <= Round.ITEMS; i++) {
            if (new Round(page).toItem(i)) {
                field().fill(text);
                typed.add(i);
            }
        }
        return typed;
    }

    @Test
    void aRoundHandedInWithoutAConnectionComesAfterItsAnswers() {
        inTheQuiz("falko");
        offline();
        List<Integer> typed = typeInAll("3333");
        press("Hand in the round");
        press("Hand in now");
        assertThat(page.getByText("The round waits on this device")).isVisible();
        online();
        page.getByText("Correct round 1").click();
        for (int number : typed) {
            assertThat(page.getByLabel("Item " + number, new Page.GetByLabelOptions().setExact(true)))
                    .containsText("3333");
        }
        assertTrue(typed.size() > 1);
    }

    @Test
    void quizAnswersFromAClosedWindowAreSentFromAnyPage() {
        inTheQuiz("edda");
        offline();
        List<Integer> typed = typeInAll("3333");
        closeTheLid();
        page.navigate("/book");
        allIsSent();
        page.navigate("/due");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(": Gauge round")))
                .first()
                .click();
        assertThat(page.getByText("of 10 answered")).isVisible();
        for (int number : typed) {
            new Round(page).toItem(number);
            assertThat(field()).hasValue("3333");
        }
    }

    @Test
    void whatWasTypedInAClosedWindowIsThereAgain() {
        signIn("bero", "/practice/own/mean");
        field().fill("123");
        page.getByLabel("Line 1").fill("first");
        allIsSent();
        offline();
        field().fill("123456789");
        page.getByLabel("Line 1").fill("first, and more");
        closeTheLid();
        page.navigate("/practice/own/mean");
        assertThat(field()).hasValue("123456789");
        assertThat(page.getByLabel("Line 1")).hasValue("first, and more");
        allIsSent();
    }

    @Test
    void aTryThatWasPressedBeforeTheLidWasClosedCountsOnce() {
        signIn("cilla", "/practice/own/mean");
        field().fill("0.1");
        allIsSent();
        offline();
        press("Check Enter");
        assertThat(page.getByText("Your answer waits on this device")).isVisible();
        closeTheLid();
        page.navigate("/due");
        allIsSent();
        page.navigate("/practice/own/mean");
        assertThat(page.getByText("2 of 3 tries left")).isVisible();
    }

    @Test
    void aSessionThatHasEndedGoesOnOnTheSpot() {
        signIn("ansa", "/practice/own/mean");
        field().fill("111");
        allIsSent();
        page.context().clearCookies();
        field().fill("111222");
        Locator slip = page.getByLabel("Sign in again");
        assertThat(slip).containsText("One thing is kept on this device");
        slip.getByLabel("Name").fill("greta");
        slip.getByLabel("Password").fill("summit");
        slip.getByText("Sign in and go on").click();
        assertThat(slip).containsText("This is the name of somebody else");
        slip.getByLabel("Name").fill("ansa");
        slip.getByText("Sign in and go on").click();
        assertThat(slip).isHidden();
        assertThat(field()).hasValue("111222");
        allIsSent();
        page.reload();
        assertThat(field()).hasValue("111222");
    }

    /**
     * What the first one made neither shows nor goes out while somebody else is here, and goes out when its maker is
     * back.
     */
    @Test
    void aSharedBrowserKeepsApartWhoMadeWhat() {
        signIn("hanno", "/practice/own/prime-factors");
        page.getByLabel("Line 1").fill("of hanno");
        allIsSent();
        page.context().clearCookies();
        page.getByLabel("Line 1").fill("of hanno, and more");
        assertThat(page.getByLabel("Sign in again")).isVisible();
        press("I am somebody else");
        page.waitForURL("**/signin");
        enter("isa");
        page.navigate("/practice/own/prime-factors");
        assertThat(page.getByLabel("Line 1")).hasValue("");
        allIsSent();
        page.navigate("/due");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        enter("hanno");
        allIsSent();
        page.navigate("/practice/own/prime-factors");
        assertThat(page.getByLabel("Line 1")).hasValue("of hanno, and more");
    }

    private void enter(String username) {
        page.getByLabel("Name").fill(username);
        page.getByLabel("Password").fill("summit");
        press("Sign in");
        page.waitForURL(url -> !url.endsWith("/signin"));
    }

    @Test
    void aSlowFirstSaveDoesNotOvertakeTheNextOne() {
        signIn("hanno", "/practice/own/mean");
        List<Route> first = new ArrayList<>();
        page.route("**/draft", route -> {
            if (first.isEmpty()) {
                first.add(route);
            } else {
                route.resume();
            }
        });
        field().pressSequentially("1");
        page.waitForTimeout(700);
        field().pressSequentially("2");
        page.waitForTimeout(SLOW_MS);
        first.getFirst().resume();
        allIsSent();
        page.reload();
        assertThat(field()).hasValue("12");
    }

    @Test
    void aRoundGoesOnWhereOneWas() {
        inTheQuiz("greta");
        new Round(page).toItem(4);
        page.reload();
        assertThat(page.getByLabel("Item", new Page.GetByLabelOptions().setExact(true))
                        .getByText("Item 4", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void aPageThatCouldNotBeFetchedOpensByItself() {
        signIn("cilla", "/due");
        assertThat(page.getByText("Hut stores").first()).isVisible();
        offline();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Progress"))
                .click();
        assertThat(page.getByText("This page could not be fetched.")).isVisible();
        online();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("progress");
    }

    @Test
    void aHintThatWaitsIsSaidAndCanBeTakenBack() {
        signIn("jory", "/practice/own/mean");
        assertThat(field()).isVisible();
        allIsSent();
        offline();
        press("Hint");
        assertThat(page.getByText("The hint waits on this device")).isVisible();
        press("Take it back");
        assertThat(page.getByText("The hint waits on this device")).isHidden();
        online();
        page.reload();
        assertThat(button("Hint H")).isVisible();
        assertThat(page.getByLabel("Hints")).hasCount(0);
    }

    @Test
    void aQuestionWaitsForTheConnection() {
        signIn("isa", "/practice/own/mean");
        assertThat(field()).isVisible();
        offline();
        press("Ask");
        page.getByLabel("What do you want to ask?").fill("Why divide by five?");
        press("Put it on the list");
        assertThat(page.getByText("Your question waits on this device")).isVisible();
        closeTheLid();
        page.navigate("/due");
        allIsSent();
        page.navigate("/questions");
        assertThat(page.getByText("Why divide by five?")).hasCount(1);
    }

    @Test
    void twoDevicesThatBothChangedSomethingAreShownSideBySide() {
        signIn("wim", "/practice/own/prime-factors");
        page.getByLabel("Line 1").fill("both");
        allIsSent();
        Page second = new Desk(summit, browser.window(summit.address()), "wim").page();
        second.navigate("/practice/own/prime-factors");
        assertThat(second.getByLabel("Line 1")).hasValue("both");
        second.getByLabel("Line 1").fill("from the second");
        assertThat(second.locator("[data-waiting='0']")).hasCount(1);
        page.getByLabel("Line 1").fill("from the first");
        Locator choice = page.getByLabel("Changed in two windows");
        assertThat(choice).containsText("from the first");
        assertThat(choice).containsText("from the second");
        choice.getByText("Take that one").click();
        assertThat(choice).isHidden();
        assertThat(page.getByLabel("Line 1")).hasValue("from the second");
        page.getByLabel("Line 1").fill("in the end");
        allIsSent();
        page.reload();
        assertThat(page.getByLabel("Line 1")).hasValue("in the end");
        second.context().close();
    }

    @Test
    void whatOneWindowHasSentTheOtherShowsAtOnce() {
        signIn("wim", "/practice/own/absolute-value");
        page.getByLabel("Line 1").fill("both");
        allIsSent();
        Page second = page.context().newPage();
        second.navigate("/practice/own/absolute-value");
        assertThat(second.getByLabel("Line 1")).hasValue("both");
        second.getByLabel("Line 1").fill("from the second");
        assertThat(page.getByLabel("Line 1")).hasValue("from the second");
    }

    @Test
    void aPhotoWaitsForTheConnection() {
        signIn("nela", "/practice/own/prime-factors");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Photos"))
                .click();
        assertThat(page.getByText("Worked on paper?")).isVisible();
        offline();
        page.locator("input[type=file]")
                .first()
                .setInputFiles(
                        new com.microsoft.playwright.options.FilePayload("page.png", "image/png", page.screenshot()));
        assertThat(page.getByText("A photo waits on this device")).isVisible();
        closeTheLid();
        page.navigate("/due");
        allIsSent();
        page.navigate("/practice/own/prime-factors");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Photos (1)"))
                .click();
        assertThat(page.getByAltText("Your work on paper, page 1")).isVisible();
    }

    @Test
    void aRefusalIsToldOnceWithWhatWasTyped() {
        inTheQuiz("dario");
        List<Integer> typed = typeInAll("1");
        allIsSent();
        offline();
        new Round(page).toItem(typed.getFirst());
        field().fill("2468");
        Page second = new Desk(summit, browser.window(summit.address()), "dario").page();
        second.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Go on: Gauge round"))
                .click();
        second.getByText("Hand in the round").click();
        second.getByText("Hand in now").click();
        assertThat(second.getByText("Round 1 is done with")).isVisible();
        second.context().close();
        online();
        Locator told = page.getByLabel("Not taken");
        assertThat(told).containsText("could not be kept. The time of this round is over.");
        assertThat(told.getByLabel("What you made")).hasValue("2468");
        page.reload();
        assertThat(told).hasCount(1);
        told.getByText("Close").click();
        page.reload();
        assertThat(page.getByText("Round 1 is done with")).isVisible();
        assertThat(told).hasCount(0);
    }
}
