package littlesummit.app.exchange.qti;

import java.util.function.BiConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.app.exchange.xml.Node;

/** Our texts, with LaTeX between dollar signs and places for fields, as running text. */
final class Texts {
    private static final Pattern PIECE =
            Pattern.compile("\\\\\\$|\\$((?:[^$\\\\]|\\\\.)*)\\$|\\{\\{([^}]*)\\}\\}", Pattern.DOTALL);

    private static final Pattern PLACE = Pattern.compile("\\{\\{([^}]*)\\}\\}");

    private Texts() {}

    static void write(Node parent, String text) {
        write(parent, text, (node, id) -> {
            throw new IllegalStateException("no place here for " + id);
        });
    }

    /** @param place writes the field of an id at the end of a node */
    static void write(Node parent, String text, BiConsumer<Node, String> place) {
        Matcher piece = PIECE.matcher(text);
        int at = 0;
        while (piece.find()) {
            plain(parent, text.substring(at, piece.start()));
            if (piece.group(2) != null) {
                place.accept(parent, piece.group(2));
            } else if (piece.group(1) != null) {
                MathMl.write(parent, piece.group(1));
            } else {
                parent.text("$");
            }
            at = piece.end();
        }
        plain(parent, text.substring(at));
    }

    /** A formula whose places are fields. */
    static void formula(Node parent, String template, BiConsumer<Node, String> place) {
        Matcher places = PLACE.matcher(template);
        int at = 0;
        while (places.find()) {
            math(parent, template.substring(at, places.start()));
            place.accept(parent, places.group(1));
            at = places.end();
        }
        math(parent, template.substring(at));
    }

    private static void math(Node parent, String latex) {
        if (!latex.isBlank()) {
            MathMl.write(parent, latex.strip());
        }
    }

    private static void plain(Node parent, String text) {
        if (!text.isEmpty()) {
            parent.text(text);
        }
    }
}
