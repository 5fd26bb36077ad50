package littlesummit.app.printing;

import java.io.ByteArrayOutputStream;
import java.util.List;
import littlesummit.core.item.Item;
import org.openpdf.text.Document;
import org.openpdf.text.HeaderFooter;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Phrase;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfWriter;

/** Items on paper: a sheet to work on, or its key. */
final class PaperPdf {
    private static final float MARGIN = 48;

    private PaperPdf() {}

    /**
     * A page with room for work below every item.
     *
     * @param line below the title, such as whose it is
     */
    static byte[] sheet(String title, String line, List<Item> items) {
        return write(title, line + "     Name ______________________     Date ______________", items, false);
    }

    /** Answers and steps, for the one who marks. */
    static byte[] key(String title, String line, List<Item> items) {
        return write(title + ": key", line, items, true);
    }

    private static byte[] write(String title, String line, List<Item> items, boolean key) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
        PdfWriter writer = PdfWriter.getInstance(document, bytes);
        Typesetter type = new Typesetter(writer);
        document.addTitle(title);
        document.addCreator("Little Summit");
        HeaderFooter numbers = new HeaderFooter(new Phrase("", type.font(9, false)), true);
        numbers.setBorder(Rectangle.NO_BORDER);
        numbers.setAlignment(HeaderFooter.ALIGN_RIGHT);
        document.setFooter(numbers);
        document.open();
        document.add(new Paragraph(type.text(title, 18, true)));
        Paragraph below = new Paragraph(type.text(line, 10, false));
        below.setSpacingAfter(16);
        document.add(below);
        for (int i = 0; i < items.size(); i++) {
            document.add(
                    key ? ItemOnPaper.key(i + 1, items.get(i), type) : ItemOnPaper.sheet(i + 1, items.get(i), type));
        }
        document.close();
        return bytes.toByteArray();
    }
}
