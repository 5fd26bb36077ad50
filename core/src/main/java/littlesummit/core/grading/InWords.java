package littlesummit.core.grading;

import java.util.Locale;
import java.util.regex.Pattern;
import littlesummit.core.math.Limits;

/**
 * An answer in words, which a person reads. Here it is only told apart from nothing: there are words in it, and enough
 * of them to say something.
 */
public final class InWords {
    /** Fewer say nothing: "because", "I counted". Decided here; no source. */
    private static final int FEWEST = 3;

    private static final Pattern BREAK = Pattern.compile("[^\\p{L}]+");
    /** Two letters or more, with a vowel among them. */
    private static final Pattern WORD = Pattern.compile("(?=.*[aeiouyäöüáéíóúàèìòù])\\p{L}{2,}");

    private InWords() {}

    /** Whether a text has enough different words in it. */
    public static boolean isSaid(String text) {
        return BREAK.splitAsStream(text.toLowerCase(Locale.ROOT))
                        .filter(word -> WORD.matcher(word).matches())
                        .distinct()
                        .count()
                >= FEWEST;
    }

    /** @param example what would get full credit; where that is a word or two, an answer may be as short */
    static Verdict grade(String entry, String example) {
        if (entry.isBlank()) {
            return new Verdict.Unreadable(Reason.BLANK, 0);
        }
        if (entry.length() > Limits.ENTRY_LENGTH) {
            return new Verdict.Unreadable(Reason.TOO_LONG, Limits.ENTRY_LENGTH);
        }
        boolean isEnough = isSaid(example) ? isSaid(entry) : entry.codePoints().anyMatch(Character::isLetterOrDigit);
        return isEnough ? Verdict.CORRECT : new Verdict.Unreadable(Reason.FEW_WORDS, 0);
    }
}
