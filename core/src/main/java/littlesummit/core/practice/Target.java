package littlesummit.core.practice;

import java.util.Optional;

/** What counts as finished. */
public sealed interface Target {
    /** @param score mastery score to reach, 1 to 100 */
    record Score(int score) implements Target {}

    /**
     * @param inRow right in a row that reach it at once
     * @param steps steps that reach it otherwise
     */
    record Run(int inRow, int steps) implements Target {}

    /**
     * @param percent share right to reach
     * @param items size of the fixed set
     */
    record Percent(int percent, int items) implements Target {
        /** Tier of an item of the set, by its place: shares as in the weights of the score. */
        public static int tier(int place, int items) {
            double share = (place + 0.5) / items;
            return share < Mastery.WEIGHTS[0] ? 1 : share < Mastery.WEIGHTS[0] + Mastery.WEIGHTS[1] ? 2 : 3;
        }

        /** Items that must be right. */
        public int needed() {
            return Math.ceilDiv(percent * items, 100);
        }
    }

    /** @param percent quiz score to reach */
    record Quiz(int percent) implements Target {}

    /** A lesson, worked through to the end: all places of {@link LessonStage}. */
    record Lesson() implements Target {}

    /** The starting check, taken once since it was set. */
    record Check() implements Target {}

    /** Whether the mastery score is what is watched. */
    default boolean isByScore() {
        return this instanceof Score || this instanceof Quiz;
    }

    /** Where the flag stands, in the target's measure. */
    default int flag() {
        return switch (this) {
            case Score(int score) -> score;
            case Run(int inRow, int steps) -> steps;
            case Percent p -> p.needed();
            case Quiz q -> 100;
            case Check c -> 1;
            case Lesson l -> LessonStage.PLACES.size();
        };
    }

    /** The name in files, such as {@code score:80}. */
    default String code() {
        return switch (this) {
            case Score(int score) -> "score:" + score;
            case Run(int inRow, int steps) -> "run:" + inRow + "/" + steps;
            case Percent(int percent, int items) -> "percent:" + percent + "/" + items;
            case Quiz(int percent) -> "quiz:" + percent;
            case Check c -> "check";
            case Lesson l -> "lesson";
        };
    }

    /** Empty for a name that is none or a number out of range. */
    static Optional<Target> of(String code) {
        if (code.equals("check")) {
            return Optional.of(new Check());
        }
        if (code.equals("lesson")) {
            return Optional.of(new Lesson());
        }
        String[] parts = code.split("[:/]");
        try {
            int first = Integer.parseInt(parts[1]);
            int second = parts.length > 2 ? Integer.parseInt(parts[2]) : 0;
            return switch (parts[0]) {
                case "score" -> in(first, 100).map(n -> new Score(n));
                case "run" -> in(first, 20).flatMap(n -> in(second, 50)).map(n -> new Run(first, n));
                case "percent" -> in(first, 100).flatMap(n -> in(second, 60)).map(n -> new Percent(first, n));
                case "quiz" -> in(first, 100).map(n -> new Quiz(n));
                default -> Optional.empty();
            };
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException notATarget) {
            return Optional.empty();
        }
    }

    private static Optional<Integer> in(int n, int most) {
        return n >= 1 && n <= most ? Optional.of(n) : Optional.empty();
    }
}
