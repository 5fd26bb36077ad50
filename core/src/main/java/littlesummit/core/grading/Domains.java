package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.RealSet;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;
import littlesummit.core.math.Statement.Relation;

/** What part of the real line a statement describes. */
final class Domains {
    private Domains() {}

    static RealSet of(Statement statement) {
        return switch (statement) {
            case Statement.Relations(List<Expr> sides, List<Relation> signs) -> Inequalities.solve(sides, signs);
            case Statement.Sequence(Joiner joiner, List<Statement> items) -> sequence(joiner, items);
            case Statement.Delimited(char open, List<Statement> items, char close) ->
                open == '{' ? points(items) : interval(open, items, close);
            case Statement.Union(List<Statement> parts) ->
                parts.stream().map(Domains::of).reduce(RealSet.EMPTY, RealSet::union);
            case Statement.Nothing n -> RealSet.EMPTY;
            case Statement.Reals(List<Expr> except) ->
                except.stream()
                        .map(Domains::point)
                        .reduce(RealSet.EMPTY, RealSet::union)
                        .complement();
            case Statement.SetBuilder(String letter, Statement condition) -> of(condition);
            case Statement.Value v -> throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
            case Statement.Measure m -> throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
            case Statement.Measures m -> throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
            case Statement.Continued c -> throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
        };
    }

    private static RealSet points(List<Statement> items) {
        return items.stream().map(Domains::point).reduce(RealSet.EMPTY, RealSet::union);
    }

    private static RealSet point(Statement item) {
        if (item instanceof Statement.Value(Expr expr)) {
            return point(expr);
        }
        throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
    }

    private static RealSet point(Expr expr) {
        return RealSet.point(number(expr));
    }

    static RationalFunction number(Expr expr) {
        if (!Numbers.isOne(expr)) {
            throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
        }
        RationalFunction value = Canonical.of(expr);
        if (!value.isConstantNumber()) {
            throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
        }
        return value;
    }

    private static RealSet interval(char open, List<Statement> items, char close) {
        if (items.size() != 2
                || !(items.get(0) instanceof Statement.Value(Expr low))
                || !(items.get(1) instanceof Statement.Value(Expr high))) {
            throw new Entries.WrongKind(Reason.DOMAIN_WANTED);
        }
        Optional<RationalFunction> from = bound(low, true);
        Optional<RationalFunction> to = bound(high, false);
        if (from.isEmpty() && open == '[' || to.isEmpty() && close == ']') {
            throw new Entries.WrongKind(Reason.INFINITY_OPEN);
        }
        if (from.isPresent() && to.isPresent() && Equality.compare(from.get(), to.get()) > 0) {
            throw new Entries.WrongKind(Reason.INTERVAL_ORDER);
        }
        return RealSet.of(new RealSet.Interval(from, open == '[', to, close == ']'));
    }

    private static Optional<RationalFunction> bound(Expr end, boolean lower) {
        boolean minus = end instanceof Expr.Neg(Expr.Infinity i);
        if (minus || end instanceof Expr.Infinity) {
            if (minus != lower) {
                throw new Entries.WrongKind(Reason.INTERVAL_ORDER);
            }
            return Optional.empty();
        }
        return Optional.of(number(end));
    }

    private static RealSet sequence(Joiner joiner, List<Statement> items) {
        return switch (joiner) {
            case AND -> allOf(items);
            case OR -> items.stream().map(Domains::of).reduce(RealSet.EMPTY, RealSet::union);
            case COMMA -> commas(items);
        };
    }

    /**
     * Between "is not" conditions a comma means both; between "is" conditions it means either; else it is not clear.
     */
    private static RealSet commas(List<Statement> items) {
        if (isExclusion(items.getFirst())
                && items.stream().allMatch(i -> isExclusion(i) || i instanceof Statement.Value)) {
            return allOf(items);
        }
        boolean equalities = items.stream()
                .allMatch(i -> i instanceof Statement.Relations(var sides, var signs)
                        && signs.equals(List.of(Relation.EQUAL)));
        if (equalities) {
            return items.stream().map(Domains::of).reduce(RealSet.EMPTY, RealSet::union);
        }
        throw new Entries.WrongKind(
                items.stream().allMatch(Statement.Value.class::isInstance) ? Reason.DOMAIN_WANTED : Reason.AND_OR_OR);
    }

    private static boolean isExclusion(Statement item) {
        return item instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                && signs.equals(List.of(Relation.NOT_EQUAL));
    }

    /**
     * All hold at once; a bare value behind an exclusion is excluded too, and so is what a comma list inside excludes.
     */
    private static RealSet allOf(List<Statement> items) {
        RealSet result = RealSet.ALL;
        for (Statement item : items) {
            boolean excluded = item instanceof Statement.Value && isExcluding(items.getFirst());
            result = result.intersection(excluded ? point(item).complement() : of(item));
        }
        return result;
    }

    private static boolean isExcluding(Statement first) {
        return first instanceof Statement.Sequence(Joiner joiner, List<Statement> items)
                ? isExclusion(items.getFirst())
                : isExclusion(first);
    }
}
