package littlesummit.app.exchange.qti.in;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.w3c.dom.Element;

/** Interactions that put things together: labels into the gaps of a text, and rows with what belongs to each. */
final class Matched {
    private static final int MOST = 8;
    private static final int MOST_ROWS = 12;
    private static final Set<String> BESIDE_THE_TEXT = Set.of("gaptext", "gapimg", "prompt");

    private final Element interaction;
    /** What belongs to a gap or a row, by its identifier. */
    private final Map<String, String> belongs = new LinkedHashMap<>();

    private boolean isAmbiguous;

    /** @param pairs of identifiers, as the standard writes them: what is laid, a space, where it belongs */
    Matched(Element interaction, List<String> pairs) {
        this.interaction = interaction;
        boolean isGaps = SafeXml.name(interaction).equals("gapmatchinteraction");
        for (String pair : pairs) {
            String[] both = pair.strip().split("\\s+");
            if (both.length == 2) {
                isAmbiguous |= belongs.put(both[isGaps ? 1 : 0], both[isGaps ? 0 : 1]) != null;
            }
        }
    }

    /**
     * What becomes of one.
     *
     * @param fields as a template has them
     * @param part what its part needs besides
     */
    record Fields(List<Map<String, Object>> fields, Map<String, Object> part) {}

    static String id(String identifier) {
        String id = identifier.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return id.matches("[a-z].*") ? id : "f" + id;
    }

    private static String text(Element of) {
        String text = RunningText.of(of, Set.of());
        return text.isEmpty() ? of.getAttribute("identifier") : text;
    }

    /** Empty where it has more than can be shown, or nobody says what belongs where. */
    Optional<Fields> gaps() {
        Map<String, String> labels = new LinkedHashMap<>();
        SafeXml.within(interaction, "gaptext")
                .forEach(label -> labels.put(label.getAttribute("identifier"), text(label)));
        List<String> gaps = SafeXml.within(interaction, "gap").stream()
                .map(gap -> gap.getAttribute("identifier"))
                .toList();
        boolean fits = labels.size() >= Math.max(2, gaps.size())
                && labels.size() <= MOST
                && Set.copyOf(labels.values()).size() == labels.size()
                && !gaps.isEmpty()
                && gaps.stream().allMatch(gap -> labels.containsKey(belongs.getOrDefault(gap, "")));
        if (!fits || isAmbiguous) {
            return Optional.empty();
        }
        List<Map<String, Object>> fields = new ArrayList<>();
        for (String gap : gaps) {
            Map<String, Object> field = new LinkedHashMap<>();
            field.put("kind", "label");
            field.put("id", id(gap));
            field.put("label", "Gap " + (fields.size() + 1));
            field.put("entry", labels.get(belongs.get(gap)));
            field.put("say", QtiItemReader.TO_WRITE + " What may have led to this?");
            fields.add(field);
        }
        Map<String, Object> part = new LinkedHashMap<>();
        part.put("sentence", RunningText.of(interaction, BESIDE_THE_TEXT));
        part.put("labels", List.copyOf(labels.values()));
        return Optional.of(new Fields(fields, part));
    }

    /** A list to pick from for each row; empty as above. */
    Optional<Fields> rows() {
        List<Element> sets = SafeXml.within(interaction, "simplematchset");
        if (sets.size() != 2 || isAmbiguous) {
            return Optional.empty();
        }
        List<Element> rows = SafeXml.children(sets.getFirst());
        List<Element> choices = SafeXml.children(sets.getLast());
        Set<String> known = Set.copyOf(choices.stream()
                .map(choice -> choice.getAttribute("identifier"))
                .toList());
        boolean fits = !rows.isEmpty()
                && rows.size() <= MOST_ROWS
                && choices.size() >= 2
                && choices.size() <= MOST
                && rows.stream()
                        .allMatch(row -> known.contains(belongs.getOrDefault(row.getAttribute("identifier"), "")));
        return fits
                ? Optional.of(
                        new Fields(rows.stream().map(row -> row(row, choices)).toList(), Map.of()))
                : Optional.empty();
    }

    private Map<String, Object> row(Element row, List<Element> choices) {
        String right = belongs.get(row.getAttribute("identifier"));
        Map<String, Object> field = new LinkedHashMap<>();
        field.put("id", id(row.getAttribute("identifier")));
        field.put("label", text(row).replace("$", "").replace("\\", ""));
        field.put("kind", "choice");
        field.put("order", "given");
        field.put("as", "list");
        field.put(
                "options",
                choices.stream()
                        .map(choice -> QtiItemReader.option(choice, List.of(right), Map.of()))
                        .toList());
        return field;
    }
}
