package littlesummit.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;

/** Matrices, entry by entry. */
final class MatrixGrader {
    private MatrixGrader() {}

    static Verdict grade(Statement expected, Statement entry) {
        List<List<Expr>> right = rows(expected);
        List<List<Expr>> typed = rows(entry);
        if (isSame(right, typed)) {
            return Verdict.CORRECT;
        }
        if (isSame(right, turned(typed))) {
            return Verdict.slip(Reason.TRANSPOSED);
        }
        boolean sameSize = right.size() == typed.size()
                && right.getFirst().size() == typed.getFirst().size();
        if (!sameSize) {
            return Verdict.slip(Reason.MATRIX_SIZE);
        }
        return isSame(right, negated(typed)) ? Verdict.slip(Reason.SIGN) : Verdict.incorrect();
    }

    /** Rows of one length. */
    private static List<List<Expr>> rows(Statement statement) {
        List<List<Expr>> rows = statement instanceof Statement.Delimited(char open, List<Statement> all, char close)
                ? all.stream().map(MatrixGrader::cells).toList()
                : List.of();
        if (rows.isEmpty() || rows.stream().map(List::size).distinct().count() > 1) {
            throw new Entries.WrongKind(Reason.MATRIX_WANTED);
        }
        return rows;
    }

    private static List<Expr> cells(Statement row) {
        return row instanceof Statement.Delimited(char open, List<Statement> cells, char close)
                ? cells.stream()
                        .flatMap(
                                cell -> cell instanceof Statement.Value(Expr value) ? Stream.of(value) : Stream.empty())
                        .toList()
                : List.of();
    }

    private static boolean isSame(List<List<Expr>> a, List<List<Expr>> b) {
        if (a.size() != b.size() || a.getFirst().size() != b.getFirst().size()) {
            return false;
        }
        for (int i = 0; i < a.size(); i++) {
            for (int k = 0; k < a.getFirst().size(); k++) {
                if (!Numbers.areSame(a.get(i).get(k), b.get(i).get(k))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static List<List<Expr>> turned(List<List<Expr>> rows) {
        List<List<Expr>> columns = new ArrayList<>();
        for (int k = 0; k < rows.getFirst().size(); k++) {
            int column = k;
            columns.add(rows.stream().map(row -> row.get(column)).toList());
        }
        return columns;
    }

    private static List<List<Expr>> negated(List<List<Expr>> rows) {
        return rows.stream()
                .map(row -> row.stream().<Expr>map(Expr.Neg::new).toList())
                .toList();
    }
}
