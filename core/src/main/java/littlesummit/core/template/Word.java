package littlesummit.core.template;

import java.util.Map;
import littlesummit.core.math.Rational;

/**
 * A word that agrees with its number.
 *
 * @param one as in “1 loaf”
 * @param many as in “2 loaves”
 * @param article that stands before one: a or an; empty for a name
 * @param ranges what one costs, weighs and so on, by the name of the measure
 */
public record Word(String one, String many, String article, Map<String, Range> ranges) {
    public Word {
        ranges = Map.copyOf(ranges);
    }

    /** @param step distance of the values from {@code low} on */
    public record Range(Rational low, Rational high, Rational step) {}

    static Word name(String name) {
        return new Word(name, name, "", Map.of());
    }

    String with(Rational count) {
        return count.isOne() ? one : many;
    }
}
