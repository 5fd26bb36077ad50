package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The laws of sets, on unions of random rays and points. */
class RealSetTest {
    static LongStream seeds() {
        return LongStream.range(0, 150);
    }

    private static RealSet random(Random random) {
        RealSet set = RealSet.EMPTY;
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            RationalFunction at = RationalFunction.of(Rational.of(random.nextInt(9) - 4));
            set = switch (random.nextInt(4)) {
                case 0 -> set.union(RealSet.point(at));
                case 1 -> set.union(RealSet.below(at, random.nextBoolean()));
                case 2 -> set.union(RealSet.above(at, random.nextBoolean()));
                default ->
                    set.union(RealSet.above(at, random.nextBoolean())
                            .intersection(RealSet.below(at.plus(RationalFunction.ONE), random.nextBoolean())));
            };
        }
        return set;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void lawsOfSets(long seed) {
        Random random = new Random(seed);
        RealSet a = random(random);
        RealSet b = random(random);

        assertTrue(a.complement().complement().sameAs(a), () -> "seed " + seed);
        assertTrue(a.union(b).sameAs(b.union(a)), () -> "seed " + seed);
        assertTrue(a.union(a.complement()).sameAs(RealSet.ALL), () -> "seed " + seed);
        assertTrue(a.intersection(a.complement()).sameAs(RealSet.EMPTY), () -> "seed " + seed);
        assertTrue(a.union(b).complement().sameAs(a.complement().intersection(b.complement())), () -> "seed " + seed);
        assertEquals(a.sameAs(b), b.sameAs(a), () -> "seed " + seed);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void boundsAreTheSameWhicheverOfThemBelongToTheSet(long seed) {
        RealSet a = random(new Random(seed));
        RealSet b = random(new Random(seed + 1000));
        assertTrue(a.hasBoundsOf(a) && (!a.sameAs(b) || a.hasBoundsOf(b)), () -> "seed " + seed);
        assertEquals(a.hasBoundsOf(b), b.hasBoundsOf(a), () -> "seed " + seed);
        RationalFunction at = RationalFunction.of(Rational.of(seed));
        assertTrue(RealSet.below(at, true).hasBoundsOf(RealSet.below(at, false)));
        assertFalse(RealSet.below(at, true).sameAs(RealSet.below(at, false)));
        assertFalse(RealSet.below(at, true).hasBoundsOf(RealSet.above(at, true)));
        assertFalse(RealSet.below(at, true).hasBoundsOf(RealSet.below(at.plus(RationalFunction.ONE), true)));
    }

    @Test
    void aSingleNumberIsAPoint() {
        RationalFunction three = RationalFunction.of(Rational.of(3));
        assertTrue(RealSet.point(three).intervals().getFirst().isPoint());
        assertFalse(RealSet.above(three, true).intervals().getFirst().isPoint());
    }

    @Test
    void irrationalBoundsAreComparedExactly() {
        RationalFunction root = Canonical.of(Parser.expr("sqrt(2)", Syntax.number()));
        RationalFunction near = Canonical.of(Parser.expr("1.4142135623730950488", Syntax.number()));

        assertTrue(RealSet.above(root, true)
                .sameAs(RealSet.above(Canonical.of(Parser.expr("2/sqrt(2)", Syntax.number())), true)));
        assertEquals(1, Equality.compare(root, near));
    }
}
