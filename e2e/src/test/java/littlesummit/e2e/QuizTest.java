package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.demo.PastClock;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;

/** A quiz in rounds, in a real browser, from its start page to its points. */
class QuizTest extends BrowserTest {
    private static final String QUIZ = "Gauge round";

    /** The skills of the quiz. */
    private static final List<String> GAUGE =
            List.of("scientific-notation", "percent-discount", "prime-factors", "both-sides", "mean");

    private Page begun(String username) {
        GAUGE.forEach(skill -> summit.ask(skill, Asked::inOneFieldAPart));
        Page page = new Desk(summit, browser.window(summit.address()), username).page();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start: " + QUIZ))
                .click();
        assertThat(page.getByText("Points: 0 of 40")).isVisible();
        press(page, "Begin round 1");
        assertThat(page.getByText("0 of 10 answered")).isVisible();
        return page;
    }

    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + button)))
                .first()
                .click();
    }

    private List<Item> items(String username) {
        Person person = summit.part(PeopleService.class).signIn(username, "summit");
        Assignment quiz = summit.part(AssignmentService.class).of(person).stream()
                .filter(a -> a.title().equals(QUIZ))
                .findFirst()
                .orElseThrow();
        return summit.part(QuizRecord.class).latest(person, quiz);
    }

    /** Enters the right answer everywhere but at some items, counted from 0. */
    private void answerAllBut(Page page, List<Item> items, Set<Integer> wrong) {
        for (int i = 0; i < items.size(); i++) {
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Item " + (i + 1) + ",")))
                    .click();
            Locator pane = page.getByLabel("Item", new Page.GetByLabelOptions().setExact(true));
            assertThat(pane.getByText("Item " + (i + 1), new Locator.GetByTextOptions().setExact(true)))
                    .isVisible();
            List<Part> parts = items.get(i).parts();
            for (int p = 0; p < parts.size(); p++) {
                Locator part = pane.getByLabel(
                        parts.size() > 1 ? "Part " + (p + 1) : "Your answer",
                        new Locator.GetByLabelOptions().setExact(true));
                enter(part, parts.get(p).fields().getFirst(), wrong.contains(i));
            }
            assertThat(pane.getByText("answer kept", new Locator.GetByTextOptions().setExact(true)))
                    .isVisible();
        }
    }

    private static void enter(Locator part, Field field, boolean wrong) {
        if (field.response() instanceof Response.ChooseOne) {
            String option =
                    wrong ? field.mistakes().getFirst().entry() : field.answer().key();
            part.locator("button[role=radio][data-answer][value='" + option + "']")
                    .click();
        } else {
            part.locator("input[data-answer]")
                    .fill(wrong ? "1234567" : field.answer().key());
        }
    }

    private static void handIn(Page page) {
        press(page, "Hand in the round");
        press(page, "Hand in now");
    }

    @Test
    void threeMissedThreeCorrectedAndTheSecondRoundIsAllRight() {
        Page page = begun("greta");
        answerAllBut(page, items("greta"), Set.of(0, 4, 7));
        page.reload();
        assertThat(page.getByText("10 of 10 answered")).isVisible();
        handIn(page);
        page.getByText("Correct round 1").click();
        assertThat(page.locator("[data-round-percent='70']")).isVisible();
        assertThat(page.getByText("What to do now: correct 3 items below.")).isVisible();
        assertThat(page.getByText("Points: 14 of 40")).isVisible();
        List<Locator> notes = page.locator("article").all();
        assertEquals(3, notes.size());
        notes.getFirst().getByRole(AriaRole.TEXTBOX).fill("oops");
        notes.getFirst().getByText("This is my correction").click();
        assertThat(page.getByText("That is too short to help you later.")).isVisible();
        for (Locator note : notes) {
            note.getByRole(AriaRole.TEXTBOX).fill("I read the question too quickly and worked with the other number.");
            note.getByText("This is my correction").click();
            assertThat(note.getByText("In your book.")).isVisible();
        }
        assertThat(page.getByText("Points: 19 of 40")).isVisible();
        press(page, "Begin the next round");
        assertThat(page.getByText("0 of 10 answered")).isVisible();
        answerAllBut(page, items("greta"), Set.of());
        handIn(page);
        assertThat(page.getByText("Reached: 100% in a round.")).isVisible();
        assertThat(page.getByText("Points: 40 of 40")).isVisible();
        page.navigate("/book");
        assertThat(page.getByText("Correction: I read the question too quickly").first())
                .isVisible();
        assertEquals(List.of(), summit.part(QuizRecord.class).differences());
    }

    @Test
    void aRoundEndsByTimeAndWhatWasSavedCounts() {
        Page page = begun("jory");
        List<Item> items = items("jory");
        answerAllBut(page, items.subList(0, 2), Set.of());
        press(page, "Hide the time");
        assertThat(page.getByText("time hidden")).isVisible();
        press(page, "Show the time");
        PastClock clock = summit.part(PastClock.class);
        try {
            clock.setBack(Duration.ofMinutes(-41));
            press(page, "Item 3,");
            assertThat(page.getByText(Pattern.compile("^[34] minutes left"))).isVisible();
            clock.setBack(Duration.ofMinutes(-46));
            press(page, "Item 4,");
            assertThat(page.getByText("Round 1 is done with 20%.")).isVisible();
        } finally {
            clock.goRight();
        }
        page.getByText("Correct round 1").click();
        assertThat(page.locator("article")).hasCount(8);
    }

    @Test
    void twoWindowsAreInTheSameRoundAndNothingIsLostWithoutAConnection() {
        Page page = begun("ansa");
        int typed = new Round(page).toFirstTyped();
        Item item = items("ansa").get(typed - 1);
        page.context().setOffline(true);
        Field field = item.parts().getFirst().fields().getFirst();
        page.locator("input[data-answer]").first().fill(field.answer().key());
        assertThat(page.getByText("answer kept here, sent when the connection is back"))
                .isVisible();
        page.context().setOffline(false);
        assertThat(page.getByText("answer kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        Page second = new Desk(summit, browser.window(summit.address()), "ansa").page();
        second.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Go on: " + QUIZ))
                .click();
        new Round(second).toFirstTyped();
        assertThat(second.locator("input[data-answer]").first())
                .hasValue(field.answer().key());
        handIn(second);
        assertThat(second.getByText("Round 1 is done with")).isVisible();
        page.locator("input[data-answer]").first().fill("17");
        assertThat(page.getByText("Round 1 is done with")).isVisible();
    }
}
