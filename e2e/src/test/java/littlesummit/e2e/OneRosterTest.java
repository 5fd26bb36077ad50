package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The class as a package of another system: taken along, changed there, brought back, and undone; or as a whole. */
class OneRosterTest extends BrowserTest {
    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .click();
    }

    private static Map<String, String> read(byte[] bytes) throws IOException {
        Map<String, String> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }

    private static byte[] written(Map<String, String> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    /** A line under the head that names the columns that are filled. */
    private static String with(String table, Map<String, String> cells) {
        String head = table.lines().findFirst().orElseThrow();
        StringBuilder line = new StringBuilder();
        for (String column : head.split(",")) {
            line.append(line.isEmpty() ? "" : ",").append(cells.getOrDefault(column, ""));
        }
        return table + line + "\r\n";
    }

    private static void bring(Page page, byte[] zip) {
        page.getByLabel("OneRoster package", new Page.GetByLabelOptions().setExact(true))
                .setInputFiles(new FilePayload("class.zip", "application/zip", zip));
    }

    @Test
    void outAndInAndUndone() throws IOException {
        Page page = new Desk(summit, browser.window(summit.address()), "orla").page();
        page.navigate("/class");
        byte[] taken = Files.readAllBytes(page.waitForDownload(
                        () -> page.getByText("This class as a package").click())
                .path());
        Map<String, String> files = read(taken);
        bring(page, taken);
        assertThat(page.getByText("Nothing changes:")).isVisible();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it in")))
                .isDisabled();
        press(page, "Not now");

        String classId = files.get("classes.csv")
                .lines()
                .skip(1)
                .findFirst()
                .orElseThrow()
                .split(",")[0];
        files.computeIfPresent(
                "users.csv",
                (name, table) -> with(
                        table.replace(",Wim,", ",Wilhelm,"),
                        Map.of("sourcedId", "new-1", "username", "mira", "givenName", "Mira", "familyName", "Stone")));
        files.computeIfPresent(
                "enrollments.csv",
                (name, table) -> with(
                        table,
                        Map.of(
                                "sourcedId",
                                "e-new",
                                "classSourcedId",
                                classId,
                                "userSourcedId",
                                "new-1",
                                "role",
                                "student")));
        bring(page, written(files));
        assertThat(page.getByText("added: signs in as mira")).isVisible();
        assertThat(page.getByText("renamed: was called Wim Tarrow")).isVisible();
        press(page, "Take it in");
        assertThat(page.getByText("Done: 1 added, 1 renamed")).isVisible();
        assertThat(page.getByText("Mira Stone").first()).isVisible();
        assertThat(page.getByText("Wilhelm Tarrow").first()).isVisible();

        page.reload();
        press(page, "Undo it");
        assertThat(page.getByText("Undone.")).isVisible();
        assertThat(page.getByText("Wim Tarrow").first()).isVisible();
        assertThat(page.getByText("Wilhelm Tarrow")).hasCount(0);

        bring(page, "no zip".getBytes(StandardCharsets.UTF_8));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("This is no zip");
        assertEquals(0, page.getByText("What the package will do").count());
    }

    /** Put away as a file, deleted, and brought back from that file with everything. */
    @Test
    void aClassThatIsOverIsDeletedAndComesBack() {
        Page page = new Desk(summit, browser.window(summit.address()), "orla").page();
        page.navigate("/classes");
        Locator evening =
                page.locator("main li").filter(new Locator.FilterOptions().setHasText("Valley school, evening class"));
        evening.getByText("It is over").click();
        evening.getByText("Yes, it is over").click();
        evening.getByText("Delete it …").click();
        assertThat(evening).containsText("2 accounts of students");
        Path archive = page.waitForDownload(
                        () -> evening.getByText("Take everything of it").click())
                .path();
        Locator name = evening.getByLabel("Type the name of the class to delete it");
        name.fill("evening class");
        evening.getByText("Delete the class for good").click();
        assertThat(evening.getByRole(AriaRole.ALERT)).containsText("That is not its name.");
        name.fill("Valley school, evening class");
        evening.getByText("Delete the class for good").click();
        assertThat(evening).hasCount(0);

        page.getByLabel("Archive of a class").setInputFiles(archive);
        assertThat(page.getByText("will come with 2 students")).isVisible();
        press(page, "Bring it in");
        assertThat(page.getByText("is here, with 2 students")).isVisible();
        assertThat(evening).containsText("2 students");
    }

    @Test
    @Tag("long")
    void aWholeClassMovesToAnotherServer(@TempDir Path elsewhere) {
        Page page = new Desk(summit, browser.window(summit.address()), "orla").page();
        page.navigate("/class");
        Path archive = page.waitForDownload(
                        () -> page.getByText("Everything of the class").click())
                .path();
        try (Summit there = Summit.demo(elsewhere)) {
            Page other = new Desk(there, browser.window(there.address()), "orla").page();
            other.navigate("/classes");
            other.getByLabel("Archive of a class").setInputFiles(archive);
            // One more where the other test took somebody in.
            assertThat(other.getByText(Pattern.compile("will come with 1[23] students")))
                    .isVisible();
            assertThat(other.getByText("signs in as bero2; “bero” is taken here"))
                    .isVisible();
            press(other, "Bring it in");
            assertThat(other.getByText(Pattern.compile("is here, with 1[23] students")))
                    .isVisible();
            other.locator("main li")
                    .filter(new Locator.FilterOptions().setHasText("(from an archive)"))
                    .getByText("Open it")
                    .click();
            assertThat(other.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("(from an archive)")))
                    .isVisible();
            Locator bero = other.locator("tr", new Page.LocatorOptions().setHasText("Bero Linden"));
            assertThat(bero).containsText("not signed in yet");
            assertThat(bero).containsText("Powers of ten, both ways");
        }
    }
}
