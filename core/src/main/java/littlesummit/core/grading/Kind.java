package littlesummit.core.grading;

import java.util.Locale;
import java.util.Optional;

/** What is compared. */
public enum Kind {
    NUMBER,
    EXPRESSION,
    EQUATION,
    PAIR,
    SET,
    DOMAIN,
    QUANTITY,
    /** A quotient and what remains. */
    REMAINDER,
    /** A time of day. */
    TIME,
    /** A day of the calendar. */
    DATE,
    /** A complex number. */
    COMPLEX,
    MATRIX,
    /** A function whose rule depends on where one is. */
    PIECES,
    CHOICE,
    /** Words that a person reads. */
    WORDS;

    /** The name in files and messages, such as {@code number}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Kind> of(String code) {
        for (Kind kind : values()) {
            if (kind.code().equals(code)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }
}
