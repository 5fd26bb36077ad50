package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.item.Field;
import littlesummit.core.item.Option;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Reading;
import littlesummit.core.math.SolutionSet;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/** No option that counts as wrong is true for the numbers that were drawn: every way of being right is right. */
final class OptionLaws {
    private static final Syntax SYNTAX = Syntax.line(Set.of("x", "y", "n", "a"));

    private OptionLaws() {}

    static void check(Field field, String at) {
        List<Option> options = field.response().options();
        Set<String> right = Set.of(field.answer().expected().split(","));
        for (Option good : options) {
            for (Option bad : options) {
                if (right.contains(good.id()) && !right.contains(bad.id())) {
                    assertFalse(
                            sayTheSame(good.text(), bad.text()),
                            () -> at + ": " + bad.text() + " is as right as " + good.text());
                }
            }
        }
    }

    static boolean sayTheSame(String one, String other) {
        Optional<Statement> first = read(one);
        Optional<Statement> second = read(other);
        try {
            return first.isPresent() && second.isPresent() && same(first.get(), second.get());
        } catch (MathProblem undecided) {
            return false;
        }
    }

    private static Optional<Statement> read(String text) {
        return text.matches("\\$[^$]+\\$")
                        && Parser.read(text.substring(1, text.length() - 1), SYNTAX)
                                instanceof Reading.Understood(Statement statement)
                ? Optional.of(statement)
                : Optional.empty();
    }

    private static boolean same(Statement one, Statement other) {
        if (one instanceof Statement.Value(Expr a) && other instanceof Statement.Value(Expr b)) {
            return Equality.same(Canonical.of(a), Canonical.of(b));
        }
        Optional<SolutionSet> first = solved(one);
        return first.isPresent() && first.equals(solved(other));
    }

    private static Optional<SolutionSet> solved(Statement statement) {
        if (!(statement instanceof Statement.Relations(List<Expr> sides, List<Statement.Relation> signs))
                || signs.size() != 1) {
            return Optional.empty();
        }
        Set<String> letters = Solver.letters(sides.get(0), sides.get(1));
        return letters.size() == 1
                ? Optional.of(Solver.solve(
                        sides.get(0),
                        signs.getFirst(),
                        sides.get(1),
                        letters.iterator().next()))
                : Optional.empty();
    }
}
