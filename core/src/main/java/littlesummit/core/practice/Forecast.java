package littlesummit.core.practice;

import java.time.Instant;

/**
 * What the current item would do, in the target's measure: score, steps, or items right.
 *
 * @param ifRight after getting it right from here
 * @param ifMissed after missing it
 * @param atLeast fewest right answers to the target, this one included unless it no longer counts; 0 when it is reached
 */
public record Forecast(int ifRight, int ifMissed, int atLeast) {
    /** More than any target can need: a guard, not a rule. */
    private static final int MOST = 500;

    /** Of the open item; after a closed one, of the way that is left from there. */
    public static Forecast of(SkillState state) {
        return state.current()
                .filter(item -> !item.isClosed())
                .map(item -> of(state, item))
                .orElseGet(() -> new Forecast(state.measure(), state.measure(), atLeast(state)));
    }

    private static Forecast of(SkillState state, ItemState item) {
        SkillState missed = state.closed(item, Outcome.MISSED, Instant.EPOCH);
        SkillState right = item.anyPartMissed() ? missed : state.closed(item, item.ifRight(), Instant.EPOCH);
        boolean counts = !item.aided() && !item.anyPartMissed();
        int more = state.reached() ? 0 : atLeast(right) + (counts ? 1 : 0);
        return new Forecast(right.measure(), missed.measure(), more);
    }

    private static int atLeast(SkillState from) {
        if (from.reached()) {
            return 0;
        }
        return switch (from.target()) {
            case Target.Score(int wanted) -> toScore(from.mastery(), wanted);
            case Target.Run run -> from.standing() instanceof Standing.Running r ? toEnd(r, run) : 0;
            case Target.Percent p -> p.needed() - from.measure();
            case Target.Quiz q -> 0;
            case Target.Check c -> 0;
            case Target.Lesson l -> l.flag() - from.measure();
        };
    }

    private static int toScore(Mastery from, int wanted) {
        int n = 0;
        for (Mastery m = from; m.score() < wanted && n < MOST; m = m.right(m.tier(), 0, true)) {
            n++;
        }
        return n;
    }

    private static int toEnd(Standing.Running from, Target.Run run) {
        int n = 0;
        for (Standing.Running r = from;
                r.inRow() < run.inRow() && r.steps() < run.steps();
                r = r.after(Outcome.UNAIDED_FIRST, run)) {
            n++;
        }
        return n;
    }
}
