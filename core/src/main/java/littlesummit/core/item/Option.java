package littlesummit.core.item;

import java.util.Optional;

/** One of several to choose from. @param figure for choices among pictures */
public record Option(String id, String text, Optional<Figure> figure) {
    public static Option of(String id, String text) {
        return new Option(id, text, Optional.empty());
    }

    public static Option of(String id, String text, Figure figure) {
        return new Option(id, text, Optional.of(figure));
    }
}
