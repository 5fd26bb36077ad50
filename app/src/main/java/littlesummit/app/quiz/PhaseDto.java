package littlesummit.app.quiz;

import littlesummit.core.quiz.QuizState;

/** Where somebody is in a quiz, as it is sent; see {@link QuizState.Phase}. */
public enum PhaseDto {
    READY,
    RUNNING,
    CORRECTING,
    FINISHED;

    public static PhaseDto of(QuizState.Phase core) {
        return switch (core) {
            case READY -> READY;
            case RUNNING -> RUNNING;
            case CORRECTING -> CORRECTING;
            case FINISHED -> FINISHED;
        };
    }
}
