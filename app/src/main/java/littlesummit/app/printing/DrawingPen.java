package littlesummit.app.printing;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** Draws in black and grey on paper, in the units of a figure, y downward. */
final class DrawingPen {
    private static final Color LIGHT = new Color(0xDDDDDD);
    private static final Color SHADED = new Color(0xC4CCC8);
    private final Graphics2D g;
    private final Font font;

    DrawingPen(Graphics2D g, Font font) {
        this.g = g;
        this.font = font;
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(1.6f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    }

    void line(double ax, double ay, double bx, double by) {
        g.draw(new Line2D.Double(ax, ay, bx, by));
    }

    void thin(double ax, double ay, double bx, double by) {
        g.setColor(LIGHT);
        line(ax, ay, bx, by);
        g.setColor(Color.BLACK);
    }

    void dashed(double ax, double ay, double bx, double by) {
        var before = g.getStroke();
        g.setStroke(new BasicStroke(1.6f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1, new float[] {7, 5}, 0));
        line(ax, ay, bx, by);
        g.setStroke(before);
    }

    void shape(Shape shape, boolean shaded) {
        g.setColor(shaded ? SHADED : Color.WHITE);
        g.fill(shape);
        g.setColor(Color.BLACK);
        g.draw(shape);
    }

    void box(double x, double y, double width, double height, boolean shaded) {
        shape(new Rectangle2D.Double(x, y, width, height), shaded);
    }

    void outline(Shape shape) {
        g.draw(shape);
    }

    void circle(double x, double y, double radius) {
        g.draw(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
    }

    void dot(double x, double y, double radius, boolean open) {
        g.setColor(open ? Color.WHITE : Color.BLACK);
        g.fill(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
        g.setColor(Color.BLACK);
        circle(x, y, radius);
    }

    /** @param xy alternating x and y */
    void path(double... xy) {
        Path2D path = new Path2D.Double();
        path.moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            path.lineTo(xy[i], xy[i + 1]);
        }
        g.draw(path);
    }

    /** Centred at x, standing on y. */
    void text(String text, double x, double y, float size) {
        g.setFont(font.deriveFont(size));
        g.drawString(text, (float) (x - g.getFontMetrics().stringWidth(text) / 2.0), (float) y);
    }

    Graphics2D clipped(Shape to) {
        Graphics2D inside = (Graphics2D) g.create();
        inside.clip(to);
        return inside;
    }

    Font font() {
        return font;
    }
}
