package littlesummit.core.skill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Option;

/** Builds a choice from one right option and wrong ones that each know their slip. */
public final class Choices {
    private final List<Entry> entries = new ArrayList<>();

    private record Entry(String text, Optional<Figure> figure, boolean right, String slip, String message) {}

    public static Choices right(String text) {
        Choices choices = new Choices();
        choices.entries.add(new Entry(text, Optional.empty(), true, "", ""));
        return choices;
    }

    public static Choices right(String text, Figure figure) {
        Choices choices = new Choices();
        choices.entries.add(new Entry(text, Optional.of(figure), true, "", ""));
        return choices;
    }

    /** Left out when an option with the same text is there already. */
    public Choices wrong(String text, String slip, String message) {
        if (entries.stream().noneMatch(e -> e.text.equals(text))) {
            entries.add(new Entry(text, Optional.empty(), false, slip, message));
        }
        return this;
    }

    public Choices wrong(String text, Figure figure, String slip, String message) {
        entries.add(new Entry(text, Optional.of(figure), false, slip, message));
        return this;
    }

    /** For lists that have an order of their own; where the right one stands says nothing. */
    public Field ordered(String id, String label, Comparator<String> order) {
        entries.sort(Comparator.comparing(Entry::text, order));
        return field(id, label, Option.IDS.subList(0, entries.size()));
    }

    public Field shuffled(String id, String label, Draw draw) {
        return field(id, label, draw.shuffled(Option.IDS.subList(0, entries.size())));
    }

    private Field field(String id, String label, List<String> ids) {
        List<Option> options = new ArrayList<>();
        List<Mistake> mistakes = new ArrayList<>();
        String right = "";
        for (int i = 0; i < entries.size(); i++) {
            Entry e = entries.get(i);
            options.add(new Option(ids.get(i), e.text, e.figure));
            if (e.right) {
                right = ids.get(i);
            } else {
                mistakes.add(new Mistake(ids.get(i), e.slip, e.message));
            }
        }
        options.sort(Comparator.comparing(Option::id));
        return Field.choice(id, label, options, right, mistakes.toArray(Mistake[]::new));
    }
}
