package littlesummit.app.printing;

import java.io.ByteArrayOutputStream;
import littlesummit.core.figure.Scene;
import org.openpdf.text.Document;
import org.openpdf.text.Image;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfWriter;

/** A scene as a page of its own size (PDF), for documents that take pictures in. */
public final class ScenePdf {
    private ScenePdf() {}

    public static byte[] of(Scene scene) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        float width = (float) (scene.width() * Typesetter.FIGURE_SCALE);
        float height = (float) (scene.height() * Typesetter.FIGURE_SCALE);
        Document page = new Document(new Rectangle(width, height), 0, 0, 0, 0);
        PdfWriter writer = PdfWriter.getInstance(page, out);
        page.addTitle(scene.alt());
        page.open();
        Image image = new Typesetter(writer, 1, width).picture(scene, Typesetter.FIGURE_SCALE);
        image.setAbsolutePosition(0, 0);
        page.add(image);
        page.close();
        return out.toByteArray();
    }
}
