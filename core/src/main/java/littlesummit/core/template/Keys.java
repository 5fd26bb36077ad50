package littlesummit.core.template;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The entries of a mapping, taken by name. Each that nobody takes is complained of, with what was perhaps meant. */
final class Keys {
    private static final int CLOSE = 2;
    private final Node.Mapping mapping;
    private final Set<String> known = new LinkedHashSet<>();

    private Keys(Node.Mapping mapping) {
        this.mapping = mapping;
    }

    /** @param what the thing is called, for the complaint where it is no mapping */
    static Keys of(Node node, String what) {
        if (node instanceof Node.Mapping mapping) {
            return new Keys(mapping);
        }
        throw new Refused(node.at(), what + " is written as keys with values, such as “id: first”.");
    }

    Place at() {
        return mapping.at();
    }

    boolean has(String key) {
        known.add(key);
        return mapping.entries().containsKey(key);
    }

    Optional<Node> find(String key) {
        known.add(key);
        return Optional.ofNullable(mapping.entries().get(key));
    }

    Node require(String key) {
        return find(key).orElseThrow(() -> new Refused(mapping.at(), "“" + key + "” is missing here."));
    }

    Node.Scalar scalar(String key) {
        return scalar(require(key));
    }

    String text(String key) {
        return scalar(key).text();
    }

    String text(String key, String otherwise) {
        return find(key).map(node -> scalar(node).text()).orElse(otherwise);
    }

    int whole(String key, int otherwise) {
        return find(key).map(node -> whole(scalar(node))).orElse(otherwise);
    }

    boolean yes(String key) {
        return find(key)
                .map(Keys::scalar)
                .map(node -> switch (node.text()) {
                    case "yes", "true" -> true;
                    case "no", "false" -> false;
                    default -> throw new Refused(node.at(), "This is either yes or no.");
                })
                .orElse(false);
    }

    List<Node> list(String key) {
        return find(key).map(Keys::items).orElse(List.of());
    }

    /** Everything in it by its key, where the keys are the author's own. */
    Map<String, Node> all() {
        known.addAll(mapping.entries().keySet());
        return mapping.entries();
    }

    /** Refuses what nobody asked for. */
    void end() {
        for (Map.Entry<String, Node> entry : mapping.entries().entrySet()) {
            if (!known.contains(entry.getKey())) {
                throw new Refused(
                        entry.getValue().at(),
                        "“" + entry.getKey() + "” means nothing here."
                                + closest(entry.getKey())
                                        .map(other -> " Is “" + other + "” meant?")
                                        .orElse(" What can stand here: " + String.join(", ", known) + "."));
            }
        }
    }

    private Optional<String> closest(String key) {
        return known.stream()
                .filter(other -> distance(key, other) <= CLOSE)
                .min(Comparator.comparingInt(other -> distance(key, other)));
    }

    /** How many letters have to be put in, taken out or changed: the distance of Levenshtein (1966). */
    static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int corner = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int changed = corner + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                corner = row[j];
                row[j] = Math.min(changed, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }

    static Node.Scalar scalar(Node node) {
        if (node instanceof Node.Scalar scalar) {
            return scalar;
        }
        throw new Refused(node.at(), "One line of text or a number is expected here.");
    }

    static int whole(Node.Scalar node) {
        try {
            return Integer.parseInt(node.text().strip());
        } catch (NumberFormatException none) {
            throw new Refused(node.at(), "A whole number is expected here, and “" + node.text() + "” is none.");
        }
    }

    /** One thing alone counts as a list of one. */
    static List<Node> items(Node node) {
        return node instanceof Node.Listing(List<Node> items, Place at) ? items : List.of(node);
    }
}
