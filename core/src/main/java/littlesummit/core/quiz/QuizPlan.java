package littlesummit.core.quiz;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;

/**
 * What a quiz consists of.
 *
 * @param shares skills, and how many items of each
 * @param minutes for one round
 * @param rounds at most
 * @param target percent of a round that ends the quiz
 * @param calculator where the calculator is allowed
 * @param workRequired whether work has to be shown for every item
 */
public record QuizPlan(
        List<Share> shares,
        int minutes,
        int rounds,
        int target,
        PointsScheme points,
        Policy.Calculator calculator,
        boolean workRequired) {
    private static final int USUAL_MINUTES = 45;
    private static final int USUAL_ROUNDS = 5;
    private static final int MOST_ITEMS = 40;
    private static final int MOST_MINUTES = 240;
    private static final int MOST_ROUNDS = 9;

    /** @param items of the skill in each round */
    public record Share(String skill, int items) {}

    public QuizPlan {
        shares = List.copyOf(shares);
        int items = shares.stream().mapToInt(Share::items).sum();
        require(items, MOST_ITEMS, "items");
        require(minutes, MOST_MINUTES, "minutes");
        require(rounds, MOST_ROUNDS, "rounds");
        require(target, 100, "percent as the target");
        if (shares.stream().anyMatch(s -> s.items() < 1)) {
            throw new IllegalArgumentException("a skill without items");
        }
        points = points.within(rounds);
    }

    private static void require(int n, int most, String what) {
        if (n < 1 || n > most) {
            throw new IllegalArgumentException("a quiz has 1 to " + most + " " + what + ", not " + n);
        }
    }

    /** Skills in equal shares, and what is usual for the rest: 45 minutes, five rounds. Common practice; no source. */
    public static QuizPlan usual(List<String> skills, int items, int target) {
        List<Share> shares = new ArrayList<>();
        for (int i = 0; i < skills.size(); i++) {
            int own = items / skills.size() + (i < items % skills.size() ? 1 : 0);
            if (own > 0) {
                shares.add(new Share(skills.get(i), own));
            }
        }
        return new QuizPlan(
                shares, USUAL_MINUTES, USUAL_ROUNDS, target, PointsScheme.DEFAULT, Policy.Calculator.AS_ITEM, true);
    }

    /** In one round. */
    public int items() {
        return shares.stream().mapToInt(Share::items).sum();
    }

    /** Tier of an item of a skill, by its place in the share: a few gentle, a few steady, a few steep. */
    public static int tier(int place, int items) {
        return Target.Percent.tier(place, items);
    }
}
