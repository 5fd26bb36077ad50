package littlesummit.app.exchange.qti.in;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.w3c.dom.Element;

/** What an item says beside its questions: messages to answers that are not right, and hints. */
final class Said {
    private static final int HINTS = 3;
    private static final Set<String> BRANCHES = Set.of("responseif", "responseelseif");

    /** By response and answer; several values of one answer are joined by commas. */
    private final Map<String, Map<String, String>> messages = new LinkedHashMap<>();

    private final List<String> hints;

    private Said(List<String> hints) {
        this.hints = hints;
    }

    static Said in(Element item) {
        Said said = new Said(SafeXml.within(item, "feedbackblock").stream()
                .flatMap(block -> Stream.concat(
                        SafeXml.within(block, "li").stream(),
                        SafeXml.within(block, "li").isEmpty() ? SafeXml.within(block, "p").stream() : Stream.of()))
                .map(line -> RunningText.of(line, Set.of()))
                .filter(text -> !text.isEmpty())
                .limit(HINTS)
                .toList());
        Map<String, String> texts = new LinkedHashMap<>();
        SafeXml.within(item, "modalfeedback")
                .forEach(
                        feedback -> texts.put(feedback.getAttribute("identifier"), RunningText.of(feedback, Set.of())));
        branches(item).forEach(branch -> said.note(branch, texts));
        return said;
    }

    private static List<Element> branches(Element item) {
        List<Element> found = new ArrayList<>();
        for (Element child : SafeXml.children(item)) {
            if (BRANCHES.contains(SafeXml.name(child))) {
                found.add(child);
            }
            found.addAll(branches(child));
        }
        return found;
    }

    /** A branch that waits for one answer, and names a message. */
    private void note(Element branch, Map<String, String> texts) {
        List<Element> inside = SafeXml.children(branch);
        if (inside.isEmpty()) {
            return;
        }
        Element condition = inside.getFirst();
        List<String> variables = SafeXml.within(condition, "variable").stream()
                .map(variable -> variable.getAttribute("identifier"))
                .distinct()
                .toList();
        List<String> values = SafeXml.within(condition, "basevalue").stream()
                .map(value -> value.getTextContent().strip())
                .toList();
        Optional<String> message = inside.stream()
                .skip(1)
                .flatMap(outcome -> SafeXml.within(outcome, "basevalue").stream())
                .map(value -> value.getTextContent().strip())
                .flatMap(id -> Optional.ofNullable(texts.get(id)).stream())
                .findFirst();
        if (variables.size() == 1 && !values.isEmpty() && message.isPresent()) {
            boolean isOneOf = SafeXml.name(condition).equals("or");
            messages.computeIfAbsent(variables.getFirst(), none -> new LinkedHashMap<>())
                    .putIfAbsent(isOneOf ? values.getFirst() : String.join(",", values), message.get());
        }
    }

    /** Answers to a response that are not right, with what is said of each. */
    Map<String, String> of(String response) {
        return messages.getOrDefault(response, Map.of());
    }

    /** At most three. */
    List<String> hints() {
        return hints;
    }
}
