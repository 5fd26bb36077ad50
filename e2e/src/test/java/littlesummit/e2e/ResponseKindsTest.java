package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.LongStream;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every response kind on the screen, answered by keyboard alone: right, wrong where that can be entered, and blank. */
class ResponseKindsTest {
    @TempDir
    private static Path data;

    private static Summit summit;
    private static Browser browser;
    private static Page page;

    @BeforeAll
    static void start() {
        summit = Summit.demo(data);
        browser = new Browser();
        page = new Desk(summit, browser.window(summit.address()), "orla").page();
        page.setViewportSize(1280, 1600);
    }

    @AfterAll
    static void stop() {
        browser.close();
        summit.close();
    }

    /** The first seed that gives the variant. */
    private static long seed(String skill, int tier, String variant) {
        return LongStream.range(1, 200)
                .filter(s -> new Catalogue()
                        .require(skill)
                        .make(tier, s)
                        .ref()
                        .variant()
                        .equals(variant))
                .findFirst()
                .orElseThrow();
    }

    private static Item open(String skill, int tier, String variant) {
        long seed = seed(skill, tier, variant);
        page.navigate("/gallery/" + skill + "/" + tier + "/" + seed);
        assertThat(part(0)).isVisible();
        return new Catalogue().require(skill).make(tier, seed);
    }

    private static Locator part(int part) {
        return page.locator("section[aria-label='Part " + (part + 1) + "']");
    }

    private static void check(int part, String verdict) {
        Locator button = part(part).locator("button", new Locator.LocatorOptions().setHasText("Check"));
        button.focus();
        page.keyboard().press("Enter");
        assertThat(part(part).locator("[data-verdict=" + verdict + "]").first()).isVisible();
    }

    private static void blankIsUnreadable(int part) {
        check(part, "unreadable");
    }

    private static void press(Locator control, String key) {
        control.focus();
        page.keyboard().press(key);
    }

    @Test
    void aListInsideASentence() {
        Item item = open("place-value", 1, "worth-1");
        Field field = item.parts().getFirst().fields().getFirst();
        blankIsUnreadable(0);
        pick(field, field.mistakes().getFirst().entry());
        check(0, "incorrect");
        pick(field, field.answer().expected());
        check(0, "correct");
    }

    /** From the first entry, "choose", down to the option. */
    private static void pick(Field field, String id) {
        List<String> ids = ((Response.PickFromList) field.response())
                .options().stream().map(o -> o.id()).toList();
        press(part(0).locator("select"), "Home");
        for (int i = 0; i <= ids.indexOf(id); i++) {
            page.keyboard().press("ArrowDown");
        }
    }

    private static void type(Locator input, String text) {
        input.focus();
        page.keyboard().press("Control+a");
        page.keyboard().type(text);
    }

    @Test
    void allThatApply() {
        Item item = open("fraction-picture", 1, "find-1");
        blankIsUnreadable(0);
        String[] ids =
                item.parts().getFirst().fields().getFirst().answer().expected().split(",");
        press(part(0).locator("[data-option=" + ids[0] + "]"), "Space");
        check(0, "incorrect");
        press(part(0).locator("[data-option=" + ids[1] + "]"), "Space");
        check(0, "correct");
    }

    @Test
    void shading() {
        Item item = open("fraction-picture", 1, "shade-1");
        int wanted = Integer.parseInt(
                item.parts().getFirst().fields().getFirst().answer().expected().split("/")[0]);
        blankIsUnreadable(0);
        List<Locator> parts = part(0).locator("[role=checkbox]").all();
        parts.forEach(p -> press(p, "Space"));
        check(0, "incorrect");
        parts.subList(wanted, parts.size()).forEach(p -> press(p, "Space"));
        check(0, "correct");
    }

    @Test
    void shapesInAPicture() {
        Item item = open("select-shapes", 1, "sides-1");
        blankIsUnreadable(0);
        String[] ids =
                item.parts().getFirst().fields().getFirst().answer().expected().split(",");
        press(part(0).locator("[aria-label^='shape " + ids[0] + "']"), "Space");
        check(0, "incorrect");
        for (int i = 1; i < ids.length; i++) {
            press(part(0).locator("[aria-label^='shape " + ids[i] + "']"), "Space");
        }
        check(0, "correct");
    }

