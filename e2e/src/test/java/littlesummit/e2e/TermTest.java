package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A class from an empty server on, from both sides, with nothing but browsers. */
class TermTest {
    private static final String PASSWORD = "lantern-by-night";
    private static final Pattern CODE = Pattern.compile("[a-z0-9]{4}-[a-z0-9]{4}-[a-z0-9]{4}");

    @TempDir
    Path data;

    private Summit summit;
    private Browser browser;
    private Page orla;

    private static String codeIn(String text) {
        Matcher found = CODE.matcher(text);
        assertTrue(found.find(), text);
        return found.group();
    }

    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + button)))
                .first()
                .click();
    }

    private static void go(Page page, String place) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(place).setExact(true))
                .first()
                .click();
    }

    @Test
    void aClassIsRunForATerm() {
        ByteArrayOutputStream says = new ByteArrayOutputStream();
        try (Summit empty = Summit.empty(data, says);
                Browser windows = new Browser()) {
            summit = empty;
            browser = windows;
            theFirstAccountIsMade(codeIn(says.toString(StandardCharsets.UTF_8).split("with the code ")[1]));
            String code = studentsComeIn();
            anAssignmentIsSetForNextWeek();
            Desk mira = new Desk(summit, browser.window(summit.address()), "mira", code);
            mira.choosePassword(PASSWORD);
            theStudentReachesTheTarget(mira);
            theInstructorSeesIt();
            aDateIsMovedForOneAlone();
            whatWasWithdrawnComesBack(mira.page());
            anotherClassIsMadeAndAWindowOfTheFirstChangesNothingInIt();
            anAccountIsClosed(mira.page());
        }
    }

    private void theFirstAccountIsMade(String code) {
        orla = browser.window(summit.address());
        orla.navigate("/");
        assertThat(orla.getByText("Nobody is here yet")).isVisible();
        orla.getByLabel("Code from the server").fill("aaaa-bbbb-cccc");
        orla.getByLabel("Your name, as students see it").fill("Orla Fennimer");
        orla.getByLabel("Name to sign in with").fill("orla");
        orla.getByLabel("A password").fill(PASSWORD);
        orla.getByLabel("Your first class").fill("Class of the upper hut");
        press(orla, "Begin");
        assertThat(orla.getByText("This is not the code")).isVisible();
        orla.getByLabel("Code from the server").fill(code);
        press(orla, "Begin");
        assertThat(orla.getByText("Nobody is in this class yet.")).isVisible();
    }

    /** @return the code of Mira */
    private String studentsComeIn() {
        orla.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Mira Stone");
        press(orla, "Add");
        assertThat(orla.getByText("One code waits")).isVisible();
        orla.getByLabel("Roster as CSV")
                .setInputFiles(new FilePayload(
                        "users.csv",
                        "text/csv",
                        "givenName,familyName,username\nOlan,Größe,olan\nBad,Name,no good\n"
                                .getBytes(StandardCharsets.ISO_8859_1)));
        assertThat(orla.getByText("signs in as olan")).isVisible();
        assertThat(orla.getByText("Olan Größe")).isVisible();
        assertThat(orla.getByText("“no good” cannot be signed in with")).isVisible();
        press(orla, "Add 1 student");
        assertThat(orla.getByText("1 student added, 1 student not taken in.")).isVisible();
        assertThat(orla.getByText("not signed in yet")).hasCount(2);
        orla.getByText("Codes to hand out").click();
        String code = codeIn(orla.locator("li", new Page.LocatorOptions().setHasText("Mira Stone"))
                .innerText());
        orla.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(orla.getByText("Mira Stone")).isVisible();
        assertThat(orla.getByText("Sign out")).isHidden();
        assertThat(orla.getByText("Codes to hand out")).isHidden();
        orla.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.SCREEN));
        orla.navigate("/class");
        return code;
    }

    private void anAssignmentIsSetForNextWeek() {
        go(orla, "Assignments");
        press(orla, "Set a new one");
        orla.getByLabel("Title").fill("Bell codes");
        orla.getByLabel(Pattern.compile("^Absolute value")).check();
        assertThat(orla.getByText("Adding and subtracting signed numbers, known by 0 of 2"))
                .isVisible();
        orla.getByLabel("a run of right answers").check();
        orla.getByLabel("right in a row, or").fill("2");
        orla.getByLabel("steps on each skill").fill("3");
        orla.locator("main").getByText("Look at items").click();
        assertThat(orla.getByText("Another one")).isVisible();
        press(orla, "Set it");
        assertThat(orla.getByText("It is set.")).isVisible();
    }

    private void theStudentReachesTheTarget(Desk mira) {
        summit.ask("absolute-value", Asked::inOneFieldAPart);
        mira.page().navigate("/due");
        mira.open("Start: Bell codes");
        mira.answerRight();
        mira.press("Next item");
        assertThat(mira.page().getByText(Pattern.compile("item 2$"))).isVisible();
        mira.answerRight();
        assertThat(mira.page().getByLabel("Target reached")).isVisible();
        mira.page().navigate("/review");
        assertThat(mira.page().getByText("Skills you know: 1")).isVisible();
    }

    private void theInstructorSeesIt() {
        go(orla, "Class");
        assertThat(orla.getByText("Absolute value, reached in Bell codes")).isVisible();
        go(orla, "Marks");
        assertThat(orla.locator("tr", new Page.LocatorOptions().setHasText("Mira Stone")))
                .containsText("1 of 1");
        assertThat(orla.locator("tr", new Page.LocatorOptions().setHasText("Olan Größe")))
                .containsText("not begun");
    }

    private void aDateIsMovedForOneAlone() {
        go(orla, "Olan Größe");
        // By key: the page may still move under a pointer while its pictures come.
        orla.getByText("Different dates for this student").press("Enter");
        orla.getByLabel("Which assignment")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(1));
        orla.getByLabel("Due at the end of").fill(LocalDate.now().plusDays(30).toString());
        press(orla, "Move for this student");
        assertThat(orla.getByText("Different dates for this student: 1 different"))
                .isVisible();
    }

    private void whatWasWithdrawnComesBack(Page mira) {
        go(orla, "Assignments");
        orla.getByText("Change it").click();
        press(orla, "Withdraw it");
        press(orla, "Yes, withdraw it");
        assertThat(orla.getByText("Withdrawn: 1")).isVisible();
        mira.navigate("/due");
        assertThat(mira.getByText("Nothing is assigned yet.")).isVisible();
        orla.getByText("Withdrawn: 1").click();
        orla.getByText("Set it again").first().click();
        press(orla, "Set it again as it was");
        assertThat(orla.getByText("Running: 1")).isVisible();
        mira.reload();
        assertThat(mira.getByText("reached", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
    }

    private void anotherClassIsMadeAndAWindowOfTheFirstChangesNothingInIt() {
        Page second = orla.context().newPage();
        second.navigate("/classes");
        second.getByLabel("Another class").fill("Evening class");
        press(second, "Make and open it");
        assertThat(second.getByText("0 students. Open now")).isVisible();

        orla.getByText("Change it").click();
        press(orla, "Withdraw it");
        press(orla, "Yes, withdraw it");
        assertThat(orla.getByText("You have opened another class in another window."))
                .isVisible();
        orla.reload();
        assertThat(orla.getByText("Nothing is set yet.")).isVisible();

        press(second, "Open it");
        assertThat(second.getByText("Mira Stone")).isVisible();
        second.close();
        orla.navigate("/class");
        assertThat(orla.getByText("Mira Stone")).isVisible();
    }

    private void anAccountIsClosed(Page mira) {
        go(orla, "Mira Stone");
        press(orla, "Take out of the class");
        press(orla, "Yes, close it");
        assertThat(orla.getByText("Closed accounts: 1")).isVisible();
        mira.navigate("/due");
        mira.getByLabel("Name").fill("mira");
        mira.getByLabel("Password").fill(PASSWORD);
        press(mira, "Sign in");
        assertThat(mira.getByText("This account is closed.")).isVisible();
        orla.getByText("Closed accounts: 1").click();
        press(orla, "Open again");
        assertThat(orla.getByText("Closed accounts: 1")).isHidden();
        press(mira, "Sign in");
        assertThat(mira.getByText("Next seven days")).isVisible();
        assertEquals(List.of("Bell codes"), mira.locator("main h3").allInnerTexts());
    }
}
