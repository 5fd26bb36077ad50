package littlesummit.core.template;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A skill that is written as a document.
 *
 * @param strand id of the strand where it belongs
 * @param prerequisites ids of the skills that come directly before it
 * @param asks what each tier asks that the one below does not, by tier
 */
public record Template(
        String skill,
        String name,
        String strand,
        List<String> prerequisites,
        int version,
        Map<Integer, String> asks,
        List<Variant> variants) {
    public Template {
        prerequisites = List.copyOf(prerequisites);
        asks = Map.copyOf(asks);
        variants = List.copyOf(variants);
    }

    /** The same under another id and version, as a school has it that keeps its own. */
    public Template as(String id, int ofVersion) {
        return new Template(id, name, strand, prerequisites, ofVersion, asks, variants);
    }

    /** Where a variant stands in the document. */
    public Optional<Place> placeOf(String variantId) {
        return variants.stream()
                .filter(v -> v.id().equals(variantId))
                .map(Variant::at)
                .findFirst();
    }

    /** Tiers in which nothing is drawn: each item is there once, as it was written. */
    public Set<Integer> fixedTiers() {
        return asks.keySet().stream()
                .filter(tier -> of(tier).stream()
                        .allMatch(v -> v.draws().isEmpty() && v.frames().isEmpty()))
                .collect(Collectors.toSet());
    }

    List<Variant> of(int tier) {
        return variants.stream().filter(v -> v.tiers().contains(tier)).toList();
    }

    /** Each frame of each kind of item, such as {@code bundle-2}. */
    List<String> names(int tier) {
        return of(tier).stream()
                .flatMap(v -> IntStream.rangeClosed(1, v.frameCount()).mapToObj(i -> v.id() + "-" + i))
                .toList();
    }

    /** @throws IllegalArgumentException for a name that is none */
    Variant variant(String name) {
        String id = name.substring(0, Math.max(0, name.lastIndexOf('-')));
        return variants.stream()
                .filter(v -> v.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no variant " + name));
    }

    static int frame(String name) {
        return Integer.parseInt(name.substring(name.lastIndexOf('-') + 1)) - 1;
    }
}
