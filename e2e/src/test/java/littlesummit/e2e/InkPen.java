package littlesummit.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

/** Draws on the sheet of the page with mouse, pen and finger, as the browser would pass them on. */
final class InkPen {
    private static final int STEPS = 12;
    private final Page page;
    private final CDPSession session;

    InkPen(Page page) {
        this.page = page;
        this.session = page.context().newCDPSession(page);
    }

    private BoundingBox sheet() {
        page.locator("[data-ink-surface]").scrollIntoViewIfNeeded();
        return page.locator("[data-ink-surface]").boundingBox();
    }

    /** From and to in pixels from the corner of the sheet. */
    void mouse(double ax, double ay, double bx, double by) {
        BoundingBox box = sheet();
        page.mouse().move(box.x + ax, box.y + ay);
        page.mouse().down();
        page.mouse().move(box.x + bx, box.y + by, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(STEPS));
        page.mouse().up();
    }

    /** A pen whose pressure grows from light to full. */
    void pen(double ax, double ay, double bx, double by) {
        BoundingBox box = sheet();
        for (int i = 0; i <= STEPS; i++) {
            double t = (double) i / STEPS;
            JsonObject event = new JsonObject();
            event.addProperty("type", i == 0 ? "mousePressed" : i == STEPS ? "mouseReleased" : "mouseMoved");
            event.addProperty("x", box.x + ax + (bx - ax) * t);
            event.addProperty("y", box.y + ay + (by - ay) * t);
            event.addProperty("button", "left");
            event.addProperty("buttons", i == STEPS ? 0 : 1);
            event.addProperty("clickCount", 1);
            event.addProperty("pointerType", "pen");
            event.addProperty("force", 0.1 + 0.8 * t);
            session.send("Input.dispatchMouseEvent", event);
        }
    }

    /** One or two fingers that move the same way; two stand sixty pixels apart. */
    void fingers(int count, double ax, double ay, double bx, double by) {
        BoundingBox box = sheet();
        touch("touchStart", count, box.x + ax, box.y + ay);
        for (int i = 1; i <= STEPS; i++) {
            double t = (double) i / STEPS;
            touch("touchMove", count, box.x + ax + (bx - ax) * t, box.y + ay + (by - ay) * t);
        }
        touch("touchEnd", 0, 0, 0);
    }

    private void touch(String type, int count, double x, double y) {
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        com.google.gson.JsonArray points = new com.google.gson.JsonArray();
        for (int i = 0; i < count; i++) {
            JsonObject point = new JsonObject();
            point.addProperty("x", x + 60 * i);
            point.addProperty("y", y);
            point.addProperty("radiusX", 8);
            point.addProperty("radiusY", 8);
            point.addProperty("id", i + 1);
            points.add(point);
        }
        event.add("touchPoints", points);
        session.send("Input.dispatchTouchEvent", event);
    }
}
