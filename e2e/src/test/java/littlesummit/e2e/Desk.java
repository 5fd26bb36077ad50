package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.practice.PracticeService.Place;
import littlesummit.app.served.ServedItems;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Response;

/** One student at the screen; looks up on the server what would be right, as no browser can. */
final class Desk {
    private final Summit summit;
    private final Page page;
    private final Person person;

    /** Signs in without the form, which has tests of its own, and comes to the first page. */
    Desk(Summit summit, Page page, String username) {
        this(summit, page, signedIn(summit, page, username));
        page.navigate(person.role() == Role.STUDENT ? "/due" : "/class");
    }

    private static Person signedIn(Summit summit, Page page, String username) {
        APIRequestContext requests = page.context().request();
        requests.get("/api/session");
        String token = page.context().cookies().stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        APIResponse me = requests.post(
                "/api/session",
                RequestOptions.create()
                        .setHeader("X-XSRF-TOKEN", token)
                        .setData(Map.of("username", username, "password", "summit")));
        String id = idIn(me.text());
        return summit.part(PeopleService.class).require(id);
    }

    private static String idIn(String me) {
        try {
            return new ObjectMapper().readTree(me).get("id").asText();
        } catch (JsonProcessingException broken) {
            throw new IllegalStateException(me, broken);
        }
    }

    /** Signs in with a password or a code; one who comes by a code stands before the choice of a password then. */
    Desk(Summit summit, Page page, String username, String password) {
        this.summit = summit;
        this.page = page;
        this.person = summit.part(PeopleService.class).signIn(username, password);
        page.navigate("/signin");
        page.getByLabel("Name").fill(username);
        page.getByLabel("Password").fill(password);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
    }

    /** Somebody who has signed in already. */
    static Desk of(Summit summit, Page page, String username) {
        return new Desk(summit, page, summit.part(PeopleService.class).signIn(username, "summit"));
    }

    private Desk(Summit summit, Page page, Person person) {
        this.summit = summit;
        this.page = page;
        this.person = person;
    }

    /** Where a code leads: a password of one's own. */
    void choosePassword(String fresh) {
        assertThat(page.getByText("Now choose a password of your own.")).isVisible();
        page.getByLabel("New password, at least 8 characters").fill(fresh);
        page.getByLabel("New password again").fill(fresh);
        press("Change it");
        page.waitForURL(url -> !url.endsWith("/account"));
    }

    Page page() {
        return page;
    }

    void open(String action) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(action))
                .click();
        try {
            page.getByLabel("Your page").waitFor();
        } catch (TimeoutError missing) {
            throw new AssertionError(
                    "“" + action + "” led to " + page.url() + ", which shows: "
                            + page.locator("body").innerText(),
                    missing);
        }
    }

    /** The item on the screen, with its key. */
    Item item() {
        String[] parts = page.url().split("/");
        String id = summit.part(PracticeService.class)
                .currentItem(new Place(person, parts[parts.length - 2], parts[parts.length - 1]));
        return new Catalogue()
                .make(summit.part(ServedItems.class).require(person, id).ref());
    }

    Field field(int part) {
        return item().parts().get(part).fields().getFirst();
    }

    /** Answers the open part by keyboard alone and checks it. */
    void answer(int part, String entry) {
        Field field = field(part);
        switch (field.response()) {
            case Response.ChooseOne(var options) -> {
                Locator option = page.locator("button[role=radio][data-answer][value='" + entry + "']");
                option.focus();
                page.keyboard().press("Space");
                page.keyboard().press("Enter");
            }
            default -> {
                page.locator("input[data-answer]").fill(entry);
                page.keyboard().press("Enter");
            }
        }
    }

    /** Answers every part of a chain whose fields are typed, chosen, picked from a list, or labels to place. */
    void answerParts() {
        int parts = item().parts().size();
        for (int part = 0; part < parts; part++) {
            Field field = field(part);
            switch (field.response()) {
                case Response.PickFromList p -> {
                    page.locator("select[data-answer]")
                            .selectOption(field.answer().key());
                    page.locator("select[data-answer]").press("Enter");
                }
                case Response.DropLabel d -> place(item().parts().get(part).fields());
                default -> answer(part, field.answer().key());
            }
            assertThat(page.locator("[data-part=RIGHT]")).hasCount(part + 1);
        }
    }

    /** Every label to its place, by keyboard; the first one by way of the last place. */
    private void place(List<Field> fields) {
        put(fields.getFirst(), fields.getLast());
        put(fields.getFirst(), fields.getFirst());
        assertThat(slot(fields.getLast())).hasText("put here");
        fields.stream().skip(1).forEach(field -> put(field, field));
        slot(fields.getFirst()).press("Enter");
    }

    private void put(Field label, Field place) {
        page.locator("[data-label=" + label.answer().key() + "]").press("Space");
        slot(place).press("Space");
    }

    private Locator slot(Field of) {
        return page.locator("[data-slot=" + of.id() + "]");
    }

    void answerRight() {
        int parts = item().parts().size();
        for (int part = 0; part < parts; part++) {
            answer(part, field(part).answer().key());
            assertThat(page.locator("[data-part=RIGHT]")).hasCount(part + 1);
        }
    }

    void press(String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + button)))
                .first()
                .click();
    }

    void sees(String verdict) {
        assertThat(page.locator("[data-verdict=" + verdict + "]")).isVisible();
    }

    void seesScore(int score) {
        assertThat(page.getByLabel("Where you stand").locator("p").first()).hasText(Pattern.compile("\\D*" + score));
    }
}
