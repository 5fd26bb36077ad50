package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.practice.PracticeService.Place;
import littlesummit.app.served.ServedItems;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;

/** A fraction is drawn and explained, read, and counted. */
class SketchTest extends BrowserTest {
    private static final String WORDS = "I cut the whole into equal parts and shaded some of them";

    /** Goes on, past the browser, until a sketch is what comes next. */
    private void toASketch(String username) {
        summit.ask("fraction-picture", item -> item.isRead() || item.ref().tier() == 1);
        Person person = summit.part(PeopleService.class).signIn(username, "summit");
        Place place = new Place(person, OwnChoice.SKILLS, "fraction-picture");
        PracticeService practice = summit.part(PracticeService.class);
        String id = practice.currentItem(place);
        for (Item item = item(person, id); !item.isRead(); item = item(person, id)) {
            Map<String, String> entries = new HashMap<>();
            item.parts()
                    .getFirst()
                    .fields()
                    .forEach(field -> entries.put(field.id(), field.answer().key()));
            practice.check(place, new PracticeService.Attempt(id, 0, entries, true), key());
            practice.next(place, id, PracticeService.Onward.NEXT, key());
            id = practice.currentItem(place);
        }
    }

    private Item item(Person person, String id) {
        return summit.part(ServedItems.class).require(person, id).item();
    }

    private static String key() {
        return UUID.randomUUID().toString();
    }

    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + button)))
                .first()
                .click();
    }

    @Test
    void aSketchGoesFromThePageToTheReaderAndBack() {
        toASketch("isa");
        Page page = new Desk(summit, browser.window(summit.address()), "isa").page();
        page.navigate("/practice/own/fraction-picture");
        assertThat(page.locator("[data-ink-surface]")).isVisible();
        assertThat(page.locator("textarea[data-answer]")).isFocused();
        String before = page.getByLabel("Where you stand").locator("p").first().innerText();

        page.keyboard().type("yes");
        press(page, "Hand in");
        assertThat(page.getByText("Say it in a few words")).isVisible();
        page.locator("textarea[data-answer]").fill(WORDS);
        press(page, "Hand in");
        assertThat(page.getByText("Your words are in. Now the picture.")).isVisible();
        press(page, "Hand in my picture");
        assertThat(page.getByText("There is no picture on your page yet.").first())
                .isVisible();

        InkPen pen = new InkPen(page);
        pen.mouse(40, 60, 260, 60);
        pen.mouse(40, 120, 260, 120);
        press(page, "Hand in my picture");
        assertThat(page.getByText("Handed in. Your instructor reads it; then it counts."))
                .isVisible();
        assertThat(page.getByText("once 1 page is read").first()).isVisible();

        Page reader = new Desk(summit, browser.window(summit.address()), "orla").page();
        reader.navigate("/handed-in");
        reader.getByText("by student").click();
        reader.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("^Isa ")))
                .locator("..")
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        assertThat(reader.getByText(WORDS).first()).isVisible();
        reader.keyboard().press("1");
        reader.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Read, next"))
                .click();
        assertThat(reader.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("^Isa "))))
                .hasCount(0);

        page.reload();
        assertThat(page.getByText("once 1 page is read")).hasCount(0);
        assertThat(page.getByLabel("Where you stand").locator("p").first())
                .not()
                .hasText(before);
        assertEquals("", Axe.allButContrast(page));
    }
}
