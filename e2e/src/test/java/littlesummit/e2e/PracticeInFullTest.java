package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;

/** Other targets, other ways, and the help beside them, in a real browser. */
class PracticeInFullTest extends BrowserTest {
    private Desk desk(String name) {
        return new Desk(summit, browser.window(summit.address()), name);
    }

    private static void next(Page page, int number) {
        page.keyboard().press("n");
        assertThat(page.getByText(Pattern.compile("item " + number + "$"))).isVisible();
    }

    @Test
    void threeRightInARowReachARun() {
        summit.ask("line-kinds", Asked::inOneFieldAPart);
        Desk desk = desk("dario");
        desk.open("Start: Rope work");
        assertThat(desk.page()
                        .getByText("if right: step 1; if missed: no step lost")
                        .first())
                .isVisible();
        desk.answerRight();
        next(desk.page(), 2);
        assertThat(desk.page().getByText("if right: step 3; if missed: step 0").first())
                .isVisible();
        desk.answerRight();
        next(desk.page(), 3);
        desk.answerRight();

        assertThat(desk.page().getByLabel("Target reached")).isVisible();
        assertThat(desk.page().getByText("at least")).isHidden();
    }

    @Test
    void onlyTheMissedOfASetAreDoneAgain() {
        summit.ask("two-way-read", Asked::inOneFieldAPart);
        Desk desk = desk("edda");
        Page page = desk.page();
        desk.open("Start: Goat dairy tables");
        for (int i = 1; i <= 8; i++) {
            if (i == 2 || i == 5 || i == 7) {
                desk.press("Full solution");
                desk.press("Show it");
                assertThat(page.getByText("Missed this time.")).isVisible();
            } else {
                desk.answerRight();
            }
            next(page, i + 1);
        }
        assertThat(page.getByText("3 come back")).isVisible();
        assertThat(page.getByText("Item 2: missed, to be redone, here now")).isAttached();
        desk.answerRight();
        assertThat(page.getByLabel("Target reached")).isVisible();
        assertThat(page.getByText("6 right of 8")).isVisible();
    }

