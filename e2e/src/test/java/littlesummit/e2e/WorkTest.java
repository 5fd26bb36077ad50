package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.working.InkService;
import littlesummit.core.working.ink.Stroke;
import org.junit.jupiter.api.Test;

/** Showing work: lines, ink, photos, and work that is read. */
class WorkTest extends BrowserTest {
    private Desk at(String username, String action) {
        Desk desk = new Desk(summit, browser.window(summit.address()), username);
        desk.open(action);
        return desk;
    }

    private static void leaf(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    private static void sheetHas(Page page, int strokes) {
        assertThat(page.locator("[data-ink-strokes='" + strokes + "']")).isVisible();
    }

    private static void inkIsKept(Page page) {
        assertThat(page.getByText("ink kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    private List<Stroke> kept(String username, Page page) {
        String[] parts = page.url().split("/");
        Person person = summit.part(PeopleService.class).signIn(username, "summit");
        String item = summit.part(PracticeService.class)
                .currentItem(new PracticeService.Place(person, parts[parts.length - 2], parts[parts.length - 1]));
        return summit.part(InkService.class).ink(person, item).work();
    }

    @Test
    void strokesOfMousePenAndFingerAreThereAgainAfterAReload() {
        Page page = at("cilla", "Start: Letters and graphs").page();
        leaf(page, "Draw");
        InkPen pen = new InkPen(page);
        pen.mouse(40, 40, 200, 120);
        sheetHas(page, 1);
        pen.fingers(1, 60, 200, 220, 220);
        sheetHas(page, 2);
        pen.pen(80, 60, 260, 180);
        sheetHas(page, 3);
        inkIsKept(page);

        List<Stroke> strokes = kept("cilla", page);
        Stroke drawn = strokes.getLast();
        assertTrue(
                drawn.count() > 5 && drawn.pressure(0) < 0.3 && drawn.pressure(drawn.count() - 1) > 0.6,
                "pressure from " + drawn.pressure(0));
        page.reload();
        leaf(page, "Draw");
        sheetHas(page, 3);
    }

    @Test
    void aSecondFingerMovesTheSheetAndWritesNothing() {
        Page page = at("dario", "Start: Letters and graphs").page();
        leaf(page, "Draw");
        InkPen pen = new InkPen(page);
        pen.fingers(2, 60, 200, 60, 120);
        sheetHas(page, 0);
        pen.pen(80, 60, 260, 180);
        pen.fingers(1, 60, 200, 200, 260);
        sheetHas(page, 1);
    }

    @Test
    void erasersUndoAndRedoWork() {
        Page page = at("edda", "Start: Letters and graphs").page();
        leaf(page, "Draw");
        InkPen pen = new InkPen(page);
        pen.mouse(40, 100, 300, 100);
        pen.mouse(40, 200, 300, 200);
        sheetHas(page, 2);
        page.getByLabel("Rub out a part").click();
        pen.mouse(150, 60, 150, 140);
        sheetHas(page, 3);
        page.getByLabel("Erase whole strokes").click();
        pen.mouse(150, 180, 150, 220);
        sheetHas(page, 2);
        page.keyboard().press("Control+z");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Undo").setExact(true))
                .last()
                .click();
        sheetHas(page, 2);
        page.keyboard().press("Control+z");
        sheetHas(page, 1);
        page.keyboard().press("Control+y");
        page.keyboard().press("Control+Shift+Z");
        sheetHas(page, 3);
        page.getByLabel("Choose and move").click();
        pen.mouse(30, 180, 320, 220);
        assertThat(page.getByText("One stroke chosen.")).isVisible();
        page.keyboard().press("Delete");
        sheetHas(page, 2);
    }

    @Test
    void aLostConnectionLosesNoStroke() {
        Page page = at("falko", "Start: Letters and graphs").page();
        leaf(page, "Draw");
        InkPen pen = new InkPen(page);
        pen.mouse(40, 40, 200, 120);
        page.context().setOffline(true);
        pen.mouse(40, 100, 200, 180);
        pen.mouse(40, 160, 200, 240);
        assertThat(page.getByText("ink kept here, sent when the connection is back"))
                .isVisible();
        page.context().setOffline(false);
        inkIsKept(page);
        assertEquals(3, kept("falko", page).size());
        page.reload();
        leaf(page, "Draw");
        sheetHas(page, 3);
    }

    @Test
    void linesAreMovedCopiedAndStruckThroughByKeyboardAndAreSoAfterAReload() {
        Page page = at("hanno", "Start: Letters and graphs").page();
        page.locator("[data-line]").first().fill("first");
        page.keyboard().press("Enter");
        page.keyboard().type("second");
        page.keyboard().press("Alt+ArrowUp");
        page.keyboard().press("Alt+Shift+ArrowDown");
        page.keyboard().press("Alt+Backspace");
        Locator lines = page.locator("[data-line]");
        assertThat(lines).hasCount(3);
        assertThat(page.getByLabel("Your page").getByText("lines kept", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        page.reload();
        assertThat(lines.nth(0)).hasValue("second");
        assertThat(page.getByLabel("Line 2, struck through")).hasValue("second");
        assertThat(lines.nth(2)).hasValue("first");
    }

    @Test
    void aPhotoIsAddedTurnedAndABadFileIsRefusedInASentence() throws IOException {
        Page page = at("isa", "Start: Letters and graphs").page();
        leaf(page, "Photos");
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", picture);
        page.getByLabel("Pictures of your work")
                .setInputFiles(new FilePayload("paper.png", "image/png", picture.toByteArray()));
        assertThat(page.getByAltText("Your work on paper, page 1")).hasAttribute("width", "300");
        page.getByText("Turn right").click();
        assertThat(page.getByAltText("Your work on paper, page 1")).hasAttribute("width", "200");
        page.getByLabel("Pictures of your work")
                .setInputFiles(new FilePayload(
                        "paper.png", "image/png", "not a picture".getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        assertThat(page.getByText("This is no PNG, JPEG or WebP picture.")).isVisible();
    }

    @Test
    void requiredWorkGoesFromWaitingToRead() {
        summit.ask("both-sides", Asked::inOneFieldAPart);
        Desk desk = at("bero", "Start: Loads in balance");
        Page page = desk.page();
        String item = page.url();
        desk.answerRight();
        assertThat(page.getByText("Right. Now show how you got it.")).isVisible();
        assertThat(page.getByText("How it goes, step by step")).isHidden();
        page.keyboard().press("n");
        assertThat(page.getByText("There is nothing on your page yet.").first()).isVisible();
        page.locator("[data-line]").first().fill("x = 1");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hand in my work"))
                .click();
        assertThat(page.getByText("Your page does not say yet how you got your answer."))
                .isVisible();
        page.locator("[data-line]").first().fill("the same on both sides, then divide");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hand in my work"))
                .click();
        assertThat(page.getByText("Handed in. It waits to be read")).isVisible();
        assertThat(page.getByText("once 1 page is read").first()).isVisible();
        assertThat(page.locator("[data-point=waiting]")).hasCount(1);

        Page reader = new Desk(summit, browser.window(summit.address()), "orla").page();
        reader.navigate("/handed-in");
        reader.getByText("by student").click();
        reader.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Bero Linden"))
                .locator("..")
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        assertThat(reader.getByText("the same on both sides, then divide")).isVisible();
        new InkPen(reader).mouse(60, 60, 200, 90);
        sheetHas(reader, 1);
        inkIsKept(reader);
        reader.keyboard().press("3");
        reader.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Comment"))
                .fill("Show the division as a line.");
        reader.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Read, next"))
                .click();
        assertThat(reader.getByText("Bero Linden")).hasCount(0);

        page.navigate("/book");
        page.getByText("the same on both sides, then divide").click();
        assertThat(page.getByText("75% of the credit")).isVisible();
        assertThat(page.getByText("Show the division as a line.")).isVisible();
        assertTrue(item.contains("/practice/"));
    }
}
