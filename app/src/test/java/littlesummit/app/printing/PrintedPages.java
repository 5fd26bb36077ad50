package littlesummit.app.printing;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Pages of a PDF as pictures, drawn by a library that did not write them. */
final class PrintedPages {
    private static final int DOTS_PER_POINT = 2;

    private PrintedPages() {}

    static List<BufferedImage> of(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            List<BufferedImage> pages = new ArrayList<>();
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(renderer.renderImage(i, DOTS_PER_POINT, ImageType.GRAY));
            }
            return pages;
        } catch (IOException broken) {
            throw new AssertionError(broken);
        }
    }

    /** Whether anything is printed in a box, in points from the left and the top. */
    static boolean isInked(BufferedImage page, double left, double top, double right, double bottom) {
        for (int y = dots(top); y < Math.min(page.getHeight(), dots(bottom)); y++) {
            for (int x = dots(left); x < Math.min(page.getWidth(), dots(right)); x++) {
                if ((page.getRGB(x, y) & 0xFF) < 128) {
                    return true;
                }
            }
        }
        return false;
    }

    private static int dots(double points) {
        return (int) Math.round(points * DOTS_PER_POINT);
    }

    static double width(BufferedImage page) {
        return page.getWidth() / (double) DOTS_PER_POINT;
    }

    static double height(BufferedImage page) {
        return page.getHeight() / (double) DOTS_PER_POINT;
    }
}
