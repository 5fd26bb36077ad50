package littlesummit.core.working;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Fn;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement;

/** Numbers put in for letters of a formula, and nothing else done. */
final class PutIn {
    private final Map<String, Expr> values = new HashMap<>();

    private PutIn() {}

    /** Whether the line is the formula with a number in place of one letter at least, the same one everywhere. */
    static boolean is(Statement formula, Statement line) {
        PutIn putIn = new PutIn();
        return putIn.fits(formula, line) && !putIn.values.isEmpty();
    }

    private boolean fits(Statement formula, Statement line) {
        if (formula instanceof Statement.Value(Expr pattern) && line instanceof Statement.Value(Expr written)) {
            return fits(pattern, written);
        }
        return formula instanceof Statement.Relations(List<Expr> patterns, var signs)
                && line instanceof Statement.Relations(List<Expr> sides, var same)
                && signs.equals(same)
                && fits(patterns, sides);
    }

    private boolean fits(List<Expr> patterns, List<Expr> written) {
        if (patterns.size() != written.size()) {
            return false;
        }
        for (int i = 0; i < patterns.size(); i++) {
            if (!fits(patterns.get(i), written.get(i))) {
                return false;
            }
        }
        return true;
    }

    private boolean fits(Expr pattern, Expr written) {
        if (pattern.equals(written)) {
            return true;
        }
        if (pattern instanceof Expr.Letter(String name)
                && Solver.letters(written).isEmpty()) {
            Expr known = values.putIfAbsent(name, written);
            return known == null || known.equals(written);
        }
        boolean alike = pattern.getClass() == written.getClass()
                && !pattern.children().isEmpty()
                && !(pattern instanceof Expr.Root(int index, Expr in)
                        && written instanceof Expr.Root(int other, Expr out)
                        && index != other)
                && !(pattern instanceof Expr.Call(Fn fn, var ofPattern)
                        && written instanceof Expr.Call(Fn otherFn, var ofWritten)
                        && fn != otherFn);
        return alike && fits(pattern.children(), written.children());
    }
}
