package littlesummit.content.code;

import java.util.Comparator;
import java.util.List;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Items;

/** Somebody's numbered lines, and the question which of them is the first that does not follow. */
public final class LineAtFault {
    private static final List<String> LINES = List.of("line 1", "line 2", "line 3", "line 4");

    private LineAtFault() {}

    /** How a line is called in the options and in what is said about it. */
    public static String name(int line) {
        return LINES.get(line);
    }

    /** Puts the lines into the stem, each with its number. */
    public static void show(Items item, List<String> lines) {
        for (int i = 0; i < lines.size(); i++) {
            item.text("Line " + (i + 1) + ": " + lines.get(i));
        }
    }

    /**
     * @param lines how many there are, up to 4
     * @param wrong index of the one that does not hold; those after it follow from it
     * @param hints as in {@link Part#of}
     */
    public static Part part(int lines, int wrong, String... hints) {
        Choices choices = Choices.right(LINES.get(wrong));
        for (int i = 0; i < lines; i++) {
            choices.wrong(
                    LINES.get(i),
                    i < wrong ? "line-stands" : "later-line",
                    i < wrong
                            ? "That line holds. Go on to the next one."
                            : "That line follows from the one above it, which is wrong already. Look farther up.");
        }
        return Part.of(
                "In which line is the first mistake?",
                choices.ordered("line", "First wrong line", Comparator.comparingInt(LINES::indexOf)),
                hints);
    }
}
