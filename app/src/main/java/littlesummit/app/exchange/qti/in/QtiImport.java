package littlesummit.app.exchange.qti.in;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.content.WholeItem;
import littlesummit.app.own.DocumentText;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;

/** Makes the document of a skill out of QTI items: one file, or a package of them. */
public final class QtiImport {
    private static final int MOST_ITEMS = 60;

    private static final Pattern MATHEMATICS = Pattern.compile("\\$([^$]*)\\$");
    private static final List<String> NO_HINTS = List.of(
            QtiItemReader.TO_WRITE + " What is to be looked at?",
            QtiItemReader.TO_WRITE + " Why?",
            QtiItemReader.TO_WRITE + " What is a first step?");

    private QtiImport() {}

    /** Whether a file looks like one of these: a zip, or XML. */
    public static boolean isOne(byte[] file) {
        String start = new String(file, 0, Math.min(file.length, 200), StandardCharsets.UTF_8).stripLeading();
        return start.startsWith("PK") || start.startsWith("<") || start.startsWith("\uFEFF<");
    }

    /**
     * What would become of one item.
     *
     * @param title as it stands in the file; its number where it has none
     * @param places to answer that are taken over
     * @param hints that come with it
     * @param lost what is left out, in sentences
     */
    public record PlannedItem(String title, int places, int hints, List<String> lost) {}

    /** What {@link #document} would take of a file, item by item; the same problems are thrown. */
    public static List<PlannedItem> plan(byte[] file) {
        List<PlannedItem> plan = new ArrayList<>();
        for (Taken item : taken(file)) {
            String title = line(item.title()).strip();
            plan.add(new PlannedItem(
                    title.isEmpty() ? "Item " + (plan.size() + 1) : title, item.places(), item.helps(), item.lost()));
        }
        return plan;
    }

    /**
     * The document, with remarks at its beginning on what was left out.
     *
     * @throws Problem with a sentence, for what has no item in it or is too much
     */
    public static String document(byte[] file) {
        return written(taken(file));
    }

    private static List<Taken> taken(byte[] file) {
        List<Taken> items = QtiFile.items(file);
        if (items.isEmpty()) {
            throw Problem.badRequest("There is no QTI item in this file.");
        }
        if (items.size() > MOST_ITEMS) {
            throw Problem.badRequest(
                    "There are " + items.size() + " items in this file. A skill may have " + MOST_ITEMS + " at most.");
        }
        if (items.stream().allMatch(item -> item.places() == 0)) {
            throw Problem.badRequest("Of no item could anything be taken over. "
                    + String.join(" ", items.getFirst().lost()));
        }
        return items;
    }

    private static String written(List<Taken> items) {
        boolean areWhole = items.stream().allMatch(Taken.Whole.class::isInstance);
        StringBuilder remarks = new StringBuilder("# Taken from a QTI file."
                + (areWhole ? " Every item is as it was.\n" : " What still has to be written says so.\n"));
        List<Map<String, Object>> variants = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Taken item = items.get(i);
            for (String lost : item.lost()) {
                remarks.append("# Item ")
                        .append(i + 1)
                        .append(" (")
                        .append(line(item.title()))
                        .append("): ")
                        .append(line(lost))
                        .append('\n');
            }
            if (item.places() > 0) {
                variants.add(variant(item, i + 1, items));
            }
        }
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("skill", "from-a-file");
        document.put("name", name(items));
        document.put("asks", Levels.asks(areWhole));
        document.put("variants", variants);
        return DocumentText.of(remarks, document);
    }

    /** The title of all items where they have one and the same. */
    private static String name(List<Taken> items) {
        Set<String> titles =
                items.stream().map(item -> line(item.title()).strip()).collect(Collectors.toSet());
        return titles.size() == 1 && items.size() > 1 ? titles.iterator().next() : "Items from a file";
    }

    private static Map<String, Object> variant(Taken taken, int number, List<Taken> all) {
        return switch (taken) {
            case TakenItem item -> variant(item, number);
            case Taken.Whole(String title, Item item) -> {
                Map<String, Object> variant = new LinkedHashMap<>();
                variant.put("id", "item-" + number);
                variant.put("tiers", Levels.of(item.ref().tier(), all));
                variant.put("whole", WholeItem.written(item));
                yield variant;
            }
        };
    }

    private static String line(String text) {
        return text.replaceAll("\\s+", " ");
    }

    private static Map<String, Object> variant(TakenItem item, int number) {
        Map<String, Object> part = new LinkedHashMap<>();
        part.put(
                "ask",
                item.stem().isEmpty() ? "What is the answer?" : item.stem().getLast());
        part.putAll(item.part());
        if (item.fields().size() == 1 && item.part().isEmpty()) {
            part.put("field", item.fields().getFirst());
        } else {
            part.put("fields", numbered(item.fields()));
        }
        part.put(
                "hints",
                Stream.concat(
                                item.hints().stream(),
                                NO_HINTS.stream().skip(item.hints().size()))
                        .toList());
        Map<String, Object> variant = new LinkedHashMap<>();
        variant.put("id", "item-" + number);
        variant.put("tiers", List.of(1, 2, 3));
        Set<String> letters = letters(item.stem() + " " + item.fields() + " " + item.part() + " " + item.hints());
        if (!letters.isEmpty()) {
            variant.put("letters", letters);
        }
        List<String> before =
                item.stem().size() > 1 ? item.stem().subList(0, item.stem().size() - 1) : List.of();
        List<Object> stem = new ArrayList<>(before);
        if (before.isEmpty()) {
            stem.add(Optional.of(item.title()).filter(t -> !t.isBlank()).orElse("Item " + number));
        }
        item.figures().forEach(figure -> stem.add(Map.of("figure", figure)));
        variant.put("stem", stem);
        variant.put("parts", List.of(part));
        return variant;
    }

    /** Letters of all mathematics in a text. */
    private static Set<String> letters(String text) {
        return MATHEMATICS
                .matcher(text.replace("\\$", ""))
                .results()
                .flatMap(found -> RunningText.letters(found.group(1)).stream())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Several fields that have no names of their own are told apart by numbers. */
    private static List<Map<String, Object>> numbered(List<Map<String, Object>> fields) {
        List<Map<String, Object>> all = new ArrayList<>();
        for (Map<String, Object> field : fields) {
            Map<String, Object> one = new LinkedHashMap<>(field);
            one.computeIfPresent(
                    "label",
                    (key, label) -> label.equals(QtiItemReader.ANSWER) ? label + " " + (all.size() + 1) : label);
            all.add(one);
        }
        return all;
    }
}