    @Test
    void twoSkillsAreSkippedBetweenAndBothResumed() {
        Desk desk = desk("falko");
        Page page = desk.page();
        desk.open("Start: Numbers of the valley");
        Item first = desk.item();
        page.getByLabel("Line 1").fill("half-way here");
        assertThat(page.getByLabel("Your page")
                        .getByText(
                                "lines kept", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("Alt+k");
        page.locator(
                        "li",
                        new Page.LocatorOptions()
                                .setHas(page.getByRole(
                                        AriaRole.HEADING,
                                        new Page.GetByRoleOptions().setName("Numbers of the valley"))))
                .getByRole(
                        AriaRole.LINK, new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Prime factors"))
                .click();
        assertThat(page.getByLabel("Your page")).isVisible();
        Item second = desk.item();
        page.navigate("/due");
        desk.open("Go on: Numbers of the valley");
        assertEquals(first, desk.item());
        assertThat(page.getByLabel("Line 1")).hasValue("half-way here");
        page.navigate("/map?part=all");
        page.locator("[data-skill=prime-factors]").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Go on"))
                .click();
        assertThat(page.getByLabel("Your page")).isVisible();
        assertEquals(second, desk.item());
    }

    @Test
    void theMapIsWalkedByKeyboard() {
        Page page = desk("greta").page();
        page.navigate("/map?part=all");
        page.locator("[data-skill=place-value]").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowLeft");
        assertThat(page.getByLabel("Chosen skill")).containsText("Place and value of a digit");
        page.keyboard().press("ArrowDown");
        assertThat(page.getByLabel("Chosen skill")).not().containsText("Place and value of a digit");
    }

    @Test
    void aQuestionGoesToTheInstructorAndTheAnswerComesBack() {
        Desk student = desk("hanno");
        student.open("Start: Cable way tickets");
        student.press("Ask");
        student.page().getByLabel("What do you want to ask?").fill("Which price is the whole?");
        student.press("Put it on the list");
        assertThat(student.page().getByText("Your question is on the list for your instructor"))
                .isVisible();

        Page teacher = desk("orla").page();
        teacher.navigate("/questions");
        teacher.getByLabel("Your answer").first().fill("The one before the reduction.");
        teacher.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Answer"))
                .first()
                .click();
        assertThat(teacher.getByText("The one before the reduction.")).isVisible();
        student.page().navigate("/questions");
        assertThat(student.page().getByText("The one before the reduction.")).isVisible();
    }

    @Test
    void theCalculatorTakesTheNumbersOfTheItem() {
        Desk desk = desk("isa");
        Page page = desk.page();
        page.navigate("/practice/own/mean");
        assertThat(page.getByLabel("Your page")).isVisible();
        page.keyboard().press("Alt+c");
        page.getByLabel("What to work out").fill("mean(");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bring in the item"))
                .click();
        page.keyboard().type(")");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Calculator", new Page.GetByLabelOptions().setExact(true))
                        .getByText(Pattern.compile("^= [\\d/]+$")))
                .isVisible();
    }

    @Test
    void aLessonIsTakenFromItsFirstSituationToTheEndOfItsQuiz() {
        Desk desk = desk("jory");
        Page page = desk.page();
        page.navigate("/practice/lesson/lesson-angle-pairs");
        assertThat(page.getByText("First situation, step by step", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        desk.answerParts();
        desk.press("Walk me through");
        assertThat(page.locator("[data-caption]")).containsText("straight line");
        com.microsoft.playwright.Locator narrator = page.locator("[aria-label^='Reading aloud']");
        narrator.getByText("Pause").click();
        narrator.getByText("Next").click();
        assertThat(narrator.getByText(Pattern.compile("[23] of 3"))).isVisible();
        narrator.getByText("Close").click();
        for (String step : List.of(
                "Second situation, with less help",
                "Practice, 1 of 2",
                "Practice, 2 of 2",
                "Quiz, 1 of 3: one try and no hints",
                "Quiz, 2 of 3: one try and no hints",
                "Quiz, 3 of 3: one try and no hints")) {
            page.keyboard().press("n");
            assertThat(page.getByText(step, new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            if (step.startsWith("Quiz")) {
                assertThat(page.getByText(Pattern.compile("^Hint"))).hasCount(0);
            }
            desk.answerParts();
        }
        assertThat(page.getByText("The lesson is done.")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Now practise"))
                .click();
        assertThat(page.getByText("Angles that belong together")).isVisible();
    }

    @Test
    void theTourTellsWhatItUnderstood() {
        Page page = desk("ansa").page();
        page.navigate("/entering");
        page.locator("input[data-answer]").fill("3/");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-verdict=unreadable]")).isVisible();
        page.locator("input[data-answer]").fill("3/4");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-verdict=correct]")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Understood. The next kind"))
                .click();
        assertThat(page.getByText("Enter two and a third.")).isVisible();
    }

    @Test
    void aSlipInLineTwoIsNamedInLineTwo() {
        Desk desk = desk("bero");
        Page page = desk.page();
        page.navigate("/practice/own/both-sides");
        assertThat(page.getByLabel("Your page")).isVisible();
        assertThat(page.getByText("Your lines can be checked after a first try"))
                .isVisible();
        String given = desk.item().given();
        desk.answer(0, "987654");
        desk.sees("incorrect");
        page.getByLabel("Line 1").fill(given.replace("=", " = "));
        page.getByLabel("Line 1").press("Enter");
        page.getByLabel("Line 2").fill("x = 987654");
        desk.press("Check my lines");

        assertThat(page.locator("[data-line-verdict=same]")).hasCount(1);
        assertThat(page.locator("li", new Page.LocatorOptions().setHas(page.getByLabel("Line 2")))
                        .locator("[data-line-verdict=does-not-follow]"))
                .isVisible();
    }

    @Test
    void twoTabsShowOneTruth() {
        Desk desk = desk("cilla");
        desk.open("Start: Cable way tickets");
        Page other = desk.page().context().newPage();
        other.navigate(desk.page().url());
        assertThat(other.getByLabel("Your page")).isVisible();
        desk.press("Full solution");
        desk.press("Show it");
        assertThat(desk.page().getByText("Missed this time.")).isVisible();
        next(desk.page(), 2);
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hint"))
                .click();
        assertThat(other.getByText(Pattern.compile("item 2$"))).isVisible();
    }
}
