package littlesummit.app.printing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.app.printing.PaperStyle.Room;
import littlesummit.app.printing.PaperStyle.Size;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Item;
import littlesummit.core.paper.MarkScale;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Sheets as they come out of the printer. */
class PrintedPagesTest {
    private static final double MARGIN = 48;
    private static final double GUTTER = 20;
    private static final String ADDRESS = "https://hut.example/paper/k7m-4qx";
    private static final PaperStyle TWO = new PaperStyle(Size.LETTER, Room.SQUARES, false, true);
    private static final PaperStyle LARGE = new PaperStyle(Size.A4, Room.LINES, true, false);
    private static final PaperStyle BARE = new PaperStyle(Size.A4, Room.NONE, false, false);

    static Stream<Skill> skills() {
        return new Catalogue().skills().stream();
    }

    private static List<Item> items(Skill skill) {
        return IntStream.range(0, 6)
                .mapToObj(i -> skill.makeOpen(1 + i % 3, 70 + i))
                .toList();
    }

    private static PaperPdf.Sheet sheet(List<Item> items) {
        return new PaperPdf.Sheet("Practice", "for Nela", true, "K7M-4QX", Optional.of(ADDRESS), items);
    }

    private static List<BufferedImage> sheet(List<Item> items, PaperStyle style) {
        return PrintedPages.of(PaperPdf.sheets(List.of(sheet(items)), style));
    }

    private static void assertMarginsAreWhite(BufferedImage page, String what) {
        double width = PrintedPages.width(page);
        double height = PrintedPages.height(page);
        double edge = MARGIN - 2;
        assertFalse(PrintedPages.isInked(page, 0, 0, edge, height), what + " leaves the page on the left");
        assertFalse(PrintedPages.isInked(page, width - edge, 0, width, height), what + " leaves it on the right");
        assertFalse(PrintedPages.isInked(page, 0, 0, width, edge), what + " leaves it above");
    }

    @ParameterizedTest
    @MethodSource("skills")
    void nothingLeavesItsColumn(Skill skill) {
        for (BufferedImage page : sheet(items(skill), TWO)) {
            assertMarginsAreWhite(page, skill.id());
            double middle = PrintedPages.width(page) / 2;
            double below = MARGIN + 75;
            assertFalse(
                    PrintedPages.isInked(
                            page,
                            middle - GUTTER / 2 + 1,
                            below,
                            middle + GUTTER / 2 - 1,
                            PrintedPages.height(page) - MARGIN),
                    skill.id() + " leaves its column");
        }
    }

    @ParameterizedTest
    @MethodSource("skills")
    void largePrintStaysOnThePage(Skill skill) {
        sheet(items(skill), LARGE).forEach(page -> assertMarginsAreWhite(page, skill.id()));
    }

    @ParameterizedTest
    @MethodSource("skills")
    void solutionsStayOnThePage(Skill skill) {
        PrintedPages.of(PaperPdf.solutions(List.of(sheet(items(skill))), LARGE, MarkScale.PERCENT))
                .forEach(page -> assertMarginsAreWhite(page, skill.id()));
    }

    @Test
    void aPhoneReadsTheCodeAndFindsTheSheet() throws ReaderException {
        BufferedImage page = sheet(items(new Catalogue().require("mean")), TWO).getFirst();
        int[] dots = page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
        var picture = new RGBLuminanceSource(page.getWidth(), page.getHeight(), dots);
        var found = new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(picture)), Map.of(DecodeHintType.TRY_HARDER, true));
        assertEquals(ADDRESS, found.getText());
    }

    @Test
    void paperHasTheSizeAskedFor() {
        List<Item> items = items(new Catalogue().require("mean"));
        BufferedImage a4 = sheet(items, BARE).getFirst();
        assertEquals(210 / 25.4 * 72, PrintedPages.width(a4), 1, "ISO 216");
        assertEquals(297 / 25.4 * 72, PrintedPages.height(a4), 1, "ISO 216");
        BufferedImage letter = sheet(items, TWO).getFirst();
        assertEquals(8.5 * 72, PrintedPages.width(letter), 1);
        assertEquals(11 * 72, PrintedPages.height(letter), 1);
    }

    @Test
    void roomForWorkTakesRoomAndTwoColumnsSaveIt() {
        List<Item> items = items(new Catalogue().require("both-sides"));
        int bare = sheet(items, BARE).size();
        int lined =
                sheet(items, new PaperStyle(Size.A4, Room.LINES, false, false)).size();
        int columns =
                sheet(items, new PaperStyle(Size.A4, Room.LINES, false, true)).size();
        assertTrue(bare < lined, bare + " and " + lined);
        assertTrue(columns < lined, columns + " and " + lined);
        assertTrue(sheet(items, LARGE).size() > lined);
    }

    @Test
    void everyCopyBeginsOnAPageOfItsOwn() {
        List<Item> items = items(new Catalogue().require("mean"));
        byte[] both = PaperPdf.sheets(List.of(sheet(items), sheet(items)), BARE);
        assertEquals(2 * sheet(items, BARE).size(), PrintedPages.of(both).size());
    }
}
