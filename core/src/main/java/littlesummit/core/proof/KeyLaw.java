package littlesummit.core.proof;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;

/** In each field the key is right, no mistake is, the form is said, and options and messages can be told apart. */
final class KeyLaw implements Law {
    private final Findings findings = new Findings();
    private long seen;

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        seen++;
        for (int p = 0; p < item.parts().size(); p++) {
            for (Field field : item.parts().get(p).fields()) {
                look(field, ItemTexts.part(item, p) + ", field " + field.id(), item);
            }
        }
    }

    private void look(Field field, String place, Item item) {
        switch (Grader.grade(field.answer(), field.answer().key())) {
            case Verdict.Correct c -> {}
            case Verdict.Unreadable u -> findings.add(place, "The answer cannot be read by its own field.", item);
            default ->
                findings.add(place, "The answer is not graded as right: it is not in the form that is asked.", item);
        }
        if (field.response() instanceof Response.Typed && field.wanted().isBlank()) {
            findings.add(place, "Nothing beside the field says what form is wanted.", item);
        }
        if (field.label().isBlank()) {
            findings.add(place, "The field has no label.", item);
        }
        if (field.label().contains("$")) {
            findings.add(place, "A label is read aloud as it stands: leave the dollar signs out.", item);
        }
        mistakes(field, place, item);
        Set<String> options = new HashSet<>();
        for (Option option : field.response().options()) {
            if (!options.add(option.text() + option.figure())) {
                findings.add(place, "Two options are the same.", item);
            }
        }
    }

    private void mistakes(Field field, String place, Item item) {
        Map<String, String> messages = new HashMap<>();
        for (Mistake mistake : field.mistakes()) {
            String at = place + ", mistake " + mistake.slip();
            Verdict verdict = Grader.grade(field.answer(), mistake.entry());
            if (verdict instanceof Verdict.Correct) {
                findings.add(at, "This mistake leads to the right answer.", item);
            } else if (verdict instanceof Verdict.Unreadable) {
                findings.add(at, "What this mistake leads to cannot be typed into the field.", item);
            }
            String other = messages.putIfAbsent(mistake.entry(), mistake.message());
            if (other != null && !other.equals(mistake.message())) {
                findings.add(at, "Another mistake leads to the same entry, and says something else.", item);
            }
            if (mistake.message().isBlank()) {
                findings.add(at, "Nothing is said of this mistake.", item);
            }
        }
    }

    @Override
    public List<Finding> findings() {
        return findings.list(seen);
    }
}
