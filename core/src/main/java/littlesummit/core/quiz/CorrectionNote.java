package littlesummit.core.quiz;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Syntax;

/**
 * What a student writes about a missed item: a sentence of own words, or lines of work. More than nothing, and not the
 * explanation that stands beside it.
 */
public final class CorrectionNote {
    private static final int FEWEST_WORDS = 5;
    private static final int FEWEST_LINES = 2;
    /** Words that are compared at once. */
    private static final int RUN = 4;
    /** Share of runs that may stand in the explanation too. Decided here; no source. */
    private static final double MOST_TAKEN = 0.6;

    private static final Pattern BREAK = Pattern.compile("[^\\p{L}\\p{N}]+");
    private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");

    private CorrectionNote() {}

    /**
     * @param explanation texts that the note could be taken from
     * @param letters that the item's mathematics knows
     * @return what is wrong with it, in a sentence; empty when it is a note
     */
    public static Optional<String> refusal(String note, List<String> explanation, Set<String> letters) {
        if (note.isBlank()) {
            return Optional.of("Write how it is done, in your own words or as lines of work.");
        }
        if (words(note).stream()
                                .filter(w -> WORD.matcher(w).matches())
                                .distinct()
                                .count()
                        < FEWEST_WORDS
                && lines(note, letters) < FEWEST_LINES) {
            return Optional.of(
                    "That is too short to help you later. Write a whole sentence, or at least two lines of work.");
        }
        return isTaken(note, explanation)
                ? Optional.of("These are the words of the explanation. Say it in your own, as you would to a friend.")
                : Optional.empty();
    }

    private static List<String> words(String text) {
        return BREAK.splitAsStream(text.toLowerCase(Locale.ROOT))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** Different lines that can be read as mathematics with more than one number or letter. */
    private static long lines(String note, Set<String> letters) {
        return note.lines()
                .map(String::strip)
                .filter(line -> line.length() > 2)
                .distinct()
                .filter(line -> Parser.read(line, Syntax.line(letters)) instanceof Reading.Understood)
                .count();
    }

    private static boolean isTaken(String note, List<String> explanation) {
        Set<List<String>> there = new HashSet<>(runs(words(String.join(" ", explanation))));
        List<List<String>> own = runs(words(note));
        long taken = own.stream().filter(there::contains).count();
        return !own.isEmpty() && taken > MOST_TAKEN * own.size();
    }

    private static List<List<String>> runs(List<String> words) {
        List<List<String>> runs = new ArrayList<>();
        for (int i = 0; i + RUN <= words.size(); i++) {
            runs.add(words.subList(i, i + RUN));
        }
        return runs;
    }
}
