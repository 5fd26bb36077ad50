package littlesummit.app.printing;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.paper.MarkScale;
import littlesummit.core.paper.MarkScheme;
import littlesummit.core.paper.SelfMark;
import org.openpdf.text.Element;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/** The end of a solution sheet: the sum, and what so many marks come to. */
final class ScaleOnPaper {
    private static final float SIZE = ItemOnPaper.SIZE;
    /** Rows of a scale in percent alone. */
    private static final List<Integer> TENTHS = List.of(100, 90, 80, 70, 60, 50);

    private ScaleOnPaper() {}

    static PdfPTable of(List<Item> items, MarkScale scale, Typesetter type) {
        int most = SelfMark.most(items.stream().map(MarkScheme::of).toList());
        PdfPTable table = new PdfPTable(3);
        table.setWidthPercentage(100);
        PdfPCell sum = new PdfPCell(type.text(
                "Altogether: ____ of " + (most == 1 ? "1 mark" : most + " marks") + ", which is ____ %", SIZE, true));
        sum.setColspan(3);
        sum.setBorder(PdfPCell.NO_BORDER);
        sum.setPaddingBottom(6);
        table.addCell(sum);
        row(table, type, true, "marks", "percent", scale.grades().isEmpty() ? "" : "in words");
        List<MarkScale.Grade> rows = scale.grades().isEmpty()
                ? TENTHS.stream().map(from -> new MarkScale.Grade(from, "")).toList()
                : scale.grades();
        rows.forEach(grade -> row(
                table,
                type,
                false,
                "from " + MarkScale.fewest(grade, most),
                "from " + grade.from() + "%",
                grade.word()));
        return table;
    }

    private static void row(PdfPTable table, Typesetter type, boolean heavy, String... texts) {
        for (String text : texts) {
            PdfPCell cell = new PdfPCell(type.plain(text, SIZE, heavy));
            cell.setHorizontalAlignment(Element.ALIGN_LEFT);
            cell.setPaddingBottom(4);
            table.addCell(cell);
        }
    }
}
