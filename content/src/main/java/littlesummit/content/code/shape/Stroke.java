package littlesummit.content.code.shape;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.item.Figure;
import littlesummit.core.skill.Draw;

/**
 * A straight stroke with named points in a row.
 *
 * @param what segment, ray or line
 * @param names from left to right
 * @param backwards whether a ray ends at the right and goes on to the left
 */
record Stroke(What what, List<String> names, boolean backwards) {
    private static final List<String> LETTERS = List.of("A", "B", "C", "D", "K", "M", "P", "Q", "R", "S");

    /** The three kinds. */
    enum What {
        SEGMENT("segment"),
        RAY("ray"),
        LINE("line");

        final String word;

        What(String word) {
            this.word = word;
        }
    }

    static List<String> letters(Draw draw, int count) {
        return draw.shuffled(LETTERS).subList(0, count);
    }

    static Stroke drawn(Draw draw, int points) {
        What what = draw.oneOf(What.values());
        return new Stroke(what, letters(draw, points), what == What.RAY && draw.coin());
    }

    /** The names in the order in which a ray meets them. */
    List<String> onward() {
        return backwards ? names.reversed() : names;
    }

    private boolean arrowLeft() {
        return what == What.LINE || what == What.RAY && backwards;
    }

    private boolean arrowRight() {
        return what == What.LINE || what == What.RAY && !backwards;
    }

    /** @param slope how far it rises, 0 for none */
    Figure.Straight figure(int slope) {
        List<Figure.Named> points = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            double t = i / (names.size() - 1.0);
            points.add(new Figure.Named(names.get(i), 20 + 60 * t, 50 + slope * (t - 0.5)));
        }
        return new Figure.Straight(alt(), points, arrowLeft(), arrowRight(), 0);
    }

    private String alt() {
        String first = names.getFirst();
        String last = names.getLast();
        String ends =
                switch (what) {
                    case LINE -> " with arrows at both ends.";
                    case SEGMENT -> " that ends at " + first + " and " + last + ".";
                    case RAY ->
                        backwards
                                ? " with an arrow before " + first + " and an end at " + last + "."
                                : " with an arrow behind " + last + " and an end at " + first + ".";
                };
        return "A straight stroke through " + String.join(", ", names) + ends;
    }
}