    @Test
    void unitsAlongAnObject() {
        Item item = open("tile-length", 1, "at-zero-1");
        int length = Integer.parseInt(
                item.parts().getFirst().fields().getFirst().answer().expected());
        blankIsUnreadable(0);
        Locator lay = part(0).locator("button[data-answer]");
        press(lay, "Space");
        check(0, "incorrect");
        for (int i = 1; i < length; i++) {
            press(lay, "Space");
        }
        check(0, "correct");
    }

    @Test
    void aPlaceOnANumberLine() {
        Field field =
                open("fraction-line", 1, "put-1").parts().getFirst().fields().getFirst();
        int tick = Integer.parseInt(field.response().sentFor(field.answer().key()));
        blankIsUnreadable(0);
        Locator line = part(0).locator("[role=application]");
        press(line, "Home");
        check(0, "incorrect");
        walk(line, tick, "ArrowRight", "ArrowLeft");
        check(0, "correct");
    }

    /** One of the buttons beside the line, whose words stand in the sentence above it, too. */
    private static Locator ray(String words) {
        return part(0).locator("button[data-answer]", new Locator.LocatorOptions().setHasText(words));
    }

    @Test
    void aRayOnANumberLine() {
        Field field = open("inequalities-linear", 2, "on-a-line-1")
                .parts()
                .getFirst()
                .fields()
                .getFirst();
        String[] ray = field.response().sentFor(field.answer().key()).split(",");
        blankIsUnreadable(0);
        Locator line = part(0).locator("[role=application]");
        press(line, "Home");
        walk(line, Integer.parseInt(ray[2]), "ArrowRight", "ArrowLeft");
        blankIsUnreadable(0);
        press(ray(ray[1].equals("filled") ? "belongs to it" : "does not"), "Space");
        press(ray(ray[0].equals("<") ? "to the right" : "to the left"), "Space");
        check(0, "incorrect");
        press(ray(ray[0].equals("<") ? "to the left" : "to the right"), "Space");
        check(0, "correct");
    }

    @Test
    void thingsInOrder() {
        Field field =
                open("decimal-place", 2, "order-1").parts().getFirst().fields().getFirst();
        List<String> right = List.of(field.answer().expected().split(","));
        blankIsUnreadable(0);
        right.reversed().forEach(id -> press(part(0).locator("[data-option=" + id + "]"), "Space"));
        check(0, "incorrect");
        for (int round = 0; round < right.size(); round++) {
            for (int place = right.size() - 1; place > 0; place--) {
                Locator cards = part(0).locator("ol [data-option]");
                if (right.indexOf(cards.nth(place).getAttribute("data-option"))
                        < right.indexOf(cards.nth(place - 1).getAttribute("data-option"))) {
                    press(cards.nth(place), "ArrowLeft");
                }
            }
        }
        check(0, "correct");
    }

    @Test
    void digitsInColumns() {
        Field field = open("add-subtract-written", 1, "sum-1")
                .parts()
                .getFirst()
                .fields()
                .getFirst();
        blankIsUnreadable(0);
        Locator ones = part(0).locator("[data-answer]");
        ones.focus();
        page.keyboard().type("1111");
        check(0, "incorrect");
        ones.focus();
        page.keyboard()
                .type(new StringBuilder("0".repeat(4 - field.answer().key().length())
                                + field.answer().key())
                        .reverse()
                        .toString());
        check(0, "correct");
    }

    @Test
    void labelsOnABar() {
        List<Field> fields = open("percent-parts", 1, "price-1").parts().get(1).fields();
        blankIsUnreadable(1);
        for (int i = 0; i < 3; i++) {
            put(fields.get(i), fields.get((i + 1) % 3).answer().expected());
        }
        check(1, "incorrect");
        for (int round = 0; round < 2; round++) {
            fields.forEach(field -> put(field, field.answer().expected()));
        }
        check(1, "correct");
    }

    private static void put(Field field, String label) {
        press(part(1).locator("[data-label=" + label + "]"), "Space");
        press(part(1).locator("[data-slot=" + field.id() + "]"), "Space");
    }

    @Test
    void cellsOfATable() {
        Item item = open("two-way-relative", 1, "rows-1");
        blankIsUnreadable(0);
        for (Field field : item.parts().getFirst().fields()) {
            type(part(0).locator("input[aria-label^='" + field.label() + "']"), "7");
        }
        check(0, "incorrect");
        for (Field field : item.parts().getFirst().fields()) {
            type(
                    part(0).locator("input[aria-label^='" + field.label() + "']"),
                    field.answer().key());
        }
        assertThat(part(0).getByText("1.00").first()).isVisible();
        check(0, "correct");
    }

