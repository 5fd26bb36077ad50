package littlesummit.app.printing;

import java.awt.Color;
import java.util.Optional;
import littlesummit.core.item.Item;
import littlesummit.core.item.Response;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfContentByte;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;

/** Room for work below an item: blank, lined or squared. */
final class WorkRoom {
    private static final float HEIGHT_PT = 120;
    /** Half a centimetre, as in a squared exercise book. */
    private static final float SQUARE_PT = 14.17f;
    /** Between two lines to write on: eight millimetres. */
    private static final float LINE_PT = 22.68f;

    private static final double HALF = 0.5;
    private static final Color PALE = new Color(0xB8B8B8);

    private WorkRoom() {}

    /** Empty where the style gives no room, or the answer is drawn into a picture. */
    static Optional<PdfPCell> of(Item item, PaperStyle style, Typesetter type) {
        float share = share(item);
        if (style.room() == PaperStyle.Room.NONE || share == 0) {
            return Optional.empty();
        }
        PdfPCell cell = new PdfPCell(type.text("Work", ItemOnPaper.SMALL, false));
        cell.setFixedHeight(HEIGHT_PT * share * style.scale());
        cell.setBorderColor(Color.GRAY);
        switch (style.room()) {
            case LINES -> cell.setCellEvent((c, box, canvases) -> ruled(box, canvases, LINE_PT, false));
            case SQUARES -> cell.setCellEvent((c, box, canvases) -> ruled(box, canvases, SQUARE_PT, true));
            case BLANK, NONE -> {}
        }
        return Optional.of(cell);
    }

    /** A calculation takes all of it, a choice half, and what is drawn nothing. */
    private static float share(Item item) {
        return (float) item.parts().stream()
                .flatMap(part -> part.fields().stream())
                .mapToDouble(field -> switch (field.response()) {
                    case Response.Typed t -> 1;
                    case Response.InkWords i -> 1;
                    case Response.Said s -> 1;
                    case Response.ChooseOne c -> HALF;
                    case Response.ChooseAll c -> HALF;
                    case Response.PickFromList p -> HALF;
                    case Response.DropLabel d -> HALF;
                    case Response.PutInOrder o -> HALF;
                    case Response.WriteInColumns c -> HALF;
                    case Response.MarkOnLine m -> 0;
                    case Response.RayOnLine r -> 0;
                    case Response.Shade s -> 0;
                    case Response.PlotPoint p -> 0;
                    case Response.PlotLine p -> 0;
                    case Response.SelectShapes s -> 0;
                    case Response.LayUnits l -> 0;
                })
                .max()
                .orElse(1);
    }

    /** Lines from side to side at a distance, and from top to bottom where there are squares. */
    private static void ruled(Rectangle box, PdfContentByte[] canvases, float step, boolean squares) {
        PdfContentByte pen = canvases[PdfPTable.BACKGROUNDCANVAS];
        pen.saveState();
        pen.setColorStroke(PALE);
        pen.setLineWidth(0.4f);
        for (float y = box.getTop() - step; y > box.getBottom() + 1; y -= step) {
            pen.moveTo(box.getLeft(), y);
            pen.lineTo(box.getRight(), y);
        }
        for (float x = box.getLeft() + step; squares && x < box.getRight() - 1; x += step) {
            pen.moveTo(x, box.getTop());
            pen.lineTo(x, box.getBottom());
        }
        pen.stroke();
        pen.restoreState();
    }
}
