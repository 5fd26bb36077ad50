package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigInteger;
import java.util.List;
import org.junit.jupiter.api.Test;

class ExprTest {
    private static final Expr X = Expr.letter("x");
    /** (x + 3)² over |−y| */
    private static final Expr TREE = new Expr.Quotient(
            Expr.power(Expr.sum(X, Expr.integer(3)), 2), new Expr.Abs(new Expr.Neg(Expr.letter("y"))));

    @Test
    void aTreeIsSearchedDownToItsLeavesAndFromItself() {
        assertTrue(TREE.any(Expr.Quotient.class::isInstance));
        assertTrue(TREE.any(e -> e.equals(Expr.letter("y"))));
        assertFalse(TREE.any(Expr.Root.class::isInstance));
    }

    @Test
    void aTreeHasItselfAndItsPartsWithin() {
        assertTrue(TREE.has(TREE));
        assertTrue(TREE.has(Expr.sum(X, Expr.integer(3))));
        assertFalse(TREE.has(Expr.sum(Expr.integer(3), X)));
    }

    @Test
    void aPartIsReplacedWhereItStands() {
        Expr changed = TREE.with(1, Expr.integer(7));
        assertEquals(TREE.children().getFirst(), changed.children().getFirst());
        assertEquals(Expr.integer(7), changed.children().getLast());
    }

    @Test
    void aNumberStandsForALetterEverywhere() {
        Expr both = Expr.sum(X, new Expr.Root(2, X));
        assertEquals(
                List.of(Expr.integer(-2), new Expr.Root(2, Expr.integer(-2))),
                both.with("x", Rational.of(-2)).children());
    }

    @Test
    void exponentsBeyondABoundAreDeclinedWhateverTheirSign() {
        assertEquals(-64, Limits.exponent(BigInteger.valueOf(-64), 64));
        assertThrows(MathProblem.class, () -> Limits.exponent(BigInteger.valueOf(-65), 64));
        assertThrows(MathProblem.class, () -> Limits.exponent(BigInteger.TEN.pow(40), 64));
    }
}
