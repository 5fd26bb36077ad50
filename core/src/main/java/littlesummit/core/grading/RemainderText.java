package littlesummit.core.grading;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;
import littlesummit.core.math.Syntax;

/**
 * A quotient with its remainder: 7 R 2, 7 r 2, 7 rem. 2, 7 remainder 2, LaTeX with the R as text; without one the
 * remainder is 0. Read as two values side by side.
 */
final class RemainderText {
    private static final Pattern SIGN =
            Pattern.compile("[,;]?\\s*(?:and\\s+|with\\s+)?(?:a\\s+)?(?:\\\\(?:text|mathrm|operatorname)\\s*\\{)?\\s*"
                    + "(?<![A-Za-z])(?:remainder|rem\\.?|R|r)(?![A-Za-z])(?:\\s+of(?![A-Za-z])|\\s*[:=])?\\s*}?");

    private static final Statement ZERO = new Statement.Value(Expr.Num.of(0));

    private RemainderText() {}

    static Reading read(String entry, Syntax syntax) {
        String text = entry.replace("\\,", "  ").replace("\\ ", "  ");
        Matcher sign = SIGN.matcher(text);
        if (!sign.find()) {
            return both(Parser.read(text, syntax), new Reading.Understood(ZERO), 0);
        }
        int behind = sign.end();
        return both(
                Parser.read(text.substring(0, sign.start()), syntax),
                Parser.read(text.substring(behind), syntax),
                behind);
    }

    private static Reading both(Reading quotient, Reading remainder, int behind) {
        return switch (quotient) {
            case Reading.Stopped stopped -> stopped;
            case Reading.Understood(Statement first) ->
                switch (remainder) {
                    case Reading.Stopped(Problem problem, int at) ->
                        new Reading.Stopped(problem == Problem.BLANK ? Problem.INCOMPLETE : problem, at + behind);
                    case Reading.Understood(Statement second) ->
                        new Reading.Understood(new Statement.Sequence(Joiner.COMMA, List.of(first, second)));
                };
        };
    }
}
