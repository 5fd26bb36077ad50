package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What stands in a place is what was typed there last, on every way out and back. */
class NothingStaleTest extends BrowserTest {
    /**
     * Where something is typed.
     *
     * @param path of the page
     * @param then opens the place on it
     */
    enum Place {
        PLAIN_FIELD("/practice/own/mean", "12", "345"),
        MATH_FIELD("/practice/own/polynomial-factor", "x+1", "x+23"),
        LINE("/practice/own/prime-factors", "first thought", "second thought"),
        QUIZ_ENTRY("", "12", "345"),
        CHECK_LINE("/check", "first thought", "second thought");

        final String path;
        final String earlier;
        final String later;

        Place(String path, String earlier, String later) {
            this.path = path;
            this.earlier = earlier;
            this.later = later;
        }
    }

    /** How one leaves and comes back. */
    enum Way {
        BACK_BUTTON,
        LINK,
        RELOAD,
        OTHER_WINDOW,
        LOST_CONNECTION,
        SERVER_ANEW
    }

    /** Every way with every place; in the short run each way with one of them, and no place is left out. */
    static Stream<Arguments> pairs() {
        int places = Place.values().length;
        return Stream.of(Way.values()).flatMap(way -> Stream.of(Place.values())
                .filter(place -> IS_THOROUGH || way.ordinal() % places == place.ordinal())
                .map(place -> Arguments.of(way, place)));
    }

    private Page page;
    /** Path of the page where something is typed. */
    private String address = "";

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("pairs")
    void showsWhatWasTypedLast(Way way, Place place) {
        page = new Desk(summit, browser.window(summit.address()), "wim").page();
        open(place);
        type(place, place.earlier);
        away(page);
        back(place);
        shows(page, place, place.earlier);

        switch (way) {
            case BACK_BUTTON -> {
                type(place, place.later);
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Little Summit")))
                        .first()
                        .click();
                page.waitForURL(url -> url.endsWith("/due"));
                page.goBack();
            }
            case LINK -> {
                type(place, place.later);
                away(page);
                back(place);
            }
            case RELOAD -> {
                type(place, place.later);
                page.reload();
            }
            case OTHER_WINDOW -> {
                Page first = page;
                page = first.context().newPage();
                page.navigate(first.url());
                type(place, place.later);
                away(page);
                // Nobody closes a window in the very moment of the last key; what the key made is on the device by
                // then.
                page.waitForTimeout(150);
                page.close();
                page = first;
                page.bringToFront();
                page.evaluate("() => window.dispatchEvent(new Event('focus'))");
            }
            case LOST_CONNECTION -> {
                page.context().setOffline(true);
                type(place, place.later);
                away(page);
                page.context().setOffline(false);
                back(place);
            }
            case SERVER_ANEW -> {
                type(place, place.later);
                away(page);
                // The new start has another port here, and a browser keeps what it keeps by port.
                page.waitForFunction("() => document.querySelector('[data-waiting]')?.dataset.waiting === '0'");
                summit.stop();
                summit.start();
                page.navigate(summit.address() + address);
            }
        }
        if (place == Place.QUIZ_ENTRY) {
            new Round(page).toFirstTyped();
        }
        shows(page, place, place.later);
    }

    private void open(Place where) {
        page.navigate(where == Place.QUIZ_ENTRY ? "/due" : where.path);
        if (where == Place.QUIZ_ENTRY) {
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(": Gauge round")))
                    .first()
                    .click();
            Locator begin = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin round 1"));
            assertThat(begin.or(page.getByText(Pattern.compile("\\d+ of 10 answered")))
                            .first())
                    .isVisible();
            if (begin.isVisible()) {
                begin.click();
            }
        }
        if (where == Place.CHECK_LINE) {
            Locator begin = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin the check"));
            assertThat(begin.or(page.getByLabel("Your page")).first()).isVisible();
            if (begin.isVisible()) {
                begin.click();
            }
        }
        address = page.url().replaceFirst("https?://[^/]+", "");
        if (where == Place.QUIZ_ENTRY) {
            new Round(page).toFirstTyped();
        }
    }

    private Locator field(Page where, Place of) {
        return switch (of) {
            case PLAIN_FIELD, QUIZ_ENTRY -> where.locator("input[data-answer]").first();
            case MATH_FIELD -> where.locator("math-field").first();
            case LINE, CHECK_LINE -> where.getByLabel("Line 1", new Page.GetByLabelOptions().setExact(true));
        };
    }

    private void type(Place where, String text) {
        assertThat(field(page, where)).isVisible();
        field(page, where).focus();
        page.keyboard().press("Control+a");
        page.keyboard().type(text);
    }

    private void shows(Page where, Place of, String text) {
        if (of == Place.MATH_FIELD) {
            assertThat(field(where, of)).isVisible();
            try {
                where.waitForFunction("text => document.querySelector('math-field')?.getValue('latex') === text", text);
            } catch (TimeoutError late) {
                throw new AssertionError(
                        "the field shows "
                                + where.evaluate("() => document.querySelector('math-field')?.getValue('latex')")
                                + " and not " + text,
                        late);
            }
        } else {
            assertThat(field(where, of)).hasValue(text);
        }
    }

    /** At once, before anything could have been saved by waiting. */
    private static void away(Page page) {
        page.evaluate("() => { history.pushState(null, '', '/entering'); window.dispatchEvent(new"
                + " PopStateEvent('popstate')); }");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Entering answers")))
                .isVisible();
    }

    private void back(Place where) {
        page.evaluate(
                "path => { history.pushState(null, '', path); window.dispatchEvent(new PopStateEvent('popstate')); }",
                address);
        if (where == Place.QUIZ_ENTRY) {
            new Round(page).toFirstTyped();
        }
    }
}
