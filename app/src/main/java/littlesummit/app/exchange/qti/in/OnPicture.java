package littlesummit.app.exchange.qti.in;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.w3c.dom.Element;

/** Interactions with places on a picture: each place gets a letter, and one chooses or orders the letters. */
final class OnPicture {
    private static final int MOST = 8;
    private static final int FEWEST_ORDERED = 3;
    private static final int MOST_ORDERED = 6;

    private final Element interaction;
    private final List<String> right;
    private final Pictures.Shown shown;
    private final List<Element> places;

    private OnPicture(Element interaction, List<String> right, Pictures.Shown shown) {
        this.interaction = interaction;
        this.right = right;
        this.shown = shown;
        this.places = SafeXml.children(interaction).stream()
                .filter(child -> SafeXml.name(child).equals("hotspotchoice"))
                .toList();
    }

    /**
     * What becomes of one.
     *
     * @param figure with its places
     */
    record Taken(Map<String, Object> field, Map<String, Object> figure) {}

    /** Empty where its picture or its places cannot be taken over. */
    static Optional<Taken> of(
            Element interaction, List<String> right, Optional<Pictures.Shown> shown, Map<String, String> messages) {
        return shown.map(picture -> new OnPicture(interaction, right, picture)).flatMap(on -> on.taken(messages));
    }

    private Optional<Taken> taken(Map<String, String> messages) {
        List<String> ids =
                places.stream().map(place -> place.getAttribute("identifier")).toList();
        List<Optional<List<Double>>> outlines =
                places.stream().map(new Areas(shown)::corners).toList();
        boolean isOrder = SafeXml.name(interaction).equals("graphicorderinteraction");
        boolean fits = places.size() >= (isOrder ? FEWEST_ORDERED : 2)
                && places.size() <= (isOrder ? MOST_ORDERED : MOST)
                && outlines.stream().allMatch(Optional::isPresent)
                && (isOrder ? Set.copyOf(ids).equals(Set.copyOf(right)) : ids.containsAll(right) && !right.isEmpty());
        if (!fits) {
            return Optional.empty();
        }
        Map<String, Object> figure =
                shown.figure(outlines.stream().flatMap(Optional::stream).toList());
        return Optional.of(new Taken(isOrder ? order(ids) : choice(messages), figure));
    }

    static String letter(int place) {
        return String.valueOf((char) ('A' + place));
    }

    private Map<String, Object> choice(Map<String, String> messages) {
        String most = SafeXml.attribute(interaction, "maxChoices").strip();
        // One is what the standard means where it is not said.
        boolean isOne = right.size() == 1 && (most.isEmpty() || most.equals("1"));
        return choice(
                interaction,
                isOne,
                IntStream.range(0, places.size())
                        .mapToObj(i -> {
                            Map<String, Object> option = QtiItemReader.option(places.get(i), right, messages);
                            option.put("text", letter(i));
                            return option;
                        })
                        .toList());
    }

    /** @param isOne whether exactly one of the letters is to be chosen */
    static Map<String, Object> choice(Element interaction, boolean isOne, List<Map<String, Object>> options) {
        Map<String, Object> field = field(interaction);
        field.put("kind", "choice");
        field.put("order", "given");
        field.put("as", isOne ? "one" : "several");
        field.put("options", options);
        return field;
    }

    private Map<String, Object> order(List<String> ids) {
        Map<String, Object> field = field(interaction);
        field.put("kind", "order");
        field.put(
                "options",
                IntStream.range(0, ids.size())
                        .mapToObj(i -> {
                            Map<String, Object> option = new LinkedHashMap<>();
                            option.put("text", letter(i));
                            option.put("by", 1 + right.indexOf(ids.get(i)));
                            return option;
                        })
                        .toList());
        return field;
    }

    private static Map<String, Object> field(Element interaction) {
        Map<String, Object> field = new LinkedHashMap<>();
        field.put("id", Matched.id(SafeXml.attribute(interaction, "responseIdentifier")));
        field.put("label", QtiItemReader.ANSWER);
        return field;
    }
}
