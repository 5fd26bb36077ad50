package littlesummit.core.grading;

import java.util.List;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Statement;

/** Turns what reading and computing cannot do into verdicts. */
final class Entries {
    private Entries() {}

    /** Where nothing of the kind is there at all, what is wanted says more than where reading stopped. */
    static Verdict.Unreadable unreadable(Kind kind, Reading.Stopped stopped) {
        Problem problem = stopped.problem();
        if (kind == Kind.TIME && problem == Problem.UNEXPECTED) {
            return new Verdict.Unreadable(Reason.TIME_WANTED, stopped.at());
        }
        if (kind == Kind.DATE && problem == Problem.UNEXPECTED) {
            return new Verdict.Unreadable(Reason.DATE_WANTED, stopped.at());
        }
        return kind == Kind.MATRIX && problem == Problem.MATRIX
                ? new Verdict.Unreadable(Reason.MATRIX_WANTED, stopped.at())
                : unreadable(stopped);
    }

    static Verdict.Unreadable unreadable(Reading.Stopped stopped) {
        Reason reason =
                switch (stopped.problem()) {
                    case BLANK -> Reason.BLANK;
                    case TOO_LONG -> Reason.TOO_LONG;
                    case TOO_DEEP -> Reason.TOO_DEEP;
                    case UNEXPECTED -> Reason.SYNTAX;
                    case INCOMPLETE -> Reason.INCOMPLETE;
                    case NOT_CLOSED -> Reason.NOT_CLOSED;
                    case UNKNOWN_LETTER -> Reason.UNKNOWN_VARIABLE;
                    case WORD -> Reason.WORD;
                    case LARGE_LETTER -> Reason.LARGE_LETTER;
                    case TWO_NUMBERS -> Reason.TWO_NUMBERS;
                    case NUMBER_BEHIND_LETTER -> Reason.NUMBER_BEHIND_LETTER;
                    case TWO_POINTS -> Reason.TWO_POINTS;
                    case REPEATING_OR_TIMES -> Reason.REPEATING_OR_TIMES;
                    case FUNCTION_WITHOUT_BRACKETS -> Reason.FUNCTION_WITHOUT_BRACKETS;
                    case MATRIX -> Reason.MATRIX;
                    case SET_BY_RULE -> Reason.SET_BY_RULE;
                    case ABOUT -> Reason.ABOUT;
                    case SUM_SIGN -> Reason.SUM_SIGN;
                    case INTEGRAL -> Reason.INTEGRAL;
                    case LIMIT -> Reason.LIMIT;
                    case PIECES -> Reason.PIECES;
                    case CONDITION_MISSING -> Reason.PIECES_WANTED;
                    case VECTOR -> Reason.VECTOR;
                    case CONGRUENCE -> Reason.CONGRUENCE;
                    case CURRENCY -> Reason.CURRENCY;
                    case REMAINDER -> Reason.REMAINDER;
                    case CALENDAR -> Reason.CALENDAR;
                    case CLOCK -> Reason.CLOCK;
                    case NO_SUCH_DAY -> Reason.NO_SUCH_DAY;
                    case UNKNOWN_UNIT -> Reason.UNKNOWN_UNIT;
                    case UNIT_ALONE -> Reason.NUMBER_MISSING;
                    case UNIT_HERE -> Reason.SYNTAX;
                    case TOO_LARGE -> Reason.TOO_LARGE;
                };
        return new Verdict.Unreadable(reason, stopped.at());
    }

    static Verdict.Unreadable unreadable(MathProblem problem) {
        Reason reason =
                switch (problem.kind()) {
                    case UNDEFINED -> Reason.UNDEFINED;
                    case TOO_LARGE -> Reason.TOO_LARGE;
                    case NOT_SUPPORTED -> Reason.NOT_SUPPORTED;
                };
        return new Verdict.Unreadable(reason, 0);
    }

    /**
     * Each way in which an entry can be meant, as a number.
     *
     * @param wanted what is said where it is none
     * @throws WrongKind where it is none
     */
    static List<Integer> numbers(Statement entry, Reason wanted) {
        return switch (entry) {
            case Statement.Value(Expr.Num n) -> List.of(n.digits().intValueExact());
            case Statement.Sequence(var joiner, List<Statement> both) ->
                both.stream().flatMap(one -> numbers(one, wanted).stream()).toList();
            default -> throw new WrongKind(wanted);
        };
    }

    /** Ends the grading of an entry of the wrong kind; caught in {@link Grader}. */
    static final class WrongKind extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final Reason reason;

        WrongKind(Reason reason) {
            super(reason.code(), null, false, false);
            this.reason = reason;
        }

        Reason reason() {
            return reason;
        }
    }
}
