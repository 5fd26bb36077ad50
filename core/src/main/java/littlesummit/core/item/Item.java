package littlesummit.core.item;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One practice item with everything that belongs to it; the student sees only what is due.
 *
 * @param parts one after another; one for most items, a chain for guided ones
 * @param worked the full solution, step by step
 * @param second another way of explaining it
 * @param calculator whether one is allowed
 * @param given what the item gives to start from, in entry syntax, for checking the first line of work; empty for
 *     nothing
 */
public record Item(
        ItemRef ref,
        List<Block> stem,
        List<Part> parts,
        List<WorkedStep> worked,
        Optional<SecondView> second,
        boolean calculator,
        String given) {
    public Item {
        stem = List.copyOf(stem);
        parts = List.copyOf(parts);
        worked = List.copyOf(worked);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("an item without parts: " + ref);
        }
    }

    /**
     * What makes it different from another item of its skill: a student never gets the same twice while there are
     * others.
     */
    public String fingerprint() {
        StringBuilder text = new StringBuilder(ref.variant());
        stem.forEach(block -> text.append('|').append(block));
        parts.forEach(part -> text.append('|')
                .append(part.prompt())
                .append(part.fields().stream().map(f -> f.answer().expected()).toList()));
        return Integer.toHexString(text.toString().hashCode())
                + Integer.toHexString(text.reverse().toString().hashCode());
    }

    /** Whether a person has to read it: there are words in it that no machine judges. */
    public boolean isRead() {
        return isDrawn() || responses().anyMatch(response -> response instanceof Response.Said);
    }

    /** Whether there is a picture to draw, with words. */
    public boolean isDrawn() {
        return responses().anyMatch(response -> response instanceof Response.InkWords);
    }

    private Stream<Response> responses() {
        return parts.stream().flatMap(p -> p.fields().stream()).map(Field::response);
    }

    /** Chance, 0 to 1, of getting every part right by guessing: nil as soon as something is typed. */
    public double guessChance() {
        return parts.stream()
                .flatMap(p -> p.fields().stream())
                .mapToDouble(f -> f.response().guessChance())
                .reduce(1, (a, b) -> a * b);
    }
}
