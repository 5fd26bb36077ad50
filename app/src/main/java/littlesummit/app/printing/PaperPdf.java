package littlesummit.app.printing;

import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.item.Item;
import littlesummit.core.paper.MarkScale;
import org.openpdf.text.Document;
import org.openpdf.text.HeaderFooter;
import org.openpdf.text.Phrase;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfWriter;

/** Items on paper: sheets to work on, or their solutions. Each sheet begins on a page of its own. */
public final class PaperPdf {
    private static final float MARGIN = 48;

    private PaperPdf() {}

    /**
     * One sheet.
     *
     * @param line below the title, such as whose it is; empty for none
     * @param named whether that says the name of the student
     * @param code from which the same sheet can be found again; empty for none
     * @param address that opens it, for a phone; empty for none
     */
    public record Sheet(
            String title, String line, boolean named, String code, Optional<String> address, List<Item> items) {
        public Sheet {
            items = List.copyOf(items);
        }

        /** The line, with what is to be filled in: the name where it does not stand there, and the date. */
        String lineToFill() {
            return Stream.of(line, named ? "" : "Name ______________________", "Date ______________")
                    .filter(text -> !text.isEmpty())
                    .collect(Collectors.joining("     "));
        }

        public Sheet titled(String other) {
            return new Sheet(other, line, named, code, address, items);
        }

        /** One that is not found again. */
        static Sheet plain(String title, String line, boolean named, List<Item> items) {
            return new Sheet(title, line, named, "", Optional.empty(), items);
        }
    }

    /** Pages to work on. */
    public static byte[] sheets(List<Sheet> sheets, PaperStyle style) {
        return write(sheets, style, (paper, sheet) -> {
            paper.head(sheet, sheet.lineToFill());
            paper.each(sheet.items(), (number, item) -> ItemOnPaper.sheet(number, item, paper.type(), style));
        });
    }

    /** Answers, steps, what each line earns, and how marks become percent and words. */
    public static byte[] solutions(List<Sheet> sheets, PaperStyle style, MarkScale scale) {
        return write(sheets, style.forSolutions(), (paper, sheet) -> {
            paper.head(sheet, sheet.line());
            paper.each(sheet.items(), (number, item) -> SolutionOnPaper.of(number, item, paper.type(), true));
            paper.add(ScaleOnPaper.of(sheet.items(), scale, paper.type()));
        });
    }

    /** Answers and steps, for the one who marks in another way. */
    static byte[] key(Sheet sheet) {
        return write(List.of(sheet), PaperStyle.USUAL, (paper, one) -> {
            paper.head(one, one.line());
            paper.each(one.items(), (number, item) -> SolutionOnPaper.of(number, item, paper.type(), false));
        });
    }

    private interface Content {
        void write(Paper paper, Sheet sheet);
    }

    private static byte[] write(List<Sheet> sheets, PaperStyle style, Content content) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        Document document = new Document(style.size().points(), MARGIN, MARGIN, MARGIN, MARGIN);
        PdfWriter writer = PdfWriter.getInstance(document, bytes);
        Typesetter type = new Typesetter(writer, style.scale(), Flow.width(document, style.twoColumns()));
        document.addTitle(sheets.getFirst().title());
        document.addCreator("Little Summit");
        for (Sheet sheet : sheets) {
            begin(document, sheet, type);
            content.write(new Paper(document, writer, type, style), sheet);
        }
        document.close();
        return bytes.toByteArray();
    }

    /** On a page of its own, counted from 1, with its code on every page so that none gets lost. */
    private static void begin(Document document, Sheet sheet, Typesetter type) {
        HeaderFooter numbers = new HeaderFooter(
                new Phrase(sheet.code().isEmpty() ? "" : sheet.code() + "     ", type.font(9, false)), true);
        numbers.setBorder(Rectangle.NO_BORDER);
        numbers.setAlignment(HeaderFooter.ALIGN_RIGHT);
        document.resetPageCount();
        document.setFooter(numbers);
        if (document.isOpen()) {
            document.newPage();
        } else {
            document.open();
        }
    }
}
