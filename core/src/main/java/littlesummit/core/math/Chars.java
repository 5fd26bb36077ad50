package littlesummit.core.math;

import java.util.function.IntPredicate;

/** Looks for characters, without a stream: this is asked several times of every entry. */
public final class Chars {
    private Chars() {}

    /** Whether one of the characters of a text is of a kind. */
    public static boolean any(String text, IntPredicate kind) {
        for (int i = 0; i < text.length(); i++) {
            if (kind.test(text.charAt(i))) {
                return true;
            }
        }
        return false;
    }

    /** Whether all of them are. */
    public static boolean all(String text, IntPredicate kind) {
        return !any(text, kind.negate());
    }
}
