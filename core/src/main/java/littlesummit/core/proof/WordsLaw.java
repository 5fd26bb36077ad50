package littlesummit.core.proof;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Item;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Part;
import littlesummit.core.item.WorkedStep;

/** Texts are whole, and plain words agree with the number before them. */
final class WordsLaw implements Law {
    private static final Pattern ONE_OF_MANY = Pattern.compile("(?<![\\d.,/$−-])1 ([a-z]{2,}s)\\b");
    private static final Set<String> NO_PLURALS =
            Set.of("is", "was", "has", "as", "plus", "minus", "times", "less", "this", "its", "does", "lies", "stands");

    private final Findings findings = new Findings();
    private long seen;

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        seen++;
        String kind = ItemTexts.kind(item);
        look(kind + ", stem", ItemTexts.read(item), item);
        for (int p = 0; p < item.parts().size(); p++) {
            Part part = item.parts().get(p);
            String place = ItemTexts.part(item, p);
            part.hints().forEach(hint -> {
                look(place + ".hints", hint, item);
                if (hint.isBlank()) {
                    findings.add(place + ".hints", "A hint says nothing here.", item);
                }
            });
            part.fields().forEach(field -> {
                for (Mistake mistake : field.mistakes()) {
                    look(place + ".mistakes, " + mistake.slip(), mistake.message(), item);
                }
            });
        }
        for (WorkedStep step : item.worked()) {
            look(kind + ", worked", step.say(), item);
        }
    }

    private void look(String place, String text, Item item) {
        Matcher one = ONE_OF_MANY.matcher(text);
        while (one.find()) {
            if (!NO_PLURALS.contains(one.group(1))) {
                findings.add(place, "“" + one.group() + "”: one of many. Write {n of one|many}.", item);
            }
        }
        if (text.contains("(to be written)")) {
            findings.add(place, "Something is still to be written here.", item);
        }
        if (text.contains("  ")) {
            findings.add(place, "Two spaces stand side by side.", item);
        }
        long signs = text.replace("\\$", "").chars().filter(c -> c == '$').count();
        if (signs % 2 != 0) {
            findings.add(place, "A dollar sign stands alone.", item);
        }
    }

    @Override
    public List<Finding> findings() {
        return findings.list(seen);
    }
}
