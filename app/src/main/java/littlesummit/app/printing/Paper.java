package littlesummit.app.printing;

import java.util.List;
import littlesummit.core.item.Item;
import org.openpdf.text.Document;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfWriter;

/** A sheet while it is written: its head first, then what stands below each other. */
final class Paper {
    private static final float QR_PT = 64;
    private final Document document;
    private final PdfWriter writer;
    private final Typesetter type;
    private final PaperStyle style;
    private Flow flow;

    Paper(Document document, PdfWriter writer, Typesetter type, PaperStyle style) {
        this.document = document;
        this.writer = writer;
        this.type = type;
        this.style = style;
        this.flow = new Flow(document, writer, style.twoColumns(), document.top());
    }

    Typesetter type() {
        return type;
    }

    /** Title, line and code over the whole width. */
    void head(PaperPdf.Sheet sheet, String line) {
        PdfPTable head = new PdfPTable(new float[] {6, 1});
        head.setTotalWidth(document.right() - document.left());
        head.setLockedWidth(true);
        PdfPCell words = bare();
        words.addElement(type.plain(sheet.title(), 18, true));
        words.addElement(type.plain(line, 10, false));
        if (!sheet.code().isEmpty()) {
            words.addElement(type.paragraph(
                    "Code " + sheet.code() + ": enter it under Paper to type your answers or mark your work.",
                    9,
                    false));
        }
        head.addCell(words);
        PdfPCell code = bare();
        sheet.address().ifPresent(address -> code.addElement(QrCode.of(address, QR_PT, writer)));
        head.addCell(code);
        head.writeSelectedRows(0, -1, document.left(), document.top(), writer.getDirectContent());
        float below = document.top() - head.getTotalHeight() - 10;
        flow = new Flow(document, writer, style.twoColumns(), below);
    }

    private static PdfPCell bare() {
        PdfPCell cell = new PdfPCell();
        cell.setBorder(PdfPCell.NO_BORDER);
        cell.setPadding(0);
        return cell;
    }

    /** How an item becomes a table. */
    interface Set {
        PdfPTable set(int number, Item item);
    }

    /** Items, numbered from 1. */
    void each(List<Item> items, Set how) {
        for (int i = 0; i < items.size(); i++) {
            add(how.set(i + 1, items.get(i)));
        }
    }

    void add(PdfPTable table) {
        flow.add(table);
    }
}
