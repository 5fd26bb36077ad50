package littlesummit.core.figure;

/** A place in a scene, in its units: x to the right, y downward. */
public record Point(double x, double y) {
    Point moved(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    /**
     * A place at a distance in a direction.
     *
     * @param degrees counter-clockwise from the right
     */
    public Point at(double degrees, double distance) {
        return moved(distance * Math.cos(Math.toRadians(degrees)), -distance * Math.sin(Math.toRadians(degrees)));
    }
}
