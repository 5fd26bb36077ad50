package littlesummit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pages that people print from the browser: whole, on the paper that they have, without what can only be pressed. */
class PrintTest extends BrowserTest {
    private static final List<String> STUDENTS = List.of("Jory Thane", "Edda Rook", "Wim Tarrow", "Nela");

    /** Paper, in points. */
    private enum Paper {
        A4("A4", 595, 842),
        LETTER("Letter", 612, 792);

        private final String format;
        private final int width;
        private final int height;

        Paper(String format, int width, int height) {
            this.format = format;
            this.width = width;
            this.height = height;
        }
    }

    /** Both in the long run. */
    static Stream<Paper> papers() {
        return IS_THOROUGH ? Stream.of(Paper.values()) : Stream.of(Paper.A4);
    }

    private Page at(String username, String address) {
        Page page = new Desk(summit, browser.window(summit.address()), username).page();
        page.navigate(address);
        return page;
    }

    /** What a printed page says; it is as large as the paper, upright or lying, and no button is on it. */
    private static String printed(Page page, Paper paper) {
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertEquals(
                List.of(),
                page.evaluate("() => [...document.querySelectorAll('main button, header button, nav a')]"
                        + ".filter(e => e.closest('th, td') === null && e.checkVisibility())"
                        + ".map(e => e.textContent)"),
                "what can only be pressed is not printed");
        byte[] pdf = page.pdf(new Page.PdfOptions().setFormat(paper.format).setPreferCSSPageSize(false));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage one : document.getPages()) {
                double wide = one.getMediaBox().getWidth();
                double high = one.getMediaBox().getHeight();
                assertEquals(paper.width, Math.min(wide, high), 1);
                assertEquals(paper.height, Math.max(wide, high), 1);
            }
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        } catch (IOException broken) {
            throw new AssertionError(broken);
        }
    }

    private static void holds(String text, List<String> parts) {
        parts.forEach(part -> assertTrue(text.contains(part), part + " is missing in: " + text));
    }

    /** Nothing is cut off at the right: the page is no wider than what can be printed on. */
    private static void fits(Page page, Paper paper) {
        int printable = (int) ((paper.width - 68) / 72.0 * 96);
        page.setViewportSize(printable, 1000);
        // Charts follow the window in their own time.
        page.waitForTimeout(500);
        assertEquals(
                List.of(),
                page.evaluate(
                        "width => [...document.querySelectorAll('main *')].filter(e => e.checkVisibility() &&"
                                + " e.getBoundingClientRect().right > width + 1).map(e => e.tagName + ' ' +"
                                + " e.className).slice(0, 5)",
                        printable));
        page.setViewportSize(1280, 800);
    }

    @ParameterizedTest
    @MethodSource("papers")
    void theClassList(Paper paper) {
        Page page = at("orla", "/class");
        assertThat(page.getByText("Jory Thane").first()).isVisible();
        String text = printed(page, paper);
        holds(text, STUDENTS);
        assertFalse(text.contains("Add a student"));
        fits(page, paper);
    }

    @ParameterizedTest
    @MethodSource("papers")
    void marks(Paper paper) {
        Page page = at("orla", "/class/marks");
        assertThat(page.getByText("Jory Thane").first()).isVisible();
        List<String> heads = page.locator("thead th").allInnerTexts().stream()
                .map(h -> h.lines().findFirst().orElse("").strip())
                .toList();
        String text = printed(page, paper);
        holds(text, STUDENTS);
        holds(text, heads);
    }

    @ParameterizedTest
    @MethodSource("papers")
    void aReportOnAStudent(Paper paper) {
        Page page = at("orla", "/class");
        page.getByText("Edda Rook").first().click();
        assertThat(page.getByText("Active minutes a day")).isVisible();
        String text = printed(page, paper);
        holds(text, List.of("Edda Rook", "Active minutes a day"));
        fits(page, paper);
    }

    @ParameterizedTest
    @MethodSource("papers")
    void codesToHandOut(Paper paper) {
        Page page = at("orla", "/class");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Ulla " + paper);
        page.getByText("Add", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(page.getByText("Ulla " + paper).first()).isVisible();
        page.getByText("Codes to hand out").click();
        String code = page.locator("li")
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Ulla " + paper))
                .locator("strong")
                .textContent();
        holds(printed(page, paper), List.of("Ulla " + paper, code));
        fits(page, paper);
    }

    @ParameterizedTest
    @MethodSource("papers")
    void theBookAndOnesProgress(Paper paper) {
        Page page = at("nela", "/book");
        String first = page.locator("main article, main li")
                .first()
                .innerText()
                .lines()
                .findFirst()
                .orElseThrow();
        holds(printed(page, paper), List.of(first));
        fits(page, paper);
        page.navigate("/progress");
        assertThat(page.getByText("Active minutes a day").first()).isVisible();
        holds(printed(page, paper), List.of("Active minutes a day"));
        fits(page, paper);
    }
}
