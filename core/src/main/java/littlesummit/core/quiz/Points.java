package littlesummit.core.quiz;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Rational;

/**
 * The points of a quiz by its scheme, row by row.
 *
 * @param rows steps in their order, the best round last
 */
public record Points(List<Row> rows, Rational have, int most) {
    private static final Rational TEN = Rational.of(10);

    /**
     * @param have points so far, exactly
     * @param adds what the next thing to do would add, as a sentence
     */
    public record Row(String what, Rational have, int most, String adds) {
        public boolean isFull() {
            return have.compareTo(Rational.of(most)) == 0;
        }
    }

    public Points {
        rows = List.copyOf(rows);
    }

    public static Points of(QuizState state) {
        PointsScheme scheme = state.plan().points();
        List<Row> rows = new ArrayList<>();
        scheme.steps().forEach(step -> rows.add(row(step, state)));
        rows.add(best(scheme, state));
        return new Points(rows, rows.stream().map(Row::have).reduce(Rational.ZERO, Rational::plus), scheme.most());
    }

    private static Row row(PointsScheme.Step step, QuizState state) {
        String what = step.from() == step.to()
                ? "Round " + step.from() + " done and corrected"
                : "Rounds " + step.from() + " to " + step.to() + " done and corrected";
        boolean given = isGiven(step, state);
        return new Row(
                what,
                Rational.of(given ? step.points() : 0),
                step.points(),
                given ? reason(step, state) : stillToDo(step, state));
    }

    /**
     * A step is earned by its rounds, or given when a round has reached the target and no round is left to earn it in.
     */
    private static boolean isGiven(PointsScheme.Step step, QuizState state) {
        return state.reachedIn().filter(n -> step.to() > n).isPresent() && earnedUpTo(step, state)
                || isEarned(step, state);
    }

    private static boolean isEarned(PointsScheme.Step step, QuizState state) {
        return state.rounds().size() >= step.to()
                && state.rounds().subList(step.from() - 1, step.to()).stream().allMatch(Round::isCorrected);
    }

    /** Rounds of the step that were done before the target was reached must be corrected all the same. */
    private static boolean earnedUpTo(PointsScheme.Step step, QuizState state) {
        return state.rounds().stream()
                .filter(r -> r.number() >= step.from() && r.number() <= step.to())
                .allMatch(Round::isCorrected);
    }

    private static String reason(PointsScheme.Step step, QuizState state) {
        return isEarned(step, state)
                ? "earned"
                : "given, because round " + state.reachedIn().orElseThrow() + " reached the target";
    }

    private static String stillToDo(PointsScheme.Step step, QuizState state) {
        Optional<Round> uncorrected = state.rounds().stream()
                .filter(r -> r.number() >= step.from() && r.number() <= step.to() && !r.isOpen() && !r.isCorrected())
                .findFirst();
        if (uncorrected.isPresent()) {
            long notes = uncorrected.get().slots().stream()
                    .filter(s -> s.wantsNote() && s.note().isEmpty())
                    .count();
            return (notes == 1 ? "one correction" : notes + " corrections") + " of round "
                    + uncorrected.get().number()
                    + (step.from() == step.to() ? " would add " + step.points() : " are part of it");
        }
        String round = step.from() == step.to() ? "doing and correcting it" : "doing and correcting all of them";
        return round + " adds " + step.points()
                + (step.from() == 1 ? "" : "; so does reaching " + state.plan().target() + "% before");
    }

    private static Row best(PointsScheme scheme, QuizState state) {
        Rational have = state.best().times(TEN).times(Rational.of(scheme.weight()));
        boolean done = state.rounds().stream().anyMatch(r -> !r.isOpen());
        String adds = have.compareTo(Rational.of(scheme.forTheBest())) == 0
                ? "earned"
                : "each tenth " + (done ? "more in a later round" : "of a round") + " adds " + scheme.weight();
        return new Row("Best round, " + times(scheme.weight()) + " its tenths", have, scheme.forTheBest(), adds);
    }

    private static String times(int weight) {
        return switch (weight) {
            case 1 -> "once";
            case 2 -> "twice";
            case 3 -> "three times";
            default -> weight + " times";
        };
    }
}
