package littlesummit.app.exchange;

import java.util.List;
import java.util.Locale;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.figure.Box;
import littlesummit.core.figure.Paint;
import littlesummit.core.figure.Point;
import littlesummit.core.figure.Scene;
import littlesummit.core.figure.Shape;
import littlesummit.core.figure.Spot;
import littlesummit.core.figure.Stroke;

/** A scene as a picture of its own (Scalable Vector Graphics 1.1, W3C), in colours that also tell apart in grey. */
public final class SceneSvg {
    private static final String SVG = "http://www.w3.org/2000/svg";

    private SceneSvg() {}

    public static String of(Scene scene) {
        Node svg = Node.root(SVG, "svg")
                .with("width", number(scene.width()))
                .with("height", number(scene.height()))
                .with("viewBox", "0 0 " + number(scene.width()) + " " + number(scene.height()))
                .with("role", "img")
                .with("font-family", "sans-serif");
        svg.leaf("title", scene.alt());
        hatching(svg.child("defs"));
        svg.child("rect").with("width", "100%").with("height", "100%").with("fill", "#ffffff");
        scene.shapes().forEach(shape -> draw(svg, shape));
        List<Spot> rooms = scene.spots().stream()
                .filter(spot -> spot.kind() == Spot.Kind.FIELD)
                .toList();
        for (int i = 0; i < rooms.size(); i++) {
            room(svg, rooms.get(i).bounds(), i + 1);
        }
        return svg.written();
    }

    private static void hatching(Node defs) {
        Node pattern = defs.child("pattern")
                .with("id", "hatch")
                .with("width", 8)
                .with("height", 8)
                .with("patternUnits", "userSpaceOnUse")
                .with("patternTransform", "rotate(45)");
        pattern.child("rect").with("width", 8).with("height", 8).with("fill", "#e3ebe6");
        pattern.child("line")
                .with("x1", 0)
                .with("x2", 0)
                .with("y1", 0)
                .with("y2", 8)
                .with("stroke", "#2d5a4a")
                .with("stroke-width", 3);
    }

    private static void draw(Node svg, Shape shape) {
        switch (shape) {
            case Shape.Path(List<Point> points, boolean closed, Stroke stroke, Paint fill) ->
                stroked(svg.child("path").with("d", path(points) + (closed ? "Z" : "")), stroke)
                        .with("fill", color(fill));
            case Shape.Disc(Point centre, double radius, Stroke stroke, Paint fill) ->
                stroked(
                                svg.child("circle")
                                        .with("cx", number(centre.x()))
                                        .with("cy", number(centre.y()))
                                        .with("r", number(radius)),
                                stroke)
                        .with("fill", color(fill));
            case Shape.Arc(Point centre, double radius, double from, double to, Stroke stroke) ->
                stroked(svg.child("path").with("d", arc(centre, radius, from, to)), stroke)
                        .with("fill", "none");
            case Shape.Text text -> write(svg, text);
            case Shape.Image(Point at, double width, double height, String data) ->
                svg.child("image")
                        .with("x", number(at.x()))
                        .with("y", number(at.y()))
                        .with("width", number(width))
                        .with("height", number(height))
                        .with("preserveAspectRatio", "none")
                        .with("href", data);
        }
    }

    private static Node stroked(Node node, Stroke stroke) {
        node.with("stroke", color(stroke.paint())).with("stroke-width", number(stroke.width()));
        return stroke.dashed() ? node.with("stroke-dasharray", "7 5") : node.with("stroke-linecap", "round");
    }

    private static String path(List<Point> points) {
        StringBuilder d = new StringBuilder();
        points.forEach(p -> d.append(d.isEmpty() ? "M" : "L")
                .append(number(p.x()))
                .append(' ')
                .append(number(p.y())));
        return d.toString();
    }

    private static String arc(Point centre, double radius, double from, double to) {
        Point start = centre.at(from, radius);
        Point end = centre.at(to, radius);
        return path(List.of(start)) + "A" + number(radius) + " " + number(radius) + " 0 "
                + (Math.abs(to - from) > 180 ? 1 : 0) + " " + (to > from ? 0 : 1) + " " + number(end.x()) + " "
                + number(end.y());
    }

    private static void write(Node svg, Shape.Text text) {
        svg.child("text")
                .with("x", number(text.at().x()))
                .with("y", number(text.at().y()))
                .with("font-size", number(text.size()))
                .with("text-anchor", text.anchor().name().toLowerCase(Locale.ROOT))
                .with("font-weight", text.style() == Shape.Style.BOLD ? "700" : "400")
                .with("font-style", text.style() == Shape.Style.LETTER ? "italic" : "normal")
                .with("fill", color(text.style() == Shape.Style.SOFT ? Paint.SOFT : Paint.INK))
                .with("stroke", "#ffffff")
                .with("stroke-width", 3)
                .with("paint-order", "stroke")
                .text(text.text());
    }

    /** A place to answer is a box with its number. */
    private static void room(Node svg, Box box, int number) {
        svg.child("rect")
                .with("x", number(box.left()))
                .with("y", number(box.top()))
                .with("width", number(box.right() - box.left()))
                .with("height", number(box.bottom() - box.top()))
                .with("rx", 4)
                .with("fill", "#ffffff")
                .with("stroke", color(Paint.INK))
                .with("stroke-dasharray", "4 3");
        svg.child("text")
                .with("x", number((box.left() + box.right()) / 2))
                .with("y", number((box.top() + box.bottom()) / 2 + 5))
                .with("font-size", 14)
                .with("text-anchor", "middle")
                .with("fill", color(Paint.SOFT))
                .text(String.valueOf(number));
    }

    private static String color(Paint paint) {
        return switch (paint) {
            case NONE -> "none";
            case INK -> "#22302b";
            case SOFT -> "#5b655f";
            case GRID -> "#c9cfc4";
            case MAIN -> "#2d5a4a";
            case OTHER -> "#b4641e";
            case HAND -> "#9c3a2a";
            case PAPER -> "#ffffff";
            case WASH -> "#e2edf3";
            case SAND -> "#f6ead3";
            case HATCH -> "url(#hatch)";
        };
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.endsWith(".00") ? text.substring(0, text.length() - 3) : text;
    }
}
