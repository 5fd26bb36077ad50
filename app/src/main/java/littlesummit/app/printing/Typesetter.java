package littlesummit.app.printing;

import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.InputStream;
import littlesummit.core.figure.Scene;
import littlesummit.core.figure.Scenes;
import littlesummit.core.item.Figure;
import org.openpdf.text.BadElementException;
import org.openpdf.text.Chunk;
import org.openpdf.text.Image;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Phrase;
import org.openpdf.text.pdf.BaseFont;
import org.openpdf.text.pdf.PdfTemplate;
import org.openpdf.text.pdf.PdfWriter;
import org.scilab.forge.jlatexmath.ParseException;
import org.scilab.forge.jlatexmath.TeXConstants;
import org.scilab.forge.jlatexmath.TeXFormula;
import org.scilab.forge.jlatexmath.TeXIcon;

/**
 * Sets text with mathematics in it, and pictures, into a PDF. Fonts travel inside: letters as an embedded font,
 * mathematics as outlines.
 */
final class Typesetter {
    private static final String SERIF = "liberation/LiberationSerif-";
    /** Width of a figure on paper, in points a unit. */
    static final double FIGURE_SCALE = 0.6;

    /** The widest figure, where a column is wider. */
    private static final double WIDEST_PT = 330;
    /** Columns below this width leave no room beside a table. */
    private static final double NARROW_PT = 300;

    private static final Font LABELS = awt(SERIF + "Regular.ttf");
    private static final Font HEAVY_LABELS = awt(SERIF + "Bold.ttf");
    private final PdfWriter writer;
    private final BaseFont regular = embedded(SERIF + "Regular.ttf");
    private final BaseFont bold = embedded(SERIF + "Bold.ttf");

    private final float scale;
    private final float widest;

    /**
     * @param scale of letters and pictures, 1 as usual
     * @param widest that anything may be, in points
     */
    Typesetter(PdfWriter writer, float scale, float widest) {
        this.writer = writer;
        this.scale = scale;
        this.widest = widest;
    }

    float scale() {
        return scale;
    }

    float widest() {
        return widest;
    }

    boolean isNarrow() {
        return widest < NARROW_PT;
    }

    private static InputStream open(String path) {
        return Typesetter.class.getClassLoader().getResourceAsStream(path);
    }

    private static Font awt(String path) {
        try (InputStream in = open(path)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException | FontFormatException missing) {
            throw new IllegalStateException(path, missing);
        }
    }

    private static BaseFont embedded(String path) {
        try (InputStream in = open(path)) {
            return BaseFont.createFont(path, BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, in.readAllBytes(), null);
        } catch (IOException missing) {
            throw new IllegalStateException(path, missing);
        }
    }

    org.openpdf.text.Font font(float size, boolean heavy) {
        return new org.openpdf.text.Font(heavy ? bold : regular, size * scale);
    }

    /** Text of ours in lines of its own. */
    Paragraph paragraph(String text, float size, boolean heavy) {
        Paragraph paragraph = new Paragraph(text(text, size, heavy));
        paragraph.setSpacingAfter(3);
        return paragraph;
    }

    /** Text of ours: plain, with LaTeX between $ signs. */
    Phrase text(String text, float size, boolean heavy) {
        Phrase phrase = new Phrase();
        phrase.setLeading(size * scale * 1.5f);
        for (TextPiece piece : TextPiece.of(text)) {
            phrase.add(piece.math() ? math(piece.text(), size) : new Chunk(piece.text(), font(size, heavy)));
        }
        return phrase;
    }

    /** Text of somebody, such as a title or a name: whatever it holds, nothing of it is mathematics. */
    Paragraph plain(String text, float size, boolean heavy) {
        Paragraph paragraph = new Paragraph(size * scale * 1.5f, text, font(size, heavy));
        paragraph.setSpacingAfter(3);
        return paragraph;
    }

    /** Mathematics within a line; the source itself where it cannot be set. */
    private Chunk math(String latex, float size) {
        try {
            TeXIcon icon = icon(latex, size * scale);
            float width = icon.getTrueIconWidth() + 1;
            float height = icon.getTrueIconHeight() + 1;
            PdfTemplate template = writer.getDirectContent().createTemplate(width, height);
            Graphics2D g = template.createGraphicsShapes(width, height);
            icon.setForeground(Color.BLACK);
            icon.paintIcon(null, g, 0, 0);
            g.dispose();
            return new Chunk(Image.getInstance(template), 0, -icon.getTrueIconDepth(), true);
        } catch (ParseException | BadElementException notSet) {
            return new Chunk(latex, font(size, false));
        }
    }

    /** Smaller where it would be wider than its column. */
    private TeXIcon icon(String latex, float size) throws ParseException {
        TeXFormula formula = new TeXFormula(latex);
        TeXIcon icon = formula.createTeXIcon(TeXConstants.STYLE_TEXT, size);
        float room = widest - 2;
        return icon.getTrueIconWidth() < room
                ? icon
                : formula.createTeXIcon(TeXConstants.STYLE_TEXT, size * room / icon.getTrueIconWidth());
    }

    Image figure(Figure figure) {
        return figure(figure, Math.min(WIDEST_PT * scale, widest - 4));
    }

    /** @param most points that it may be wide */
    Image figure(Figure figure, double most) {
        Scene scene = Scenes.of(figure);
        return picture(scene, Math.min(FIGURE_SCALE * scale, most / scene.width()));
    }

    /** @param factor points a unit */
    Image picture(Scene scene, double factor) {
        float width = (float) (scene.width() * factor);
        float height = (float) (scene.height() * factor);
        PdfTemplate template = writer.getDirectContent().createTemplate(width, height);
        Graphics2D g = template.createGraphicsShapes(width, height);
        g.transform(AffineTransform.getScaleInstance(factor, factor));
        new ScenePen(g, LABELS, HEAVY_LABELS).draw(scene);
        g.dispose();
        try {
            Image image = Image.getInstance(template);
            image.setSpacingBefore(4);
            // As large as it is: a cell would stretch it to its own width.
            image.setWidthPercentage(0);
            return image;
        } catch (BadElementException bug) {
            throw new IllegalStateException(bug);
        }
    }
}
