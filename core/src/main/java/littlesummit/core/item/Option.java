package littlesummit.core.item;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.SpokenText;

/**
 * One of several to choose from.
 *
 * @param figure for choices among pictures
 */
public record Option(String id, String text, Optional<Figure> figure) {
    /** Ids of options, in their order: as many as anybody can choose among. */
    public static final List<String> IDS = List.of("a", "b", "c", "d", "e", "f", "g", "h");

    public static Option of(String id, String text) {
        return new Option(id, text, Optional.empty());
    }

    public static Option of(String id, String text, Figure figure) {
        return new Option(id, text, Optional.of(figure));
    }

    /** The choice as read aloud: its picture described, or its text with the mathematics in words. */
    public String spoken() {
        return figure.map(Figure::alt).orElseGet(() -> SpokenText.of(text));
    }
}
