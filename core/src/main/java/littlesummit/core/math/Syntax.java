package littlesummit.core.math;

import java.util.HashSet;
import java.util.Set;

/**
 * What a field allows beyond the common grammar.
 *
 * @param letters the letters that may stand in the entry, case-sensitive
 * @param grouping whether a comma between groups of three digits belongs to the number; in lists it always separates
 * @param units whether unit symbols are read after a number, and so no letters
 * @param sets whether braces make a set, and U a union
 * @param continued whether a line may start with a relation sign
 * @param naming which letter may stand before a value and an equals sign, as in {@code x = 6}
 * @param euler whether an e that is none of the letters is the number e
 * @param vocabulary words of several letters that stand for a value or a function; only authors have any
 */
public record Syntax(
        Set<String> letters,
        boolean grouping,
        boolean units,
        boolean sets,
        boolean continued,
        Naming naming,
        boolean euler,
        Vocabulary vocabulary) {
    public Syntax {
        letters = Set.copyOf(letters);
    }

    /**
     * Whether a value may come with its name.
     *
     * @param allowed whether it may at all
     * @param names the letters asked for; empty where the field says none, and any letter will do
     */
    public record Naming(boolean allowed, Set<String> names) {
        static final Naming NONE = new Naming(false, Set.of());
        static final Naming ANY = new Naming(true, Set.of());

        public Naming {
            names = Set.copyOf(names);
        }

        boolean takes(String letter) {
            return allowed && (names.isEmpty() || names.contains(letter));
        }
    }

    /**
     * What authors may write beyond what students type.
     *
     * @param names of values, such as {@code total}
     * @param functions such as {@code mod}, each with its arguments in brackets
     */
    public record Vocabulary(Set<String> names, Set<String> functions) {
        static final Vocabulary NONE = new Vocabulary(Set.of(), Set.of());

        public Vocabulary {
            names = Set.copyOf(names);
            functions = Set.copyOf(functions);
        }
    }

    /** The same for a field that asks for these letters. */
    public Syntax asking(Set<String> names) {
        return new Syntax(letters, grouping, units, sets, continued, new Naming(true, names), euler, vocabulary);
    }

    /** The same where e is the number. */
    public Syntax withEuler() {
        return new Syntax(letters, grouping, units, sets, continued, naming, true, vocabulary);
    }

    /** One number. */
    public static Syntax number() {
        return new Syntax(Set.of(), true, false, false, false, Naming.ANY, false, Vocabulary.NONE);
    }

    public static Syntax expression(Set<String> letters) {
        return new Syntax(letters, true, false, false, false, Naming.NONE, false, Vocabulary.NONE);
    }

    /** Pairs and lists of numbers, where a comma separates. */
    public static Syntax list() {
        return new Syntax(Set.of(), false, false, true, false, Naming.ANY, false, Vocabulary.NONE);
    }

    /** Sets of real numbers written by intervals or by conditions on a letter. */
    public static Syntax domain(Set<String> letters) {
        return new Syntax(letters, false, false, true, false, Naming.NONE, false, Vocabulary.NONE);
    }

    public static Syntax quantity() {
        return new Syntax(Set.of(), true, true, false, false, Naming.ANY, false, Vocabulary.NONE);
    }

    /** A line of a student's own work. */
    public static Syntax line(Set<String> letters) {
        return new Syntax(letters, true, false, false, true, Naming.NONE, true, Vocabulary.NONE);
    }

    /**
     * A formula or condition of an author, with names of values in it.
     *
     * @param letters that stand for themselves
     */
    public static Syntax formula(Set<String> letters, Vocabulary vocabulary) {
        Set<String> all = new HashSet<>(letters);
        all.addAll(vocabulary.names());
        return new Syntax(all, false, false, true, false, Naming.NONE, false, vocabulary);
    }
}
