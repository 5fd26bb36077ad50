package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;

/** All items of a template where there are not too many, else a sample of them. */
public final class TemplateSpace {
    /** Where so many ways to draw numbers are not all, how many there are is told from them. */
    private static final int MOST_WAYS = 12_500;

    private final Template template;

    public TemplateSpace(Template template) {
        this.template = template;
    }

    /**
     * One of the items.
     *
     * @param naive ways that are wrong, by place and name, and whether each leads to the right answer here
     */
    public record One(Item item, Map<String, Boolean> naive) {}

    /** Looks at what is made. */
    public interface Visitor {
        /** @return whether to go on */
        boolean item(One one);

        /** Numbers for which there is no item. */
        void unmade(Complaint complaint);
    }

    /** @param possible how many items there are, about; exactly where {@code whole} */
    public record Size(double possible, boolean whole) {}

    private record Place(Variant variant, int tier) {}

    private List<Place> places() {
        List<Place> places = new ArrayList<>();
        for (Variant variant : template.variants()) {
            variant.tiers().forEach(tier -> places.add(new Place(variant, tier)));
        }
        return places;
    }

    /**
     * Counts, and stops counting where there are too many to look at all of them.
     *
     * @param most items that would be looked at
     */
    public Size size(long most) {
        long ways = Math.min(MOST_WAYS, most);
        double possible = 0;
        boolean whole = true;
        for (Place place : places()) {
            Odometer odometer = new Odometer();
            long tried = 0;
            long good = 0;
            double all = 1;
            do {
                tried++;
                good += isGood(place, odometer) ? 1 : 0;
                all = Math.max(all, odometer.ways());
            } while (tried < ways && odometer.turn());
            boolean counted = !odometer.turn();
            double items = counted ? good : all * Math.max(1, good) / tried;
            possible += items * place.variant().frameCount();
            whole = whole && counted;
        }
        return new Size(possible, whole && possible <= most);
    }

    private static boolean isGood(Place place, Odometer odometer) {
        try {
            return place.variant().tried(place.tier(), odometer).isPresent();
        } catch (Unmade unmade) {
            return true;
        }
    }

    /** Every item once. */
    public void all(Visitor visitor) {
        for (Place place : places()) {
            Odometer odometer = new Odometer();
            long number = 0;
            do {
                number++;
                long seed = number;
                if (!visit(visitor, place, v -> v.tried(place.tier(), odometer), seed)) {
                    return;
                }
            } while (odometer.turn());
        }
    }

    /**
     * So many items, of each kind and tier as many.
     *
     * @param count of items
     */
    public void sample(int count, Visitor visitor) {
        List<Place> places = places();
        int frames = places.stream().mapToInt(p -> p.variant().frameCount()).sum();
        int each = Math.max(1, count / frames);
        for (Place place : places) {
            for (long seed = 0; seed < each; seed++) {
                Draw draw = new Draw(seed * 31 + place.tier());
                Picks picks = n -> draw.between(0, n - 1);
                if (!visit(visitor, place, v -> Optional.of(v.drawn(place.tier(), picks)), seed)) {
                    return;
                }
            }
        }
    }

    private interface Values {
        Optional<Evaluator> of(Variant variant);
    }

    /** The same numbers in every frame. */
    private boolean visit(Visitor visitor, Place place, Values values, long seed) {
        try {
            Optional<Evaluator> evaluator = values.of(place.variant());
            for (int frame = 0; evaluator.isPresent() && frame < place.variant().frameCount(); frame++) {
                ItemRef ref = new ItemRef(
                        template.skill(),
                        template.version(),
                        place.tier(),
                        place.variant().id() + "-" + (frame + 1),
                        seed);
                Variant.WithNaive made =
                        place.variant().built(ref, frame, evaluator.get().again(), new Draw(seed));
                if (!visitor.item(new One(made.item(), made.naive()))) {
                    return false;
                }
            }
        } catch (Unmade unmade) {
            visitor.unmade(unmade.complaint());
        }
        return true;
    }
}
