package littlesummit.core.figure;

/**
 * How much room a text takes, a little more rather than less: good for fonts without serifs as they are usual on
 * screens. From memory; no source.
 */
final class TextWidth {
    private static final String NARROW = "iljtfI.,:;'|!()[] ";
    private static final String WIDE = "mwMW%@";

    private TextWidth() {}

    /** @return in the units of the size */
    static double of(String text, double size, Shape.Style style) {
        double ems = text.codePoints().mapToDouble(TextWidth::ems).sum();
        return ems * size * (style == Shape.Style.BOLD ? 1.06 : 1);
    }

    private static double ems(int letter) {
        if (NARROW.indexOf(letter) >= 0) {
            return 0.31;
        }
        return WIDE.indexOf(letter) >= 0 ? 0.86 : Character.isUpperCase(letter) ? 0.66 : 0.55;
    }
}
