package littlesummit.app.exchange.qti.in;

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
import littlesummit.app.exchange.qti.Names;
import org.w3c.dom.Element;

/** Takes of an item what a template can say: choices, lists to pick from, orders, and what is typed. */
final class QtiItemReader {
    static final String TO_WRITE = "(to be written)";
    private static final Set<String> TAKEN =
            Set.of("choiceinteraction", "inlinechoiceinteraction", "textentryinteraction", "orderinteraction");
    private static final String WORDS = "extendedtextinteraction";
    private static final String GAPS = "gapmatchinteraction";
    private static final String ROWS = "matchinteraction";
    private static final Set<String> BOXES = Set.of("div", "section", "article", "contentbody");
    /** What is no part of the question. */
    private static final Set<String> BESIDE = Set.of("rubricblock", "feedbackblock", "feedbackinline");

    private static final String POINT = "selectpointinteraction";
    private static final Set<String> ON_PICTURES = Set.of("hotspotinteraction", "graphicorderinteraction", POINT);
    private static final List<String> IMAGES = List.of("img", "object");
    private static final String NO_PICTURE =
            "A picture was left out: it is no PNG, JPEG or WebP, is not in the file, or finds no room any more.";
    private static final int MOST_OPTIONS = 8;
    private static final int MOST_ORDERED = 6;
    private static final String WANTED = "Wanted: ";
    /** What a field is called that the item has no name for. */
    static final String ANSWER = "Answer";

    private final Element item;
    private final String file;
    private final Pictures pictures;
    private final Said said;
    private final List<Map<String, Object>> figures = new ArrayList<>();
    private final List<String> lost = new ArrayList<>();

    private QtiItemReader(Element item, String file, Pictures pictures) {
        this.item = item;
        this.file = file;
        this.pictures = pictures;
        this.said = Said.in(item);
    }

    /** Whether a root is an item. */
    static boolean isItem(Element root) {
        return SafeXml.name(root).equals("assessmentitem");
    }

    /** @param file its name in the package */
    static TakenItem read(Element item, String file, Pictures pictures) {
        return new QtiItemReader(item, file, pictures).read();
    }

    /** What the item is called, or its name in the file. */
    static String title(Element item) {
        return Optional.of(item.getAttribute("title"))
                .filter(t -> !t.isBlank())
                .orElse(item.getAttribute("identifier"));
    }

    private TakenItem read() {
        List<Element> bodies = SafeXml.within(item, "itembody");
        String title = title(item);
        if (bodies.isEmpty()) {
            return new TakenItem(
                    title, List.of(), List.of(), List.of(), Map.of(), List.of(), List.of("It has no body."));
        }
        Element body = bodies.getFirst();
        List<Element> interactions = interactions(body);
        List<Map<String, Object>> fields = new ArrayList<>();
        Map<String, Object> part = new LinkedHashMap<>();
        for (Element interaction : interactions) {
            Matched.Fields taken = fields(interaction, interactions.size() == 1);
            fields.addAll(taken.fields());
            part.putAll(taken.part());
        }
        images(body).forEach(image -> pictures.of(image, file)
                .map(Pictures.Shown::figure)
                .ifPresentOrElse(figures::add, () -> lost.add(NO_PICTURE)));
        List<String> sentences =
                stem(body).stream().filter(text -> !text.startsWith(WANTED)).toList();
        return new TakenItem(title, sentences, figures, fields, part, said.hints(), lost);
    }

    /** Those that stand in no interaction. */
    private static List<Element> images(Element within) {
        List<Element> found = new ArrayList<>();
        for (Element child : SafeXml.children(within)) {
            String name = SafeXml.name(child);
            if (IMAGES.contains(name)) {
                found.add(child);
            } else if (!name.endsWith("interaction") && !BESIDE.contains(name)) {
                found.addAll(images(child));
            }
        }
        return found;
    }

    private Optional<Pictures.Shown> picture(Element within) {
        return IMAGES.stream()
                .flatMap(name -> SafeXml.within(within, name).stream())
                .findFirst()
                .flatMap(image -> pictures.of(image, file));
    }

