package littlesummit.app.printing;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import littlesummit.app.picture.DataPicture;
import littlesummit.core.figure.Box;
import littlesummit.core.figure.Paint;
import littlesummit.core.figure.Point;
import littlesummit.core.figure.Scene;
import littlesummit.core.figure.Shape;
import littlesummit.core.figure.Spot;
import littlesummit.core.figure.Stroke;

/** Draws a scene in black and grey on paper, in its own units. */
final class ScenePen {
    private static final Color LIGHT = new Color(0xD4D4D4);
    private static final Color WASH = new Color(0xF0F0F0);
    private static final double HATCH = 6;
    private final Graphics2D g;
    private final Font plain;
    private final Font heavy;

    ScenePen(Graphics2D g, Font plain, Font heavy) {
        this.g = g;
        this.plain = plain;
        this.heavy = heavy;
    }

    void draw(Scene scene) {
        scene.shapes().forEach(this::draw);
        scene.spots().stream().filter(spot -> spot.kind() == Spot.Kind.FIELD).forEach(this::room);
    }

    private void draw(Shape shape) {
        switch (shape) {
            case Shape.Path(List<Point> points, boolean closed, Stroke stroke, Paint fill) ->
                draw(path(points, closed), stroke, fill);
            case Shape.Disc(Point centre, double radius, Stroke stroke, Paint fill) ->
                draw(
                        new Ellipse2D.Double(centre.x() - radius, centre.y() - radius, 2 * radius, 2 * radius),
                        stroke,
                        fill);
            case Shape.Arc(Point centre, double radius, double from, double to, Stroke stroke) ->
                draw(
                        new Arc2D.Double(
                                centre.x() - radius,
                                centre.y() - radius,
                                2 * radius,
                                2 * radius,
                                from,
                                to - from,
                                Arc2D.OPEN),
                        stroke,
                        Paint.NONE);
            case Shape.Text text -> write(text);
            case Shape.Image image -> picture(image);
        }
    }

    /** One that cannot be opened leaves its place empty: a sheet without it is better than none. */
    private void picture(Shape.Image image) {
        DataPicture.opened(image.data())
                .ifPresent(pixels -> g.drawImage(
                        pixels,
                        new AffineTransform(
                                image.width() / pixels.getWidth(),
                                0,
                                0,
                                image.height() / pixels.getHeight(),
                                image.at().x(),
                                image.at().y()),
                        null));
    }

    private static Path2D path(List<Point> points, boolean closed) {
        Path2D path = new Path2D.Double();
        path.moveTo(points.getFirst().x(), points.getFirst().y());
        points.stream().skip(1).forEach(p -> path.lineTo(p.x(), p.y()));
        if (closed) {
            path.closePath();
        }
        return path;
    }

    private void draw(java.awt.Shape outline, Stroke stroke, Paint fill) {
        if (fill == Paint.HATCH) {
            hatch(outline);
        } else if (fill != Paint.NONE) {
            g.setColor(color(fill));
            g.fill(outline);
        }
        if (stroke.paint() != Paint.NONE) {
            g.setColor(color(stroke.paint()));
            float[] dashes = stroke.dashed() ? new float[] {7, 5} : null;
            g.setStroke(new BasicStroke(
                    (float) stroke.width(),
                    stroke.dashed() ? BasicStroke.CAP_BUTT : BasicStroke.CAP_ROUND,
                    BasicStroke.JOIN_ROUND,
                    1,
                    dashes,
                    0));
            g.draw(outline);
        }
    }

    private static Color color(Paint paint) {
        return switch (paint) {
            case NONE, PAPER -> Color.WHITE;
            case GRID -> LIGHT;
            case WASH, SAND, HATCH -> WASH;
            case INK, SOFT, MAIN, OTHER, HAND -> Color.BLACK;
        };
    }

    /** Slanted lines on grey, so that it is seen on any printer. */
    private void hatch(java.awt.Shape outline) {
        g.setColor(WASH);
        g.fill(outline);
        Graphics2D inside = (Graphics2D) g.create();
        inside.clip(outline);
        inside.setColor(Color.GRAY);
        inside.setStroke(new BasicStroke(1.2f));
        Rectangle2D room = outline.getBounds2D();
        for (double x = room.getMinX() - room.getHeight(); x < room.getMaxX(); x += HATCH) {
            inside.draw(new Line2D.Double(x, room.getMaxY(), x + room.getHeight(), room.getMinY()));
        }
        inside.dispose();
    }

    private void write(Shape.Text text) {
        g.setFont((text.style() == Shape.Style.BOLD ? heavy : plain).deriveFont((float) text.size()));
        double width = g.getFontMetrics().stringWidth(text.text());
        double left =
                switch (text.anchor()) {
                    case START -> text.at().x();
                    case MIDDLE -> text.at().x() - width / 2;
                    case END -> text.at().x() - width;
                };
        // Paper behind the letters, so that no line runs through them.
        g.setColor(Color.WHITE);
        g.fill(new Rectangle2D.Double(left - 1, text.at().y() - 0.72 * text.size(), width + 2, 0.86 * text.size()));
        g.setColor(Color.BLACK);
        g.drawString(text.text(), (float) left, (float) text.at().y());
    }

    /** A place to fill is a white box with a line on paper. */
    private void room(Spot spot) {
        Box box = spot.bounds();
        Rectangle2D room = new Rectangle2D.Double(
                box.left(), box.top() + 8, box.right() - box.left(), box.bottom() - box.top() - 16);
        g.setColor(Color.WHITE);
        g.fill(room);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(1.2f));
        g.draw(new Line2D.Double(room.getMinX() + 4, room.getMaxY() - 4, room.getMaxX() - 4, room.getMaxY() - 4));
    }
}
