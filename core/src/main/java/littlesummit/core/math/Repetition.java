package littlesummit.core.math;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How a decimal that repeats without end is written: 0.(3), 0.3181818..., 0.3\overline{18}.
 *
 * @param once digits after the point that come once
 * @param period digits that repeat
 * @param end where the number ends in the text
 */
record Repetition(String once, String period, int end) {
    private static final Pattern BRACKET = Pattern.compile("\\((\\d+)\\)");
    private static final Pattern LINE = Pattern.compile("\\\\(?:overline|bar|dot)\\s*\\{(\\d+)\\}");
    private static final Pattern DOTS = Pattern.compile("\\.{3}|…|\\\\[lc]?dots(?![a-zA-Z])");

    /**
     * @param decimals the digits that were read after the point
     * @param pos where the text goes on
     */
    static Optional<Repetition> at(String text, int pos, String decimals) {
        Matcher bracket = BRACKET.matcher(text).region(pos, text.length());
        if (decimals.isEmpty() && bracket.lookingAt()) {
            return Optional.of(new Repetition("", bracket.group(1), bracket.end()));
        }
        Matcher line = LINE.matcher(text).region(pos, text.length());
        if (line.lookingAt()) {
            return Optional.of(new Repetition(decimals, line.group(1), line.end()));
        }
        Matcher dots = DOTS.matcher(text).region(pos, text.length());
        return dots.lookingAt() ? shown(decimals, dots.end()) : Optional.empty();
    }

    /** A bracket right behind decimals may repeat them, or may be a factor. */
    static boolean isAmbiguous(String text, int pos, String decimals) {
        return !decimals.isEmpty()
                && BRACKET.matcher(text).region(pos, text.length()).lookingAt();
    }

    /** The shortest group that stands at the end twice at least; a single digit may stand alone. */
    private static Optional<Repetition> shown(String decimals, int end) {
        for (int p = 1; p == 1 && !decimals.isEmpty() || 2 * p <= decimals.length(); p++) {
            String group = decimals.substring(decimals.length() - p);
            String rest = decimals;
            int times = 0;
            while (rest.endsWith(group)) {
                rest = rest.substring(0, rest.length() - p);
                times++;
            }
            if (times > 1 || decimals.length() == 1) {
                return Optional.of(new Repetition(rest, group, end));
            }
        }
        return Optional.empty();
    }
}
