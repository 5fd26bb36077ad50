package littlesummit.core.proof;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Part;

/** No hint and no message holds an answer, but by chance: “go 13 down” may come to 13. */
final class HelpLaw implements Law {
    private static final double MOST_BY_CHANCE = 0.05;

    private final Map<String, Findings> told = new HashMap<>();
    private final Map<String, Long> seen = new HashMap<>();

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        for (int p = 0; p < item.parts().size(); p++) {
            List<Field> open = GivenAway.open(item, p);
            Part part = item.parts().get(p);
            for (int i = 0; i < part.hints().size(); i++) {
                String hint = part.hints().get(i);
                look(
                        ItemTexts.part(item, p) + ".hints[" + (i + 1) + "]",
                        "This hint holds the answer.",
                        hint,
                        open,
                        item);
            }
            for (Field field : part.fields()) {
                for (Mistake mistake : field.mistakes()) {
                    look(
                            ItemTexts.part(item, p) + ".mistakes, " + mistake.slip(),
                            "What is said of this mistake holds the answer.",
                            mistake.message(),
                            open,
                            item);
                }
            }
        }
    }

    private void look(String place, String sentence, String text, List<Field> open, Item item) {
        String tiered = place + " #" + item.ref().tier();
        seen.merge(tiered, 1L, Long::sum);
        if (open.stream().anyMatch(field -> GivenAway.tells(text, field))) {
            told.computeIfAbsent(tiered, t -> new Findings()).add(place, sentence, item);
        }
    }

    @Override
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        told.forEach((place, findings) -> all.addAll(findings.list(seen.get(place), MOST_BY_CHANCE)));
        return all;
    }
}