    /** @param isAlone whether the item has no other interaction: labels have a part for themselves */
    private Matched.Fields fields(Element interaction, boolean isAlone) {
        List<String> right = right(SafeXml.attribute(interaction, "responseIdentifier"));
        Matched matched = new Matched(interaction, right);
        Optional<Matched.Fields> taken =
                switch (SafeXml.name(interaction)) {
                    case GAPS -> isAlone ? matched.gaps() : Optional.empty();
                    case ROWS -> matched.rows();
                    default ->
                        isOnPicture(interaction)
                                ? onPicture(interaction, right)
                                : Optional.of(new Matched.Fields(
                                        field(interaction).stream().toList(), Map.of()));
                };
        if (taken.isEmpty()) {
            lost.add("An interaction of the kind “" + interaction.getLocalName() + "” was left out: it has more than"
                    + " can be shown here, " + (isOnPicture(interaction) ? "its picture cannot be opened, " : "")
                    + "or does not say what belongs where.");
        }
        return taken.orElse(new Matched.Fields(List.of(), Map.of()));
    }

    private static boolean isOnPicture(Element interaction) {
        return ON_PICTURES.contains(SafeXml.name(interaction));
    }

    private Optional<Matched.Fields> onPicture(Element interaction, List<String> right) {
        Map<String, String> messages = said.of(SafeXml.attribute(interaction, "responseIdentifier"));
        Optional<OnPicture.Taken> found = SafeXml.name(interaction).equals(POINT)
                ? declaration(SafeXml.attribute(interaction, "responseIdentifier"))
                        .flatMap(declared -> PointAt.of(interaction, declared, picture(interaction)))
                : OnPicture.of(interaction, right, picture(interaction), messages);
        return found.map(taken -> {
            if (SafeXml.name(interaction).equals(POINT)) {
                lost.add("A point is to be placed on a picture there; here one chooses between places on it.");
            }
            figures.add(taken.figure());
            return new Matched.Fields(List.of(taken.field()), Map.of());
        });
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
        List<String> sentences = new ArrayList<>();
        sentences(body, sentences);
        SafeXml.within(body, "prompt").stream()
                .map(prompt -> RunningText.of(prompt, Set.of()))
                .filter(text -> !text.isEmpty())
                .forEach(sentences::add);
        return sentences;
    }

    /** Boxes hold sentences of their own. */
    private static void sentences(Element box, List<String> sentences) {
        for (Element child : SafeXml.children(box)) {
            String name = SafeXml.name(child);
            if (BOXES.contains(name)) {
                sentences(child, sentences);
            } else if (!name.endsWith("interaction") && !BESIDE.contains(name)) {
                String text = RunningText.of(child, allInteractions(child, new HashSet<>(TAKEN)));
                if (!text.isEmpty()) {
                    sentences.add(text);
                }
            }
        }
    }

    private static Set<String> allInteractions(Element within, Set<String> more) {
        return Stream.concat(more.stream(), interactions(within).stream().map(SafeXml::name))
                .collect(Collectors.toSet());
    }

    private Optional<Map<String, Object>> field(Element interaction) {
        String id = SafeXml.attribute(interaction, "responseIdentifier");
        List<String> right = right(id);
        if (SafeXml.name(interaction).equals(WORDS)) {
            return Optional.of(words(interaction, id, right));
        }
        if (!TAKEN.contains(SafeXml.name(interaction))) {
            lost.add("An interaction of the kind “" + interaction.getLocalName() + "” was left out.");
            return Optional.empty();
        }
        if (right.isEmpty()) {
            lost.add("Nothing says which answer is right at “" + id + "”, so it was left out.");
            return Optional.empty();
        }
        Map<String, Object> field = new LinkedHashMap<>();
        field.put("id", Matched.id(id));
        field.put("label", ANSWER);
        return switch (SafeXml.name(interaction)) {
            case "textentryinteraction" ->
                Optional.of(new TypedField(interaction, said.of(id), wanted()).add(field, right.getFirst(), lost));
            case "orderinteraction" -> order(field, interaction, right);
            default -> choice(field, interaction, right);
        };
    }