    @Test
    void blanksInAnExpression() {
        Item item = open("binomial-expand", 1, "blanks-1");
        blankIsUnreadable(0);
        for (String wrong : List.of("7", "key")) {
            for (Field field : item.parts().getFirst().fields()) {
                type(
                        part(0).locator("input[aria-label^='" + field.label() + "']"),
                        wrong.equals("7") ? "7" : field.answer().key());
            }
            check(0, wrong.equals("7") ? "incorrect" : "correct");
        }
    }

    @Test
    void aLineOnAGrid() {
        int drawn = 10;
        Field field = open("rational-analyse", 1, "whole-way-1")
                .parts()
                .get(drawn)
                .fields()
                .getFirst();
        int height = Integer.parseInt(field.answer().expected().split("= ")[1]);
        blankIsUnreadable(drawn);
        Locator grid = part(drawn).locator("[role=application]");
        press(grid, "ArrowUp");
        press(grid, "Space");
        press(grid, "ArrowUp");
        check(drawn, "incorrect");
        walk(grid, height, "ArrowUp", "ArrowDown");
        press(grid, "Space");
        walk(grid, height, "ArrowUp", "ArrowDown");
        check(drawn, "correct");
    }

    @Test
    void aPointOnAGrid() {
        Item item = open("circle-center", 2, "place-1");
        blankIsUnreadable(0);
        String[] pair = item.parts()
                .getFirst()
                .fields()
                .getFirst()
                .answer()
                .expected()
                .replaceAll("[() ]", "")
                .split(",");
        Locator grid = part(0).locator("[role=application]");
        press(grid, "ArrowUp");
        check(0, "incorrect");
        walk(grid, Integer.parseInt(pair[0]), "ArrowRight", "ArrowLeft");
        walk(grid, Integer.parseInt(pair[1]), "ArrowUp", "ArrowDown");
        check(0, "correct");
    }

    /** The first key put the point on the origin. */
    private static void walk(Locator grid, int steps, String forward, String back) {
        for (int i = 0; i < Math.abs(steps); i++) {
            press(grid, steps > 0 ? forward : back);
        }
    }

    @Test
    void graphsToChooseFrom() {
        Item item = open("rational-analyse", 1, "which-graph-1");
        Field field = item.parts().get(0).fields().getFirst();
        blankIsUnreadable(0);
        press(
                part(0).locator("button[role=radio][data-answer][value='"
                        + field.mistakes().getFirst().entry() + "']"),
                "Space");
        check(0, "incorrect");
        press(
                part(0).locator("button[role=radio][data-answer][value='"
                        + field.answer().expected() + "']"),
                "Space");
        check(0, "correct");
    }

    /** Typed into the math field key by key, as its user would. */
    @ParameterizedTest
    @CsvSource({"polynomial-factor, 1, trinomial-1, 0", "circle-center, 1, graph-1, 0"})
    void theMathField(String skill, int tier, String variant, int part) {
        Item item = open(skill, tier, variant);
        Field field = item.parts().get(part).fields().getFirst();
        Locator math = part(part).locator("math-field");
        assertThat(math).isVisible();
        blankIsUnreadable(part);
        math.focus();
        page.keyboard().type("5+");
        check(part, "unreadable");
        math.focus();
        page.keyboard().press("Control+a");
        page.keyboard()
                .type(
                        field.mistakes().getFirst().entry().replace(" ", "").replace("*", ""),
                        new com.microsoft.playwright.Keyboard.TypeOptions().setDelay(30));
        check(part, "incorrect");
        math.focus();
        page.keyboard().press("Control+a");
        page.keyboard()
                .type(
                        field.answer().expected().replace(" ", "").replace("*", ""),
                        new com.microsoft.playwright.Keyboard.TypeOptions().setDelay(30));
        assertThat(part(part)
                        .getByText("Read as")
                        .locator("xpath=..")
                        .locator(".katex")
                        .first())
                .isVisible();
        check(part, "correct");
    }

    @Test
    void quantitiesAndTheirUnits() {
        Item item = open("mass-problems", 1, "total-1");
        Field field = item.parts().getFirst().fields().getFirst();
        assert field.response() instanceof Response.Typed;
        Locator input = part(0).locator("input[data-answer]");
        type(input, "5 stone");
        check(0, "unreadable");
        type(input, field.answer().expected().split(" ")[0]);
        check(0, "form");
        type(input, "1 g");
        check(0, "incorrect");
        type(input, field.answer().expected());
        check(0, "correct");
    }
}
