package littlesummit.content.template;

import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import littlesummit.core.math.Rational;
import littlesummit.core.template.Word;
import littlesummit.core.template.WordLists;

/** The word lists that ship, from {@code words.yaml}. */
final class ShippedWords {
    static final WordLists LISTS = read();
    private static final String VOWELS = "aeiou";

    private ShippedWords() {}

    /** @param many missing for a name, which stands for itself; ranges as “from..to” or “from..to step s” */
    private record Entry(String one, String many, String article, String price, String mass, String length) {}

    private static WordLists read() {
        YAMLMapper yaml = new YAMLMapper();
        try {
            Map<String, List<Entry>> document = yaml.readValue(
                    Resources.text("words.yaml"),
                    yaml.getTypeFactory()
                            .constructMapType(
                                    LinkedHashMap.class,
                                    yaml.constructType(String.class),
                                    yaml.getTypeFactory().constructCollectionType(List.class, Entry.class)));
            return new WordLists(document.entrySet().stream()
                    .collect(Collectors.toMap(Map.Entry::getKey, list -> list.getValue().stream()
                            .map(ShippedWords::word)
                            .toList())));
        } catch (com.fasterxml.jackson.core.JsonProcessingException bug) {
            throw new IllegalStateException("words.yaml", bug);
        }
    }

    private static Word word(Entry entry) {
        Map<String, Word.Range> ranges = new LinkedHashMap<>();
        range(entry.price()).ifPresent(range -> ranges.put("price", range));
        range(entry.mass()).ifPresent(range -> ranges.put("mass", range));
        range(entry.length()).ifPresent(range -> ranges.put("length", range));
        String article = entry.many() == null
                ? ""
                : entry.article() != null
                        ? entry.article()
                        : VOWELS.indexOf(entry.one().charAt(0)) >= 0 ? "an" : "a";
        return new Word(entry.one(), entry.many() == null ? entry.one() : entry.many(), article, ranges);
    }

    private static java.util.Optional<Word.Range> range(String text) {
        if (text == null) {
            return java.util.Optional.empty();
        }
        String[] parts = text.split("\\.\\.| step ");
        return java.util.Optional.of(
                new Word.Range(number(parts[0]), number(parts[1]), parts.length > 2 ? number(parts[2]) : Rational.ONE));
    }

    private static Rational number(String text) {
        return Rational.of(new BigDecimal(text.strip()));
    }
}
