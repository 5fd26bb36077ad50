package littlesummit.core.figure;

/**
 * How a line is drawn.
 *
 * @param width in units of the scene
 */
public record Stroke(Paint paint, double width, boolean dashed) {
    static final Stroke NONE = new Stroke(Paint.NONE, 0, false);
    static final Stroke LINE = new Stroke(Paint.INK, 2, false);
    static final Stroke THIN = new Stroke(Paint.INK, 1.2, false);
    static final Stroke GRID = new Stroke(Paint.GRID, 1, false);
    static final Stroke MAIN = new Stroke(Paint.MAIN, 2.6, false);
    static final Stroke DASHED = new Stroke(Paint.OTHER, 2, true);
}
