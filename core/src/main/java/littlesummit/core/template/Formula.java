package littlesummit.core.template;

import java.util.HashSet;
import java.util.Set;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/**
 * A formula or condition of an author, read by the grammar that students type.
 *
 * @param text as it was written
 * @param at where it stands
 */
record Formula(String text, Statement statement, Place at) {
    /** What stands in a formula for a number that is hidden; an author may call a value so all the same. */
    static final String BOX = "box";

    /**
     * The names that a formula may use.
     *
     * @param letters that stand for themselves
     * @param names of values
     */
    record Names(Set<String> letters, Set<String> names) {
        Names {
            letters = Set.copyOf(letters);
            names = Set.copyOf(names);
        }

        Names with(String name) {
            Set<String> more = new HashSet<>(names);
            more.add(name);
            return new Names(letters, more);
        }

        private Syntax syntax() {
            return Syntax.formula(letters, new Syntax.Vocabulary(with(BOX).names(), Functions.NAMES));
        }
    }

    static Formula read(Node.Scalar node, Names names) {
        return read(node.text(), node.at(), names);
    }

    /** @throws Refused with the place in the formula */
    static Formula read(String text, Place at, Names names) {
        return switch (Parser.read(text, names.syntax())) {
            case Reading.Understood(Statement statement) -> {
                Formula formula = new Formula(text, statement, at);
                Functions.check(formula);
                yield formula;
            }
            case Reading.Stopped(Reading.Problem problem, int place) ->
                throw new Refused(at, "“" + text + "” cannot be read" + why(text, problem, place, names));
        };
    }

    private static String why(String text, Reading.Problem problem, int place, Names names) {
        String rest = text.substring(Math.min(place, text.length()));
        return switch (problem) {
            case UNKNOWN_LETTER, WORD, LARGE_LETTER ->
                ": nothing is called “" + rest.replaceAll("^([A-Za-z][A-Za-z0-9]*).*$", "$1") + "” here. "
                        + (names.names().isEmpty()
                                ? "No name has been given yet."
                                : "Names so far: "
                                        + String.join(
                                                ", ",
                                                names.names().stream().sorted().toList()) + ".");
            case BLANK -> ": there is nothing.";
            case NOT_CLOSED -> ": a bracket is not closed.";
            case INCOMPLETE -> ": it ends too early.";
            default -> rest.isBlank() ? ": it ends too early." : " from “" + rest + "” on.";
        };
    }

    /** @throws Refused where it is no expression, but a condition or a list */
    Expr expr() {
        if (statement instanceof Statement.Value(Expr expr)) {
            return expr;
        }
        throw new Refused(at, "“" + text + "” should be one expression, without a relation sign or comma.");
    }

    /** @throws Refused where it is no condition */
    Formula condition() {
        if (!isCondition()) {
            throw new Refused(at, "“" + text + "” should be a condition, such as “a < b” or “gcd(a, b) = 1”.");
        }
        return this;
    }

    boolean isCondition() {
        return isCondition(statement);
    }

    private static boolean isCondition(Statement statement) {
        return switch (statement) {
            case Statement.Relations r -> true;
            case Statement.Sequence(Statement.Joiner joiner, var items) ->
                items.stream().allMatch(Formula::isCondition);
            default -> false;
        };
    }
}
