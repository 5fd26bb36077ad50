package littlesummit.core.template;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.SecondView;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.math.MathProblem;
import littlesummit.core.skill.Draw;

/**
 * One kind of item of a template, with everything that is drawn and said.
 *
 * @param tiers for which it makes items
 * @param draws by name, in order; by tier where they differ
 * @param lets by name, in order
 * @param frames sentences of which one begins the stem; empty for none
 * @param given what the line check may start from
 */
record Variant(
        String id,
        Place at,
        Set<Integer> tiers,
        Map<String, Map<Integer, Drawing>> draws,
        Map<String, Let> lets,
        List<Formula> where,
        List<Texts> frames,
        Made<List<Block>> stem,
        List<PartReader.PartMade> parts,
        Made<List<WorkedStep>> worked,
        Optional<Made<SecondView>> second,
        boolean calculator,
        Optional<Entry> given) {
    /** How often numbers may be drawn again until the conditions hold. */
    private static final int MOST_TRIES = 500;

    private static final int MOST_FAILURES = 20;

    /** A value that is worked out: by the first case whose condition holds. */
    record Let(List<Case> cases, Place at) {
        record Case(Optional<Formula> when, Optional<Formula> is, Texts say) {}

        Value value(Evaluator evaluator) {
            for (Case one : cases) {
                if (one.when().map(evaluator::holds).orElse(true)) {
                    return one.is()
                            .map(evaluator::value)
                            .orElseGet(() -> new Value.Said(one.say().write(evaluator)));
                }
            }
            throw new Unmade(at, "None of the conditions holds.");
        }
    }

    /**
     * An item, and which wrong ways would be right in it.
     *
     * @param naive by the part and the name of the way
     */
    record WithNaive(Item item, Map<String, Boolean> naive) {}

    /**
     * Numbers for which nobody has seen that a formula has no value are drawn anew, so that no student stands before
     * nothing; the proof does not do so, and says them.
     *
     * @throws Unmade where again and again no numbers are found, or a formula has no value
     */
    Item make(ItemRef ref, int frame, Draw draw) {
        for (int i = 1; ; i++) {
            try {
                Evaluator evaluator = drawn(ref.tier(), count -> draw.between(0, count - 1));
                return built(ref, frame, evaluator.again(), draw).item();
            } catch (Unmade unmade) {
                if (i == MOST_FAILURES) {
                    throw unmade;
                }
            }
        }
    }

    /** Draws until the conditions hold. */
    Evaluator drawn(int tier, Picks picks) {
        for (int i = 0; i < MOST_TRIES; i++) {
            Optional<Evaluator> values = tried(tier, picks);
            if (values.isPresent()) {
                return values.get();
            }
        }
        throw new Unmade(
                where.getFirst().at(),
                "Of " + MOST_TRIES + " draws none fulfils the conditions: "
                        + String.join("; ", where.stream().map(Formula::text).toList()) + ".");
    }

    /** Draws once; empty where a condition does not hold. */
    Optional<Evaluator> tried(int tier, Picks picks) {
        Map<String, Value> values = new HashMap<>();
        Evaluator evaluator = new Evaluator(values);
        draws.forEach((name, byTier) -> values.put(name, byTier.get(tier).draw(evaluator, picks)));
        lets.forEach((name, let) -> values.put(name, let.value(evaluator)));
        return where.stream().allMatch(evaluator::holds) ? Optional.of(evaluator) : Optional.empty();
    }

    /** What nobody has thought of is said with the place of the variant, never as a failure of the program. */
    WithNaive built(ItemRef ref, int frame, Evaluator evaluator, Draw shuffles) {
        try {
            return putTogether(ref, frame, evaluator, shuffles);
        } catch (MathProblem | IllegalArgumentException | IllegalStateException | ArithmeticException problem) {
            throw new Unmade(at, "No item can be made with these numbers: " + problem.getMessage() + ".");
        }
    }

    private WithNaive putTogether(ItemRef ref, int frame, Evaluator evaluator, Draw shuffles) {
        Making making = new Making(evaluator, shuffles);
        List<Block> blocks = new ArrayList<>();
        if (!frames.isEmpty()) {
            blocks.add(new Block.Text(frames.get(frame).write(evaluator)));
        }
        blocks.addAll(stem.make(making));
        Item item = new Item(
                ref,
                blocks,
                parts.stream().map(part -> part.part().make(making)).toList(),
                worked.make(making),
                second.map(view -> view.make(making)),
                calculator,
                given.map(entry -> entry.write(Kind.EXPRESSION, Form.Shape.ANY, evaluator))
                        .orElse(""));
        return new WithNaive(item, naive(item, making));
    }

    private Map<String, Boolean> naive(Item item, Making making) {
        Map<String, Boolean> right = new LinkedHashMap<>();
        for (int p = 0; p < parts.size(); p++) {
            int part = p;
            parts.get(p)
                    .naive()
                    .forEach((name, way) ->
                            right.put("parts[" + (part + 1) + "].naive." + name, isRight(way, item, part, making)));
        }
        return right;
    }

    /** A way that leads nowhere is not right. */
    private static boolean isRight(PartReader.NaiveWay way, Item item, int part, Making making) {
        try {
            return way.isRight(item.parts().get(part), making);
        } catch (Unmade nowhere) {
            return false;
        }
    }

    /** Whether a person reads what is answered. */
    boolean isRead() {
        return parts.stream().anyMatch(PartReader.PartMade::isRead);
    }

    /** How many sentences a student meets in turn. */
    int frameCount() {
        return Math.max(1, frames.size());
    }
}
