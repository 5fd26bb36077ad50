package littlesummit.app.workbench.example;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import littlesummit.app.own.DocumentText;

/** The document of a skill whose levels begin with items that were typed. */
final class ExampleDocument {
    private static final int LEVELS = 3;

    private ExampleDocument() {}

    /**
     * @param levels one to three; a level that is missing asks the same as the one below it, with larger numbers
     * @throws littlesummit.app.web.Problem with a sentence, where an item cannot be read or its formula leads elsewhere
     */
    static String of(String name, List<Level> levels) {
        StringBuilder remarks = new StringBuilder("# Begun with items that were typed. Read every sentence: hints,"
                + " messages and steps are a beginning, and yours to write.\n");
        Map<String, Object> asks = new LinkedHashMap<>();
        List<Map<String, Object>> variants = new ArrayList<>();
        for (int tier = 1; tier <= LEVELS; tier++) {
            boolean isTyped = tier <= levels.size();
            Level level = levels.get(Math.min(tier, levels.size()) - 1);
            int wider = isTyped ? 1 : tier - levels.size() + 1;
            variants.add(new ExampleVariant(level, wider).written(tier));
            asks.put(
                    "tier " + tier,
                    isTyped
                            ? "Items like the one that was typed."
                            : "The same with larger numbers. Write what is new.");
            if (!isTyped) {
                remarks.append("# Level ")
                        .append(tier)
                        .append(" asks the same as the one below, with larger numbers. It should ask something new.\n");
            }
        }
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("skill", id(name));
        document.put("name", name.strip());
        document.put("strand", "own");
        document.put("asks", asks);
        document.put("variants", variants);
        return DocumentText.of(remarks, document);
    }

    private static String id(String name) {
        String id = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        return id.isEmpty() || !Character.isLetter(id.charAt(0)) ? "my-skill" : id;
    }
}
