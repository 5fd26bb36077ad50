package littlesummit.content.code.measure;

import littlesummit.core.item.Figure;
import littlesummit.core.skill.Draw;

/**
 * Something over a strip with numbered marks.
 *
 * @param unit what the strip is marked in
 * @param start mark where it begins
 * @param halves length in half units
 */
record Strip(String object, String unit, int start, int halves) {
    private static final String[] OBJECTS = {
        "rope", "trail sign", "snowshoe", "ladder", "sledge", "blanket", "walking stick", "bench", "ski", "plank"
    };
    private static final String[] UNITS = {"block", "peg", "tile", "chip"};

    static Strip drawn(Draw draw, int start, int least, int most) {
        return new Strip(draw.oneOf(OBJECTS), draw.oneOf(UNITS), start, 2 * draw.between(least, most));
    }

    /** Whole units. */
    int length() {
        return halves / 2;
    }

    int end() {
        return start + length();
    }

    String units() {
        return unit + "s";
    }

    /** “1 block”, “3 blocks”. */
    String many(int count) {
        return count + " " + (count == 1 ? unit : units());
    }

    Figure.Measured figure() {
        boolean whole = halves % 2 == 0;
        return new Figure.Measured(
                "A " + object + " that begins at mark " + start + " of a strip with numbered marks and ends "
                        + (whole
                                ? "at mark " + end() + "."
                                : "halfway between the marks " + end() + " and " + (end() + 1) + "."),
                object,
                unit,
                halves / 2.0,
                start);
    }
}
