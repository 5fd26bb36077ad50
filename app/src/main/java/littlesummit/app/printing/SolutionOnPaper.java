package littlesummit.app.printing;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.paper.MarkScheme;
import org.openpdf.text.Element;
import org.openpdf.text.Phrase;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/** The solution of one item on paper: its answers, every step to them, and what each line earns. */
final class SolutionOnPaper {
    private static final float SIZE = ItemOnPaper.SIZE;
    private static final float SMALL = ItemOnPaper.SMALL + 1;
    /** Widths of a line and of its mark, as shares. */
    private static final float[] WIDTHS = {10, 1.4f};

    private final Typesetter type;
    private final MarkScheme scheme;
    private final boolean marks;
    private final PdfPTable table = new PdfPTable(WIDTHS);

    private SolutionOnPaper(Item item, Typesetter type, boolean marks) {
        this.type = type;
        this.marks = marks;
        this.scheme = MarkScheme.of(item);
    }

    /** @param marks whether what a line earns stands beside it */
    static PdfPTable of(int number, Item item, Typesetter type, boolean marks) {
        SolutionOnPaper paper = new SolutionOnPaper(item, type, marks);
        PdfPCell stem = new ItemOnPaper(type).stem(number, item);
        stem.setColspan(2);
        paper.table.addCell(stem);
        for (int i = 0; i < item.parts().size(); i++) {
            paper.part(item.parts().get(i), paper.scheme.answers().get(i));
        }
        for (int i = 0; i < item.worked().size(); i++) {
            paper.line(
                    said(item.worked().get(i)),
                    SMALL,
                    false,
                    paper.scheme.steps().get(i).mark());
        }
        if (marks) {
            paper.sum();
        }
        return paper.table;
    }

    private void part(Part part, List<MarkScheme.Line> answers) {
        line(part.prompt(), SIZE, false, 0);
        for (int i = 0; i < answers.size(); i++) {
            Field field = part.fields().get(i);
            String name = "Answer" + (part.fields().size() > 1 ? ", " + field.label() : "");
            line(name + ": " + KeyText.of(field), SIZE, true, answers.get(i).mark());
        }
    }

    private static String said(WorkedStep step) {
        return "– " + step.say() + (step.math().isEmpty() ? "" : "  $" + step.math() + "$");
    }

    private void line(String text, float size, boolean heavy, int mark) {
        table.addCell(bare(type.text(text, size, heavy)));
        PdfPCell earned = bare(marks && mark > 0 ? type.text("□ 1", size, false) : new Phrase(""));
        earned.setHorizontalAlignment(Element.ALIGN_RIGHT);
        table.addCell(earned);
    }

    private void sum() {
        int most = scheme.most();
        PdfPCell cell = bare(type.text("____ of " + (most == 1 ? "1 mark" : most + " marks"), SIZE, false));
        cell.setColspan(2);
        cell.setHorizontalAlignment(Element.ALIGN_RIGHT);
        cell.setPaddingBottom(8);
        table.addCell(cell);
    }

    private static PdfPCell bare(Phrase phrase) {
        PdfPCell cell = new PdfPCell(phrase);
        cell.setBorder(PdfPCell.NO_BORDER);
        cell.setPadding(0);
        cell.setPaddingBottom(4);
        return cell;
    }
}
