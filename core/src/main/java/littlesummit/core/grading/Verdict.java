package littlesummit.core.grading;

import java.util.Optional;

/** What one entry is worth. */
public sealed interface Verdict {
    Verdict CORRECT = new Correct();

    /** Right value, in the form asked. */
    record Correct() implements Verdict {}

    /** Right value, not in the form asked. */
    record WrongForm(Reason reason) implements Verdict {}

    /** Another value; the slip is named where one shows. */
    record Incorrect(Optional<Reason> slip) implements Verdict {}

    /**
     * Never costs a try.
     *
     * @param at index of the first character not understood, from 0
     */
    record Unreadable(Reason reason, int at) implements Verdict {}

    static Verdict form(Reason reason) {
        return new WrongForm(reason);
    }

    static Verdict incorrect() {
        return new Incorrect(Optional.empty());
    }

    static Verdict slip(Reason slip) {
        return new Incorrect(Optional.of(slip));
    }

    /** The name in files: correct, form, incorrect or unreadable. */
    default String code() {
        return switch (this) {
            case Correct c -> "correct";
            case WrongForm f -> "form";
            case Incorrect i -> "incorrect";
            case Unreadable u -> "unreadable";
        };
    }

    default Optional<Reason> why() {
        return switch (this) {
            case Correct c -> Optional.empty();
            case WrongForm(Reason reason) -> Optional.of(reason);
            case Incorrect(Optional<Reason> slip) -> slip;
            case Unreadable(Reason reason, int at) -> Optional.of(reason);
        };
    }

    /** A sentence for the student. */
    default String message() {
        return switch (this) {
            case Correct c -> "Right.";
            case WrongForm(Reason reason) -> reason.message();
            case Incorrect(Optional<Reason> slip) ->
                slip.orElse(Reason.OTHER_VALUE).message();
            case Unreadable(Reason reason, int at) -> reason.message();
        };
    }
}
