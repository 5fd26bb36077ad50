package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Equality against a general-purpose computer algebra library (Symja) over generated pairs, equal and nearly equal
 * ones.
 */
class SecondOpinionTest {
    private static final Library LIBRARY = new Library();

    static LongStream seeds() {
        return LongStream.range(0, Long.getLong("seeds", 300) * 5);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void agree(long seed) {
        RandomTrees trees = new RandomTrees(seed, "x", "y");
        Expr a = trees.polynomial(3);
        Expr b = trees.polynomial(2);
        Expr c = trees.polynomial(2);
        Expr left = new Expr.Product(java.util.List.of(a, new Expr.Sum(java.util.List.of(b, c))));
        Expr right = new Expr.Sum(java.util.List.of(
                new Expr.Product(java.util.List.of(c, a)),
                seed % 2 == 0 ? new Expr.Product(java.util.List.of(a, b)) : new Expr.Product(java.util.List.of(b, c))));

        boolean ours = Equality.of(left, right) == Equality.Answer.EQUAL;
        assertEquals(
                LIBRARY.findsEqual(left, right),
                ours,
                () -> "seed " + seed + ": " + PlainPrinter.plain(left) + " and " + PlainPrinter.plain(right));
    }
}
