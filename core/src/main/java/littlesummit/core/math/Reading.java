package littlesummit.core.math;

/** What came of reading an entry: a statement, or the place and the reason where reading stopped. */
public sealed interface Reading {

    record Understood(Statement statement) implements Reading {}

    /** @param at index of the first character not understood, from 0; the length when more was expected */
    record Stopped(Problem problem, int at) implements Reading {}

    /** Why reading stopped. */
    enum Problem {
        BLANK,
        TOO_LONG,
        TOO_DEEP,
        UNEXPECTED,
        INCOMPLETE,
        NOT_CLOSED,
        UNKNOWN_LETTER,
        LARGE_LETTER,
        WORD,
        TWO_NUMBERS,
        NUMBER_BEHIND_LETTER,
        TWO_POINTS,
        REPEATING_OR_TIMES,
        FUNCTION_WITHOUT_BRACKETS,
        MATRIX,
        SET_BY_RULE,
        ABOUT,
        SUM_SIGN,
        INTEGRAL,
        LIMIT,
        PIECES,
        CONDITION_MISSING,
        VECTOR,
        CONGRUENCE,
        CURRENCY,
        REMAINDER,
        CALENDAR,
        CLOCK,
        UNKNOWN_UNIT,
        UNIT_ALONE,
        NO_SUCH_DAY,
        UNIT_HERE,
        TOO_LARGE
    }
}
