package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two expressions whose product is 1. */
class ReciprocalsTest {
    private static final List<String> ALL = List.of(
            "1",
            "-1",
            "3/4",
            "4/3",
            "0.75",
            "sqrt(2)",
            "1/sqrt(2)",
            "sqrt(2)/2",
            "2+sqrt(3)",
            "2-sqrt(3)",
            "x",
            "1/x",
            "2x/y",
            "y/(2x)",
            "x^2-1",
            "1/(x^2-1)",
            "(x+1)/(x-1)",
            "(x-1)/(x+1)",
            "(x^2-1)/(x+1)^2",
            "x*sqrt(x)",
            "1/(x*sqrt(x))",
            "2^x",
            "2^(-x)",
            "pi/x",
            "x/pi");

    private static RationalFunction value(String text) {
        return Canonical.of(Parser.expr(text, Syntax.expression(Set.of("x", "y"))));
    }

    @Test
    void theQuickLookSaysWhatMultiplyingSays() {
        int found = 0;
        for (String a : ALL) {
            for (String b : ALL) {
                RationalFunction x = value(a);
                RationalFunction y = value(b);
                boolean multiplied = Equality.same(x.times(y), RationalFunction.ONE);
                assertEquals(multiplied, Equality.areReciprocal(x, y), a + " and " + b);
                found += multiplied ? 1 : 0;
            }
        }
        assertTrue(found > 20, "found " + found);
    }

    @ParameterizedTest
    @CsvSource({
        "(x+1)/(x-1), (x-1)/(x+1), true",
        "(x^2-1)/(x+1)^2, (x+1)/(x-1), true",
        "(x+1)/(x-1), (x+1)/(x-1), false",
        "x/2, 2/x, true",
        "x/2, 2x, false",
        "2+sqrt(3), 2-sqrt(3), true",
        "x^2, x^(-2), true",
        "x^2, 1/x, false",
    })
    void reciprocalsAreFound(String a, String b, boolean are) {
        assertEquals(are, Equality.areReciprocal(value(a), value(b)));
    }
}