    /** Words, which a person reads; what the item gives as right is an example for the reader. */
    private static Map<String, Object> words(Element interaction, String id, List<String> right) {
        Map<String, Object> field = new LinkedHashMap<>();
        field.put("id", Matched.id(id));
        field.put("label", ANSWER);
        field.put("kind", interaction.hasAttribute(Names.OWN + "picture") ? "words" : "text");
        field.put("entry", right.isEmpty() ? TO_WRITE : RunningText.plain(right.getFirst()));
        return field;
    }

    /** What form is wanted, where the item says it in a line of its own. */
    private Optional<String> wanted() {
        return SafeXml.within(item, "p").stream()
                .map(line -> RunningText.of(line, Set.of()))
                .filter(text -> text.startsWith(WANTED))
                .map(text -> text.substring(WANTED.length()))
                .findFirst();
    }

    private Optional<Element> declaration(String id) {
        return SafeXml.within(item, "responsedeclaration").stream()
                .filter(declared -> declared.getAttribute("identifier").equals(id))
                .findFirst();
    }

    /** What the item says is right, or else what its mapping gives most for: where several count, all that give. */
    private List<String> right(String id) {
        return declaration(id).map(Mapping::right).orElse(List.of());
    }

    private Optional<Map<String, Object>> choice(Map<String, Object> field, Element interaction, List<String> right) {
        List<Map<String, Object>> options = new ArrayList<>();
        for (Element choice : SafeXml.children(interaction)) {
            if (SafeXml.name(choice).equals("simplechoice")
                    || SafeXml.name(choice).equals("inlinechoice")) {
                Map<String, Object> option =
                        option(choice, right, said.of(SafeXml.attribute(interaction, "responseIdentifier")));
                picture(choice).ifPresent(shown -> {
                    option.remove("text");
                    option.put("figure", shown.figure());
                });
                options.add(option);
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

    /** Each goes by its place in the right order; a known mistake by its place in another one. */
    private Optional<Map<String, Object>> order(Map<String, Object> field, Element interaction, List<String> right) {
        List<Element> choices = SafeXml.children(interaction).stream()
                .filter(choice -> SafeXml.name(choice).equals("simplechoice"))
                .toList();
        List<String> ids = choices.stream()
                .map(choice -> choice.getAttribute("identifier"))
                .toList();
        if (choices.size() < 3
                || choices.size() > MOST_ORDERED
                || !Set.copyOf(right).equals(Set.copyOf(ids))) {
            lost.add("From 3 to " + MOST_ORDERED + " things are put in order here; one with " + choices.size()
                    + " was left out.");
            return Optional.empty();
        }
        field.put("kind", "order");
        field.put(
                "options",
                choices.stream().map(choice -> ordered(choice, right)).toList());
        List<Map<String, Object>> mistakes = new ArrayList<>();
        said.of(SafeXml.attribute(interaction, "responseIdentifier")).forEach((answer, message) -> {
            List<String> wrong = List.of(answer.split(","));
            if (Set.copyOf(wrong).equals(Set.copyOf(ids))) {
                Map<String, Object> mistake = new LinkedHashMap<>();
                mistake.put("by", ids.stream().map(id -> 1 + wrong.indexOf(id)).toList());
                mistake.put("slip", "other-order-" + (mistakes.size() + 1));
                mistake.put("say", message);
                mistakes.add(mistake);
            }
        });
        field.put("mistakes", mistakes);
        return Optional.of(field);
    }

    private static Map<String, Object> ordered(Element choice, List<String> right) {
        Map<String, Object> option = new LinkedHashMap<>();
        String text = RunningText.of(choice, Set.of());
        option.put("text", text.isEmpty() ? choice.getAttribute("identifier") : text);
        option.put("by", 1 + right.indexOf(choice.getAttribute("identifier")));
        return option;
    }

    /** What is said of a choice: within it, or in a message of its own. */
    private static Optional<String> message(Element choice, Map<String, String> messages) {
        return SafeXml.within(choice, "feedbackinline").stream()
                .map(feedback -> RunningText.of(feedback, Set.of()))
                .filter(text -> !text.isEmpty())
                .findFirst()
                .or(() -> Optional.ofNullable(messages.get(choice.getAttribute("identifier"))));
    }

    static Map<String, Object> option(Element choice, List<String> right, Map<String, String> messages) {
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
            option.put("say", message(choice, messages).orElse(TO_WRITE + " What may have led to this?"));
        }
        return option;
    }
}
