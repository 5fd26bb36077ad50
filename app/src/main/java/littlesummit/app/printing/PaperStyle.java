package littlesummit.app.printing;

import org.openpdf.text.PageSize;
import org.openpdf.text.Rectangle;

/**
 * How a sheet is laid out.
 *
 * @param size of the paper
 * @param room for work below every item
 * @param large whether letters and pictures are larger, for whoever reads them better so
 * @param twoColumns whether items stand in two columns
 */
public record PaperStyle(Size size, Room room, boolean large, boolean twoColumns) {
    /** One column on A4, with an empty box for work below every item. */
    static final PaperStyle USUAL = new PaperStyle(Size.A4, Room.BLANK, false, false);

    /** Sizes of paper. */
    public enum Size {
        /** 210 by 297 millimetres (ISO 216). */
        A4,
        /** 8.5 by 11 inches. */
        LETTER;

        Rectangle points() {
            return switch (this) {
                case A4 -> PageSize.A4;
                case LETTER -> PageSize.LETTER;
            };
        }
    }

    /** What room there is for work. */
    public enum Room {
        NONE,
        BLANK,
        LINES,
        SQUARES
    }

    /** Size of letters and pictures, 1 as usual. */
    float scale() {
        return large ? 1.4f : 1;
    }

    /** The same in one column: solutions are read, and not worked on. */
    PaperStyle forSolutions() {
        return new PaperStyle(size, room, large, false);
    }
}
