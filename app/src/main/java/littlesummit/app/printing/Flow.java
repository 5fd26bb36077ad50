package littlesummit.app.printing;

import org.openpdf.text.Document;
import org.openpdf.text.pdf.ColumnText;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfWriter;

/**
 * Lays tables one below the other into the columns of a page, and goes on to the next column or page where one does not
 * fit: a picture never parts from its question. Only what is taller than a whole column is cut.
 */
final class Flow {
    private static final float GUTTER_PT = 20;
    private static final float BETWEEN_PT = 14;
    private final Document document;
    private final PdfWriter writer;
    private final int columns;
    private int column;
    private float top;
    private float y;

    /** @param top of the first page, in points from below: what is above is taken */
    Flow(Document document, PdfWriter writer, boolean twoColumns, float top) {
        this.document = document;
        this.writer = writer;
        this.columns = twoColumns ? 2 : 1;
        this.top = top;
        this.y = top;
    }

    /** Width of a column of a page, in points. */
    static float width(Document document, boolean twoColumns) {
        float whole = document.right() - document.left();
        return twoColumns ? (whole - GUTTER_PT) / 2 : whole;
    }

    private float width() {
        return width(document, columns == 2);
    }

    void add(PdfPTable table) {
        table.setTotalWidth(width());
        table.setLockedWidth(true);
        table.setSplitLate(false);
        if (table.getTotalHeight() > y - document.bottom() && y < top) {
            next();
        }
        ColumnText text = new ColumnText(writer.getDirectContent());
        text.addElement(table);
        while (ColumnText.hasMoreText(go(text))) {
            next();
        }
        y = text.getYLine() - BETWEEN_PT;
    }

    private int go(ColumnText text) {
        float left = document.left() + column * (width() + GUTTER_PT);
        text.setSimpleColumn(left, document.bottom(), left + width(), y);
        return text.go();
    }

    private void next() {
        column++;
        if (column == columns) {
            column = 0;
            document.newPage();
            top = document.top();
        }
        y = top;
    }
}
