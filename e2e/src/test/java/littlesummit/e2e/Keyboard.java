package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;

/** Somebody who has no mouse. After every step the focus must be somewhere, and in sight. */
final class Keyboard {
    private static final int MOST_STOPS = 150;
    private static final String NAME =
            "() => { const e = document.activeElement; return (e.getAttribute('aria-label') ??"
                    + " e.labels?.[0]?.innerText ?? e.innerText ?? '').trim(); }";
    private static final String WHERE =
            "() => document.activeElement === null ? 'NONE' : document.activeElement.tagName";
    private static final String IN_SIGHT =
            "() => { const r = document.activeElement.getBoundingClientRect(); return r.bottom > 0 && r.top <"
                    + " innerHeight && r.right > 0 && r.left < innerWidth; }";
    private final Page page;

    Keyboard(Page page) {
        this.page = page;
    }

    /** Comes in at the door. */
    static Keyboard signedIn(Browser browser, Summit summit, String username) {
        Keyboard keys = new Keyboard(browser.window(summit.address()));
        keys.page.navigate("/signin");
        assertThat(keys.page.getByLabel("Name")).isVisible();
        keys.page.keyboard().press("Tab");
        keys.to("Name");
        keys.type(username);
        keys.press("Tab");
        keys.type("summit");
        keys.page.keyboard().press("Enter");
        keys.page.waitForURL(url -> !url.endsWith("/signin"));
        keys.isOn("main, main h1");
        return keys;
    }

    /** Comes to a page by its address, and waits until it shows a text. */
    Page comesTo(String path, String text) {
        page.navigate(path);
        assertThat(page.getByText(text).first()).isVisible();
        page.keyboard().press("Tab");
        return page;
    }

    Page page() {
        return page;
    }

    /** Presses keys one after the other, and looks where the focus is after each. */
    void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
        isSomewhere("after " + String.join(", ", keys));
    }

    void type(String text) {
        page.keyboard().type(text);
        isSomewhere("after typing " + text);
    }

    /** What has the focus, by its name. */
    String here() {
        return String.valueOf(page.evaluate(NAME)).replaceAll("\\s+", " ");
    }

    void isSomewhere(String when) {
        page.waitForTimeout(150);
        assertNotEquals("BODY", page.evaluate(WHERE), "the focus is lost " + when + " on " + page.url());
        assertTrue(
                (Boolean) page.evaluate(IN_SIGHT),
                "the focus is out of sight " + when + " on " + page.url() + ", at " + here());
    }

    /** Waits until something of this kind has the focus. */
    void isOn(String selector) {
        page.waitForFunction("s => document.activeElement.matches(s)", selector);
        isSomewhere("on " + selector);
    }

    /** Tabs on until something with this name has the focus, forwards from where one is. */
    void to(String name) {
        for (int i = 0; i < MOST_STOPS; i++) {
            if (here().startsWith(name)) {
                isSomewhere("on " + name);
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("no stop is called " + name + " on " + page.url());
    }
}
