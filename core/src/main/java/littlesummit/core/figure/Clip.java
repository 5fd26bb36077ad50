package littlesummit.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Cuts off what lies outside of a box. */
final class Clip {
    private Clip() {}

    /** The pieces of a stroke that lie inside, in their order; one that only touches the edge is none. */
    static List<List<Point>> stroke(List<Point> points, Box box) {
        List<List<Point>> pieces = new ArrayList<>();
        List<Point> piece = new ArrayList<>();
        for (int i = 0; i + 1 < points.size(); i++) {
            Optional<Segment> inside = segment(points.get(i), points.get(i + 1), box);
            if (inside.isEmpty()
                    || !piece.isEmpty() && !piece.getLast().equals(inside.get().from())) {
                keep(piece, pieces);
                piece = new ArrayList<>();
            }
            if (inside.isPresent()) {
                if (piece.isEmpty()) {
                    piece.add(inside.get().from());
                }
                piece.add(inside.get().to());
            }
        }
        keep(piece, pieces);
        return pieces;
    }

    private static void keep(List<Point> piece, List<List<Point>> pieces) {
        if (piece.size() > 1) {
            pieces.add(piece);
        }
    }

    record Segment(Point from, Point to) {}

    /**
     * The part of a segment inside (Y.-D. Liang and B. A. Barsky, A New Concept and Method for Line Clipping, 1984).
     */
    static Optional<Segment> segment(Point a, Point b, Box box) {
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double[] toward = {-dx, dx, -dy, dy};
        double[] distance = {a.x() - box.left(), box.right() - a.x(), a.y() - box.top(), box.bottom() - a.y()};
        double enters = 0;
        double leaves = 1;
        for (int side = 0; side < 4; side++) {
            if (toward[side] == 0 && distance[side] < 0) {
                return Optional.empty();
            } else if (toward[side] < 0) {
                enters = Math.max(enters, distance[side] / toward[side]);
            } else if (toward[side] > 0) {
                leaves = Math.min(leaves, distance[side] / toward[side]);
            }
        }
        return enters >= leaves
                ? Optional.empty()
                : Optional.of(new Segment(
                        enters == 0 ? a : a.moved(enters * dx, enters * dy),
                        leaves == 1 ? b : a.moved(leaves * dx, leaves * dy)));
    }
}
