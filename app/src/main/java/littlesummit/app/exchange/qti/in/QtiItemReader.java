package littlesummit.app.exchange.qti.in;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.w3c.dom.Element;

/** Takes of an item what a template can say: choices, lists to pick from, and numbers to type. */
final class QtiItemReader {
    static final String TO_WRITE = "(to be written)";
    private static final Set<String> TAKEN =
            Set.of("choiceinteraction", "inlinechoiceinteraction", "textentryinteraction");
    private static final int MOST_OPTIONS = 8;

    private final Element item;
    private final List<String> lost = new ArrayList<>();

    private QtiItemReader(Element item) {
        this.item = item;
    }

    /** Whether a root is an item. */
    static boolean isItem(Element root) {
        return SafeXml.name(root).equals("assessmentitem");
    }

    static TakenItem read(Element item) {
        return new QtiItemReader(item).read();
    }

    private TakenItem read() {
        List<Element> bodies = SafeXml.within(item, "itembody");
        String title = Optional.of(item.getAttribute("title"))
                .filter(t -> !t.isBlank())
                .orElse(item.getAttribute("identifier"));
        if (bodies.isEmpty()) {
            return new TakenItem(title, List.of(), List.of(), List.of("It has no body."));
        }
        Element body = bodies.getFirst();
        List<Map<String, Object>> fields = new ArrayList<>();
        for (Element interaction : interactions(body)) {
            field(interaction).ifPresent(fields::add);
        }
        if (!SafeXml.within(body, "img").isEmpty()
                || !SafeXml.within(body, "object").isEmpty()) {
            lost.add("A picture was left out.");
        }
        return new TakenItem(title, stem(body), fields, lost);
    }

    private static List<Element> interactions(Element body) {
        List<Element> found = new ArrayList<>();
        for (Element child : SafeXml.children(body)) {
            if (SafeXml.name(child).endsWith("interaction")) {
                found.add(child);
            } else {
                found.addAll(interactions(child));
            }
        }
        return found;
    }

    /** Paragraphs, each a sentence of the stem; a prompt belongs to it. */
    private static List<String> stem(Element body) {
        Set<String> without = new HashSet<>(TAKEN);
        List<String> sentences = new ArrayList<>();
        for (Element child : SafeXml.children(body)) {
            String text = RunningText.of(child, allInteractions(child, without));
            if (!text.isEmpty()
                    && !SafeXml.name(child).endsWith("interaction")
                    && !SafeXml.name(child).equals("rubricblock")) {
                sentences.add(text);
            }
        }
        SafeXml.within(body, "prompt").stream()
                .map(prompt -> RunningText.of(prompt, Set.of()))
                .filter(text -> !text.isEmpty())
                .forEach(sentences::add);
        return sentences;
    }

    private static Set<String> allInteractions(Element within, Set<String> more) {
        return Stream.concat(more.stream(), interactions(within).stream().map(SafeXml::name))
                .collect(Collectors.toSet());
    }

    private Optional<Map<String, Object>> field(Element interaction) {
        String id = SafeXml.attribute(interaction, "responseIdentifier");
        List<String> right = right(id);
        if (!TAKEN.contains(SafeXml.name(interaction))) {
            lost.add("An interaction of the kind “" + interaction.getLocalName() + "” was left out.");
            return Optional.empty();
        }
        if (right.isEmpty()) {
            lost.add("Nothing says which answer is right at “" + id + "”, so it was left out.");
            return Optional.empty();
        }
        Map<String, Object> field = new LinkedHashMap<>();
        field.put("id", id.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        field.put("label", "Answer");
        return SafeXml.name(interaction).equals("textentryinteraction")
                ? typed(field, right)
                : choice(field, interaction, right);
    }

    private List<String> right(String id) {
        return SafeXml.within(item, "responsedeclaration").stream()
                .filter(declared -> declared.getAttribute("identifier").equals(id))
                .flatMap(declared -> SafeXml.within(declared, "correctresponse").stream())
                .flatMap(response -> SafeXml.within(response, "value").stream())
                .map(value -> value.getTextContent().strip())
                .toList();
    }

    private Optional<Map<String, Object>> typed(Map<String, Object> field, List<String> right) {
        String key = right.getFirst().replace("−", "-");
        if (!isNumber(key)) {
            lost.add("The answer “" + key + "” is compared letter by letter there, which cannot be kept.");
            return Optional.empty();
        }
        field.put("kind", "number");
        field.put("form", "any");
        field.put("answer", key);
        return Optional.of(field);
    }

    private static boolean isNumber(String text) {
        try {
            return new BigDecimal(text).scale() < 20 && text.length() < 30;
        } catch (NumberFormatException words) {
            return text.matches("-?\\d{1,12}/\\d{1,12}");
        }
    }

    private Optional<Map<String, Object>> choice(Map<String, Object> field, Element interaction, List<String> right) {
        List<Map<String, Object>> options = new ArrayList<>();
        for (Element choice : SafeXml.children(interaction)) {
            if (SafeXml.name(choice).equals("simplechoice")
                    || SafeXml.name(choice).equals("inlinechoice")) {
                options.add(option(choice, right));
            }
        }
        if (options.size() < 2 || options.size() > MOST_OPTIONS) {
            lost.add("A choice has from 2 to " + MOST_OPTIONS + " options here; one with " + options.size()
                    + " was left out.");
            return Optional.empty();
        }
        field.put("kind", "choice");
        field.put("order", "given");
        field.put("as", SafeXml.name(interaction).startsWith("inline") ? "list" : right.size() > 1 ? "several" : "one");
        field.put("options", options);
        return Optional.of(field);
    }

    private static Map<String, Object> option(Element choice, List<String> right) {
        Map<String, Object> option = new LinkedHashMap<>();
        String text = RunningText.of(choice, Set.of());
        option.put("text", text.isEmpty() ? choice.getAttribute("identifier") : text);
        if (right.contains(choice.getAttribute("identifier"))) {
            option.put("right", true);
        } else {
            option.put(
                    "slip",
                    "other-"
                            + choice.getAttribute("identifier")
                                    .toLowerCase(Locale.ROOT)
                                    .replaceAll("[^a-z0-9]+", "-"));
            option.put("say", TO_WRITE + " What may have led to this?");
        }
        return option;
    }
}
