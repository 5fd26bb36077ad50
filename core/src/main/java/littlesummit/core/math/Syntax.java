package littlesummit.core.math;

import java.util.Set;

/**
 * What a field allows beyond the common grammar.
 *
 * @param letters the letters that may stand in the entry, case-sensitive
 * @param grouping whether a comma between groups of three digits belongs to the number; in lists it always separates
 * @param units whether unit symbols are read after a number, and so no letters
 * @param sets whether braces make a set, and U a union
 * @param continued whether a line may start with a relation sign
 */
public record Syntax(Set<String> letters, boolean grouping, boolean units, boolean sets, boolean continued) {
    public Syntax {
        letters = Set.copyOf(letters);
    }

    /** One number. */
    public static Syntax number() {
        return new Syntax(Set.of(), true, false, false, false);
    }

    public static Syntax expression(Set<String> letters) {
        return new Syntax(letters, true, false, false, false);
    }

    /** Pairs and lists of numbers, where a comma separates. */
    public static Syntax list() {
        return new Syntax(Set.of(), false, false, true, false);
    }

    /** Sets of real numbers written by intervals or by conditions on a letter. */
    public static Syntax domain(Set<String> letters) {
        return new Syntax(letters, false, false, true, false);
    }

    public static Syntax quantity() {
        return new Syntax(Set.of(), true, true, false, false);
    }

    /** A line of a student's own work. */
    public static Syntax line(Set<String> letters) {
        return new Syntax(letters, true, false, false, true);
    }
}
