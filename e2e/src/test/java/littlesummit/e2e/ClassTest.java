package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import littlesummit.content.Catalogue;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/** Around the practice: a check, an assignment from both sides, a new student, marks. */
class ClassTest extends BrowserTest {
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

    /**
     * Says of every item that it is new.
     *
     * @return how many there were
     */
    private static int allNew(Page page) {
        int asked = 0;
        Locator over = page.getByText("Checks so far");
        Locator next = page.getByText(Pattern.compile("^Item 1 of "));
        next.waitFor();
        while (over.count() == 0) {
            press(page, "This is new to me");
            asked++;
            page.getByText(Pattern.compile("^Item " + (asked + 1) + " of "))
                    .or(over)
                    .first()
                    .waitFor();
        }
        return asked;
    }

    @Test
    void aNewStudentComesFromTheCheckToTheMap() {
        Page page = at("wim", "/map");
        page.getByText("What do you know already?").click();
        press(page, "Begin the check");
        int asked = allNew(page);
        assertTrue(asked < new Catalogue().skills().size(), "asked " + asked);
        assertThat(page.getByText("You said that this is new to you.").first()).isVisible();
        assertThat(page.getByText("The next check makes sense after 5 hours of practice."))
                .isVisible();
        page.getByText("To the map").first().click();
        assertThat(page.getByText(Pattern.compile("^[0-9]+ ready"))).isVisible();
    }

    @Test
    void aShortCheckThatFallsPutsTheSkillBackIntoPracticeAndSaysSoKindly() {
        Page page = at("nela", "/check");
        press(page, "Begin the short check");
        allNew(page);
        assertThat(page.getByText("back in practice. That happens to everybody"))
                .isVisible();
    }

    @Test
    void whatTheInstructorSetsTheStudentFinds() {
        Page orla = at("orla", "/class/assignments");
        press(orla, "Set a new one");
        orla.getByLabel("Title").fill("Lantern oil");
        orla.getByLabel("Due at the end of")
                .first()
                .fill(LocalDate.now().plusDays(3).toString());
        orla.getByLabel("The mean", new Page.GetByLabelOptions().setExact(false))
                .first()
                .check();
        orla.locator("main").getByText("Look at items").click();
        assertThat(orla.getByText("Another one")).isVisible();
        press(orla, "Set it");
        assertThat(orla.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Lantern oil")))
                .isVisible();

        Desk hanno = new Desk(summit, browser.window(summit.address()), "hanno");
        hanno.open("Start: Lantern oil");
        assertThat(hanno.page().getByText("The mean").first()).isVisible();
    }

    @Test
    void aNewStudentSignsInByCodeAndChoosesAPassword() {
        Page orla = at("orla", "/class");
        orla.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Ulla Fern");
        press(orla, "Add");
        orla.getByText("Codes to hand out").click();
        String code = orla.locator("li", new Page.LocatorOptions().setHasText("Ulla Fern"))
                .locator("strong")
                .textContent();

        Desk ulla = new Desk(summit, browser.window(summit.address()), "ulla", code);
        ulla.choosePassword("lantern-by-night");
        ulla.page().navigate("/due");
        assertThat(ulla.page().getByText("Next seven days")).isVisible();
    }

    @Test
    void theInstructorLooksAtTheMapOfAStudent() {
        Page orla = at("orla", "/class");
        orla.getByText("Jory Thane").first().click();
        orla.getByText("This student’s map").click();
        orla.locator("[data-region=Numbers]").click();
        orla.locator("[data-skill=absolute-value]").click();
        assertThat(orla.getByLabel("Chosen skill")).containsText("Last shown on");
        assertThat(orla.getByLabel("Chosen skill").getByRole(AriaRole.LINK)).hasCount(0);
        orla.getByText("Back to the student").click();
        assertThat(orla.getByText("Active minutes a day")).isVisible();
    }

    @Test
    void theInstructorOpensAStudentDownToASingleItemAndAllowsExtraTime() {
        Page orla = at("orla", "/class");
        orla.getByText("Edda Rook").first().click();
        assertThat(orla.getByText("Active minutes a day")).isVisible();
        orla.getByLabel("Extra time in quizzes").fill("50");
        press(orla, "Allow");
        orla.getByLabel(Pattern.compile("^Item 1, right at once")).first().click();
        assertThat(orla.getByText("The student’s page")).isVisible();
        assertThat(orla.getByText(Pattern.compile("^(One try|[0-9]+ tries)$"))).isVisible();
        Page edda = at("edda", "/due");
        edda.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Start: Gauge round"))
                .click();
        assertThat(edda.getByText("for a round, 50% extra in it")).isVisible();
    }

    /** What the screen shows of one student and assignment. */
    private static String shown(Page page, String student, String assignment) {
        List<String> heads = page.locator("thead th").allInnerTexts();
        int column = heads.indexOf(heads.stream()
                .filter(h -> h.replace('\n', ' ').startsWith(assignment))
                .findFirst()
                .orElseThrow());
        return page.locator("tbody tr", new Page.LocatorOptions().setHasText(student))
                .locator("th, td")
                .nth(column)
                .innerText();
    }

    @Test
    void marksComeOutAsATableThatReadsBackEqual() throws IOException {
        Page orla = at("orla", "/class/marks");
        orla.getByRole(AriaRole.SLIDER).press("Home");
        assertThat(orla.getByText("Trail signs")).isVisible();
        Download file =
                orla.waitForDownload(() -> orla.getByText("Marks as CSV").click());
        assertEquals("marks.csv", file.suggestedFilename());
        try (CSVParser rows = CSVParser.parse(
                file.path(),
                StandardCharsets.UTF_8,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            int compared = 0;
            for (CSVRecord row : rows) {
                if (List.of("Trail signs", "Weather log", "Hut stores").contains(row.get("assignment"))
                        && !row.get("student").equals("Wim Tarrow")) {
                    String mark = row.get("mark percent");
                    String skills = row.get("skills reached") + " of " + row.get("skills") + " skill";
                    String cell = shown(orla, row.get("student"), row.get("assignment"));
                    assertTrue(
                            cell.startsWith(mark + "%") && cell.contains(skills)
                                    || cell.startsWith("not begun") && mark.equals("0"),
                            row + " is shown as " + cell);
                    assertEquals(row.get("late").equals("yes"), cell.contains("late"), row + " is shown as " + cell);
                    compared++;
                }
            }
            assertTrue(compared >= 33, "compared " + compared);
        }
    }
}
