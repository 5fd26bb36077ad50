package littlesummit.app.printing;

import java.util.List;
import littlesummit.core.item.Response;
import org.openpdf.text.Element;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/** Numbers one below the other, digit below digit, with boxes for the digits of the result. */
final class ColumnsOnPaper {
    private static final float CELL_PT = 20;

    private ColumnsOnPaper() {}

    static PdfPTable of(Response.WriteInColumns columns, Typesetter type) {
        int width = columns.points().size() + 1;
        PdfPTable table = new PdfPTable(width);
        table.setTotalWidth(CELL_PT * type.scale() * width);
        table.setLockedWidth(true);
        table.setHorizontalAlignment(Element.ALIGN_LEFT);
        List<List<String>> rows = columns.rows();
        for (List<String> row : rows) {
            boolean isLast = row == rows.getLast();
            table.addCell(digit(isLast ? columns.sign() : "", type, isLast ? Rectangle.BOTTOM : 0));
            row.forEach(d -> table.addCell(digit(d, type, isLast ? Rectangle.BOTTOM : 0)));
        }
        table.addCell(digit("", type, 0));
        columns.points().forEach(point -> table.addCell(digit(point ? "." : "", type, point ? 0 : Rectangle.BOX)));
        return table;
    }

    private static PdfPCell digit(String text, Typesetter type, int border) {
        PdfPCell cell = new PdfPCell(type.text(text, ItemOnPaper.SIZE, false));
        cell.setFixedHeight(CELL_PT * type.scale());
        cell.setHorizontalAlignment(Element.ALIGN_CENTER);
        cell.setVerticalAlignment(Element.ALIGN_MIDDLE);
        cell.setBorder(border);
        return cell;
    }
}
