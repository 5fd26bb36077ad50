package littlesummit.core.figure;

/**
 * Where coordinates stand in the scene of a grid.
 *
 * @param left where {@code xMin} is, in units of the scene
 * @param top where {@code yMax} is
 * @param width from {@code xMin} to {@code xMax}
 * @param height from {@code yMin} to {@code yMax}
 * @param xMin in coordinates of the grid, as the other three
 * @param step distance of the lines, in coordinates
 */
public record Plot(
        double left,
        double top,
        double width,
        double height,
        double xMin,
        double xMax,
        double yMin,
        double yMax,
        double step) {
    double x(double value) {
        return left + (value - xMin) / (xMax - xMin) * width;
    }

    double y(double value) {
        return top + (yMax - value) / (yMax - yMin) * height;
    }

    /** Where a pair of coordinates stands, in units of the scene. */
    public Point at(double x, double y) {
        return new Point(x(x), y(y));
    }
}
