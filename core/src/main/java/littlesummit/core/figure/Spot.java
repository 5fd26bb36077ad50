package littlesummit.core.figure;

import java.util.List;

/**
 * A place that the screen gives a behaviour.
 *
 * @param id what the behaviour is told
 * @param label for those who do not see it
 * @param outline corners of the area
 * @param marked whether it is shaded to begin with
 */
public record Spot(Kind kind, String id, String label, List<Point> outline, boolean marked) {
    /** An area to shade by pressing it, room for a field or for a unit that is laid there, or a tick to mark. */
    public enum Kind {
        AREA,
        FIELD,
        UNIT,
        TICK
    }

    public Spot {
        outline = List.copyOf(outline);
    }

    public Box bounds() {
        return Box.around(outline);
    }

    Spot moved(double dx, double dy) {
        return new Spot(
                kind, id, label, outline.stream().map(p -> p.moved(dx, dy)).toList(), marked);
    }
}
