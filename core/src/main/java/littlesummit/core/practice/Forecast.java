package littlesummit.core.practice;

/**
 * What the current item would do to the score.
 *
 * @param ifRight score after getting it right from here, 0 to 100
 * @param ifMissed score after missing it
 * @param atLeast fewest right answers to the target, this one included unless it no longer counts; 0 when it is reached
 */
public record Forecast(int ifRight, int ifMissed, int atLeast) {
    /** More than any target can need: a guard, not a rule. */
    private static final int MOST = 500;

    public static Forecast of(SkillState state) {
        return state.current().filter(item -> !item.isClosed())
                .map(item -> of(state, item))
                .orElseGet(() -> new Forecast(firstTry(state.mastery()).score(),
                        state.mastery().missed(state.mastery().tier()).score(), atLeast(state, state.mastery())));
    }

    private static Forecast of(SkillState state, ItemState item) {
        Mastery missed = state.scored(item, Outcome.MISSED);
        Mastery right = item.anyPartMissed() ? missed : state.scored(item, item.ifRight());
        boolean counts = !item.aided() && !item.anyPartMissed();
        int more = state.reached() ? 0 : atLeast(state, right) + (counts ? 1 : 0);
        return new Forecast(right.score(), missed.score(), more);
    }

    private static Mastery firstTry(Mastery mastery) {
        return mastery.right(mastery.tier(), 0, true);
    }

    private static int atLeast(SkillState state, Mastery from) {
        if (state.reached() || !(state.target() instanceof Target.Score(int wanted))) {
            return 0;
        }
        int n = 0;
        for (Mastery m = from; m.score() < wanted && n < MOST; m = firstTry(m)) {
            n++;
        }
        return n;
    }
}
