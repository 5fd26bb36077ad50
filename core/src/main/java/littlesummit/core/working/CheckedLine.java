package littlesummit.core.working;

import java.util.Optional;

/**
 * What is to be said of one line.
 *
 * @param message for the student; empty where there is nothing to say
 * @param place LaTeX of the piece of the line before, or of this line, to look at
 * @param at index from 0 of the first character not understood, −1 for nowhere
 */
public record CheckedLine(LineVerdict verdict, Optional<Slip> slip, String message, Optional<String> place, int at) {
    static CheckedLine of(LineVerdict verdict) {
        return new CheckedLine(verdict, Optional.empty(), "", Optional.empty(), -1);
    }

    static CheckedLine unreadable(String message, int at) {
        return new CheckedLine(LineVerdict.UNREADABLE, Optional.empty(), message, Optional.empty(), at);
    }

    /** The same without the piece to look at. */
    public CheckedLine withoutPlace() {
        return new CheckedLine(verdict, slip, message, Optional.empty(), at);
    }

    /** Right, with something to keep in mind. */
    static CheckedLine follows(String note) {
        return new CheckedLine(LineVerdict.FOLLOWS, Optional.empty(), note, Optional.empty(), -1);
    }

    static CheckedLine fails(Optional<Slip> slip, Optional<String> place) {
        String message = slip.map(Slip::sentence)
                .orElse("This does not follow from the line before. Compare the two, piece by piece.");
        return new CheckedLine(LineVerdict.DOES_NOT_FOLLOW, slip, message, place, -1);
    }

    /** @param place LaTeX of what to look at */
    record FoundSlip(Slip slip, Optional<String> place) {}
}
