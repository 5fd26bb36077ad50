package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import littlesummit.core.grading.Reader;
import littlesummit.core.math.Syntax;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

/**
 * What a person types into a math field is what is read: just as in a plain field, by key, by paste and by the keys on
 * the screen.
 */
class MathFieldTest extends BrowserTest {
    private static final Syntax LIST = Syntax.list();
    private static final Syntax DOMAIN = Syntax.domain(Set.of("x"));
    private static final Syntax EXPRESSION = Syntax.expression(Set.of("x", "y", "a"));
    private static final List<String> ENTRIES = List.of(
            "(3, -2)",
            "{-5, 2}",
            "-5 2",
            "(-inf, 4)",
            "(x - 8)(x + 8)",
            "x = -1, x = 1",
            "(-inf, 4) U [5, inf)",
            "x != 4",
            "x <= -2 or x > 3",
            "all real numbers except -4",
            "x^12+1",
            "x^-2 + 1",
            "x^2y",
            "2^3^2",
            "x^(a+1) - 2",
            "1/2+3",
            "2 1/2",
            "1/2/3",
            "(x-8)/(x+8)",
            "x(x+1)/2 + 1",
            "1 / 2 + 3",
            "x ^ 2 + 1",
            "(x+1)^2/3",
            "sqrt(x+1)+2",
            "sqrt2x",
            "1/sqrt(2)+1",
            "|x-2|/3",
            "root(3, x)",
            "(1/2, -3/4)",
            "2*x^10*y",
            "-x^2+1/2x",
            "35%",
            "none");
    private static Page page;

    @BeforeAll
    void openTheField() {
        page = new Desk(summit, browser.window(summit.address()), "orla").page();
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        page.navigate("/gallery/polynomial-factor/1/1");
        assertThat(field()).isVisible();
    }

    private static Locator field() {
        return page.locator("math-field").first();
    }

    private static void empty() {
        field().focus();
        page.keyboard().press("Control+a");
        page.keyboard().press("Backspace");
    }

    private static String value() {
        return (String) field().evaluate("field => field.getValue('latex')");
    }

    private static Syntax syntaxOf(String entry) {
        return entry.matches(".*[<>U=!{].*|.*(inf|all|none).*")
                ? (entry.matches("\\{.*|x = .*") ? LIST : DOMAIN)
                : entry.matches("\\(.*,.*\\)|-5 2") ? LIST : EXPRESSION;
    }

    private static void readsAs(String entry, String latex) {
        Reader.ReadAs plain = Reader.read(entry, syntaxOf(entry));
        Reader.ReadAs field = Reader.read(latex, syntaxOf(entry));
        assertEquals(
                plain.latex() + plain.message(), field.latex() + field.message(), () -> "the field holds " + latex);
    }

    @ParameterizedTest
    @FieldSource("ENTRIES")
    void typedKeyByKey(String entry) {
        empty();
        page.keyboard().type(entry, new Keyboard.TypeOptions().setDelay(15));

        readsAs(entry, value());
    }

    @ParameterizedTest
    @FieldSource("ENTRIES")
    void pasted(String entry) {
        empty();
        page.evaluate("text => navigator.clipboard.writeText(text)", entry);
        page.keyboard().press("Control+v");

        readsAs(entry, value());
    }

    @Test
    void aSignOfThePaletteOpensPlacesToFill() {
        empty();
        page.getByTitle("fraction", new Page.GetByTitleOptions().setExact(true))
                .first()
                .click();
        page.keyboard().type("x+1");
        page.keyboard().press("Tab");
        page.keyboard().type("x-1");

        readsAs("(x+1)/(x-1)", value());
    }

    @Test
    void keysOnTheScreenTypeAndTakeBack() {
        empty();
        page.getByText("Keys on the screen").first().click();
        Locator keys = page.getByLabel("Keys", new Page.GetByLabelOptions().setExact(true))
                .first();
        List.of("1", "2", "back", "plus", "x", "to the power", "1", "0", "minus", "3")
                .forEach(name -> keys.getByLabel(Pattern.compile("(^| )" + name + "$"))
                        .first()
                        .click());

        readsAs("1+x^10-3", value());
    }

    @Test
    void noLatexReachesWhoeverTypedAPlainEntry() {
        empty();
        page.keyboard().type("(3/4, )");

        Locator readAs = page.getByText("Read as").first().locator("xpath=..");
        assertThat(readAs).containsText("(3/4, )");
        assertThat(readAs).not().containsText("\\");
    }
}
