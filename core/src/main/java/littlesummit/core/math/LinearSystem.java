package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

/** Linear equations that hold together, solved exactly by elimination. */
public final class LinearSystem {
    private LinearSystem() {}

    /** What solves a system. */
    public sealed interface Solution {
        /** One number for each letter. */
        record Point(Map<String, Rational> values) implements Solution {}

        record None() implements Solution {}

        record Many() implements Solution {}
    }

    /**
     * @param equations left and right side of each
     * @return empty where one of them is not linear with rational coefficients
     */
    public static Optional<Solution> solve(List<List<Expr>> equations) {
        TreeSet<String> letters = new TreeSet<>();
        equations.forEach(sides -> letters.addAll(Solver.letters(sides.get(0), sides.get(1))));
        List<String> columns = List.copyOf(letters);
        List<Rational[]> rows = new ArrayList<>();
        for (List<Expr> sides : equations) {
            Optional<Rational[]> row = row(sides, columns);
            if (row.isEmpty()) {
                return Optional.empty();
            }
            rows.add(row.get());
        }
        return Optional.of(eliminated(rows, columns));
    }

    /** Coefficients in the order of the letters, and the constant that they add up to. */
    private static Optional<Rational[]> row(List<Expr> sides, List<String> letters) {
        RationalFunction f;
        try {
            f = Canonical.of(sides.get(0)).minus(Canonical.of(sides.get(1)));
        } catch (MathProblem problem) {
            return Optional.empty();
        }
        if (!f.den().isConstant() || !f.num().isOrdinary() || f.num().degree() > 1) {
            return Optional.empty();
        }
        Rational[] row = new Rational[letters.size() + 1];
        Polynomial rest = f.num();
        for (int i = 0; i < letters.size(); i++) {
            Polynomial coefficient = f.num().coefficient(letters.get(i), 1);
            row[i] = coefficient.asRational().orElse(Rational.ZERO);
            rest = rest.minus(Polynomial.letter(letters.get(i)).times(row[i]));
        }
        row[letters.size()] = rest.asRational().orElse(Rational.ZERO).negate();
        return Optional.of(row);
    }

    private static Solution eliminated(List<Rational[]> rows, List<String> letters) {
        int size = letters.size();
        int done = 0;
        for (int column = 0; column < size; column++) {
            int pivot = done;
            while (pivot < rows.size() && rows.get(pivot)[column].isZero()) {
                pivot++;
            }
            if (pivot == rows.size()) {
                continue;
            }
            Rational[] top = rows.get(pivot);
            rows.set(pivot, rows.get(done));
            rows.set(done, scaled(top, top[column].reciprocal()));
            for (int r = 0; r < rows.size(); r++) {
                if (r != done) {
                    rows.set(r, minus(rows.get(r), scaled(rows.get(done), rows.get(r)[column])));
                }
            }
            done++;
        }
        boolean isContradiction = rows.stream().skip(done).anyMatch(row -> !row[size].isZero());
        if (isContradiction) {
            return new Solution.None();
        }
        if (done < size) {
            return new Solution.Many();
        }
        Map<String, Rational> values = new TreeMap<>();
        for (int i = 0; i < size; i++) {
            values.put(letters.get(i), rows.get(i)[size]);
        }
        return new Solution.Point(values);
    }

    private static Rational[] scaled(Rational[] row, Rational factor) {
        Rational[] scaled = new Rational[row.length];
        for (int i = 0; i < row.length; i++) {
            scaled[i] = row[i].times(factor);
        }
        return scaled;
    }

    private static Rational[] minus(Rational[] a, Rational[] b) {
        Rational[] difference = new Rational[a.length];
        for (int i = 0; i < a.length; i++) {
            difference[i] = a[i].minus(b[i]);
        }
        return difference;
    }

    /** An expression with the numbers of a point for its letters. */
    public static Expr at(Expr expr, Map<String, Rational> point) {
        Expr changed = expr;
        for (Map.Entry<String, Rational> value : point.entrySet()) {
            changed = changed.with(value.getKey(), value.getValue());
        }
        return changed;
    }
}
