package littlesummit.core.figure;

/**
 * What a line or an area is drawn with, by its meaning; screen and paper have colours or greys of their own for each.
 */
public enum Paint {
    /** Nothing is drawn. */
    NONE,
    /** What the figure consists of. */
    INK,
    /** What helps to read it. */
    SOFT,
    /** The lines of a grid. */
    GRID,
    /** What the item is about: a curve, a marked angle. */
    MAIN,
    /** What goes with it: an asymptote, the edge of an object. */
    OTHER,
    /** The hand of a dial. */
    HAND,
    /** The paper itself. */
    PAPER,
    /** The inside of a shape. */
    WASH,
    /** The inside of an object. */
    SAND,
    /** Hatched: shaded without the need of a colour. */
    HATCH
}
