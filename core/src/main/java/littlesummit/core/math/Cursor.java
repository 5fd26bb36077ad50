package littlesummit.core.math;

import java.util.List;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Token.Kind;

/** A place in the tokens of one entry, with the depth of what is open there. Shared by the parsers of one entry. */
final class Cursor {
    private final List<Token> tokens;
    private int next;
    private int depth;

    Cursor(List<Token> tokens) {
        this.tokens = tokens;
    }

    /** Ends the reading of an entry; caught where the reading began. */
    static final class Stop extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final Problem problem;
        private final int at;

        Stop(Problem problem, int at) {
            super(problem.name(), null, false, false);
            this.problem = problem;
            this.at = at;
        }

        Reading.Stopped reading() {
            return new Reading.Stopped(problem, at);
        }
    }

    Token peek() {
        return tokens.get(next);
    }

    Token peek(int ahead) {
        return tokens.get(Math.clamp((long) next + ahead, 0, tokens.size() - 1));
    }

    Token take() {
        Token token = peek();
        if (next < tokens.size() - 1) {
            next++;
        }
        return token;
    }

    boolean at(Kind kind) {
        return peek().is(kind);
    }

    boolean at(Kind kind, String text) {
        return peek().is(kind, text);
    }

    boolean takeIf(Kind kind, String text) {
        boolean here = at(kind, text);
        if (here) {
            take();
        }
        return here;
    }

    int mark() {
        return next;
    }

    /** One level deeper; every call is paired with {@link #leave()}. */
    void enter() {
        if (++depth > Limits.NESTING) {
            throw new Stop(Problem.TOO_DEEP, peek().at());
        }
    }

    void leave() {
        depth--;
    }

    /** Whether a comma stands directly inside the bracket that opens here, closed or not. */
    boolean commaInBracket() {
        int open = 0;
        for (int i = next; i < tokens.size(); i++) {
            Token t = tokens.get(i);
            if (t.is(Kind.OPEN)) {
                open++;
            } else if (t.is(Kind.CLOSE)) {
                open--;
            } else if (t.is(Kind.COMMA) && open == 1) {
                return true;
            }
            if (open == 0) {
                return false;
            }
        }
        return false;
    }

    /** What to say of the token here, which nobody expected. */
    Stop unexpected() {
        Token here = peek();
        return switch (here.kind()) {
            case END, GAP -> new Stop(Problem.INCOMPLETE, here.at());
            case LETTER -> new Stop(Problem.UNKNOWN_LETTER, here.at());
            case TWO_READINGS -> new Stop(Problem.REPEATING_OR_TIMES, here.at());
            case UNKNOWN_UNIT -> new Stop(Problem.UNKNOWN_UNIT, here.at());
            case UNIT -> new Stop(Problem.UNIT_ALONE, here.at());
            default -> new Stop(Problem.UNEXPECTED, here.at());
        };
    }
}
