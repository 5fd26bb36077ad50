package littlesummit.app.working;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import littlesummit.core.working.ink.Stroke;

/**
 * Ink as a picture (Scalable Vector Graphics 1.1, W3C): the student's layer, and the marks above it in a group of their
 * own.
 */
final class InkSvg {
    private static final double SHORTEST = 400;
    private static final double BELOW = 40;

    private InkSvg() {}

    static String write(InkService.Drawn ink) {
        double height = Math.max(
                SHORTEST,
                Stream.concat(ink.work().stream(), ink.marks().stream())
                                .mapToDouble(InkSvg::bottom)
                                .max()
                                .orElse(0)
                        + BELOW);
        return String.format(
                        Locale.ROOT,
                        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                            + "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%.0f\" viewBox=\"0 0 %d"
                            + " %.0f\">\n",
                        Stroke.PAGE_WIDTH,
                        height,
                        Stroke.PAGE_WIDTH,
                        height)
                + group("work", ink.work()) + group("marks", ink.marks()) + "</svg>\n";
    }

    private static double bottom(Stroke stroke) {
        double most = 0;
        for (int i = 0; i < stroke.count(); i++) {
            most = Math.max(most, stroke.y(i));
        }
        return most;
    }

    private static String group(String id, List<Stroke> strokes) {
        StringBuilder svg = new StringBuilder(
                "<g id=\"" + id + "\" fill=\"none\" stroke-linecap=\"round\" stroke-linejoin=\"round\">\n");
        strokes.forEach(s -> svg.append(path(s)));
        return svg.append("</g>\n").toString();
    }

    private static String path(Stroke stroke) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < stroke.count(); i++) {
            d.append(String.format(Locale.ROOT, "%s%.1f %.1f", i == 0 ? "M" : "L", stroke.x(i), stroke.y(i)));
        }
        if (stroke.count() == 1) {
            d.append(String.format(Locale.ROOT, "l0.1 0"));
        }
        return String.format(
                Locale.ROOT,
                "<path d=\"%s\" stroke=\"#%s\" stroke-width=\"%.2f\"%s/>\n",
                d,
                stroke.colour().hex(),
                stroke.width(),
                stroke.tool() == Stroke.Tool.HIGHLIGHTER ? " stroke-opacity=\"0.35\"" : "");
    }
}
