package littlesummit.content.code;

import java.util.List;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Tex;

/** Numbers and names inside sentences. */
public final class Words {
    private static final List<String> NAMES =
            List.of("Ansa", "Bero", "Cilla", "Dario", "Edda", "Falko", "Greta", "Hanno", "Isa", "Jory", "Nela", "Wim");

    private Words() {}

    /** A whole number as mathematics inside a text, with commas between groups. */
    public static String n(long value) {
        return "$" + tex(value) + "$";
    }

    /** The same for inside mathematics. */
    public static String tex(long value) {
        return Tex.number(Rational.of(value));
    }

    /** A child of the valley. */
    public static String name(Draw draw) {
        return draw.oneOf(NAMES);
    }

    /** Two children of the valley. */
    public static List<String> names(Draw draw) {
        return draw.shuffled(NAMES).subList(0, 2);
    }

    /** “1 rope”, “3 ropes”. */
    public static String many(long count, String one, String more) {
        return Tex.grouped(count) + " " + (count == 1 ? one : more);
    }

    /** Words with commas and a last “and”. */
    public static String list(List<String> words) {
        return words.size() == 1
                ? words.getFirst()
                : String.join(", ", words.subList(0, words.size() - 1)) + " and " + words.getLast();
    }
}
