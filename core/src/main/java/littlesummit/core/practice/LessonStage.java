package littlesummit.core.practice;

import java.util.List;

/** Where in a lesson one is: two situations, then practice, then a quiz. */
public enum LessonStage {
    /** The first situation; every small step is asked for by itself. */
    GUIDED,
    /** The second situation, with less help. */
    FREER,
    /** Items of the skill that the lesson leads to, with hints and examples. */
    PRACTICE,
    /** Items of that skill with one try and no help. */
    QUIZ;

    /** The stage of each place of a lesson, in order. */
    public static final List<LessonStage> PLACES = List.of(GUIDED, FREER, PRACTICE, PRACTICE, QUIZ, QUIZ, QUIZ);

    private static final Policy IN_QUIZ = new Policy(
            1, 1, 1, 1, false, false, false, Policy.LineCheck.NEVER, Policy.Calculator.AS_ITEM, Policy.Work.NONE);

    /** Tier of an item here: of the lesson for its situations, of the skill for the rest. */
    int tier() {
        return this == FREER ? 2 : 1;
    }

    /** Whether the item is one of the lesson's own, and not of the skill that it leads to. */
    public boolean isSituation() {
        return this == GUIDED || this == FREER;
    }

    Policy policy(Policy ofTheRest) {
        return this == QUIZ ? IN_QUIZ : ofTheRest;
    }

    /** Whether a stage begins with a place, after another one. */
    public static boolean begins(int place) {
        return place > 0 && PLACES.get(place) != PLACES.get(place - 1);
    }

    /** The stage of a place, and which of how many, such as {@code quiz, 2 of 3}. */
    public static String name(int place) {
        LessonStage stage = PLACES.get(place);
        int first = PLACES.indexOf(stage);
        int all = PLACES.lastIndexOf(stage) - first + 1;
        String of = ", " + (place - first + 1) + " of " + all;
        return switch (stage) {
            case GUIDED -> "First situation, step by step";
            case FREER -> "Second situation, with less help";
            case PRACTICE -> "Practice" + of;
            case QUIZ -> "Quiz" + of + ": one try and no hints";
        };
    }
}
