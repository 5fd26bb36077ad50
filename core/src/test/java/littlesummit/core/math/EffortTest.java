package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;

class EffortTest {
    private static final int WORD = 0;

    private static String costing(long products) {
        Effort.spend(products, WORD);
        return "done";
    }

    @Test
    void whatStaysWithinItsLimitHasAValueAndAPrice() {
        assertEquals(new Effort.Outcome<>(Optional.of("done"), 60), Effort.limited(100, () -> costing(60)));
    }

    @Test
    void largerNumbersCostMore() {
        assertEquals(
                30,
                Effort.limited(100, () -> {
                            Effort.spend(10, 128);
                            return "done";
                        })
                        .spent());
    }

    @Test
    void whatCostsMoreHasNone() {
        assertEquals(new Effort.Outcome<>(Optional.empty(), 100), Effort.limited(100, () -> costing(101)));
    }

    /** Whoever catches the problem inside and goes on without the part must not be believed. */
    @Test
    void nobodyHidesThatTheLimitWasReached() {
        Effort.Outcome<String> outcome = Effort.limited(100, () -> {
            assertThrows(MathProblem.class, () -> costing(101));
            return "went on without it";
        });
        assertTrue(outcome.value().isEmpty());
    }

    @Test
    void aProblemOfAnotherKindIsToldAsItIs() {
        assertThrows(MathProblem.class, () -> Effort.limited(100, () -> Rational.of(1, 0)));
    }

    @Test
    void anInnerLimitIsPaidByTheOuterOne() {
        Effort.Outcome<String> outer = Effort.limited(1000, () -> {
            Effort.limited(100, () -> costing(60));
            return costing(5);
        });
        assertEquals(65, outer.spent());
    }

    @Test
    void withoutALimitNothingIsCounted() {
        assertEquals("done", costing(Long.MAX_VALUE));
    }
}
