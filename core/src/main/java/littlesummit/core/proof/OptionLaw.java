package littlesummit.core.proof;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
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

/**
 * No option that counts as wrong is, for the numbers drawn, as true as the right one: an equal expression, or an
 * equation with the same solutions. Where they are equal in most items the author means it: the question is then one
 * of form.
 */
public final class OptionLaw implements Law {
    private static final double BY_CHANCE = 0.5;
    private static final Syntax SYNTAX = Syntax.line(Set.of("a", "b", "c", "k", "m", "n", "t", "x", "y", "z"));

    /** A wrong option, and the right one it equals. */
    public record Pair(Option bad, Option good) {
        @Override
        public String toString() {
            return bad.text() + " is as right as " + good.text();
        }
    }

    private final Findings findings = new Findings();
    private final Map<String, Integer> seen = new HashMap<>();

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        for (int p = 0; p < item.parts().size(); p++) {
            for (Field field : item.parts().get(p).fields()) {
                if (field.response().options().isEmpty()) {
                    continue;
                }
                String place = ItemTexts.part(item, p) + ", field " + field.id();
                seen.merge(place, 1, Integer::sum);
                if (asRight(field).isPresent()) {
                    findings.add(place, "With these numbers a wrong option is as right as the right one.", item);
                }
            }
        }
    }

    @Override
    public List<Finding> findings() {
        return findings.list(0).stream()
                .map(f -> new Finding(f.place(), f.sentence(), f.times(), seen.get(f.place()), f.example()))
                .filter(f -> f.times() < BY_CHANCE * f.of())
                .toList();
    }

    /** The first wrong option of a field that is as right as one of the right ones. */
    public static Optional<Pair> asRight(Field field) {
        List<Option> options = field.response().options();
        Set<String> right = Set.of(field.answer().expected().split(","));
        return options.stream()
                .filter(good -> right.contains(good.id()))
                .flatMap(good -> options.stream()
                        .filter(bad -> !right.contains(bad.id()) && sayTheSame(good.text(), bad.text()))
                        .map(bad -> new Pair(bad, good)))
                .findFirst();
    }

    /** Whether two texts, each mathematics and nothing else, are equal or have the same solutions. */
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
