package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Formulas of the school, solved for one letter after the other (common practice, no source). */
class FormulasTest {
    private static final Syntax SYNTAX =
            Syntax.line(Set.of("A", "a", "b", "c", "g", "h", "l", "m", "r", "s", "t", "v", "w", "x", "y", "E", "V"));

    private static List<Expr> sides(String equation) {
        return ((Statement.Relations) Parser.require(equation, SYNTAX)).sides();
    }

    @ParameterizedTest
    @CsvSource({
        "A = l*w, w = A/l, SAME",
        "A = l*w, l*w - A = 0, SAME",
        "A = l*w, w = l/A, DIFFERENT",
        "s = v*t, v = s/t, SAME",
        "s = v*t, t = s*v, DIFFERENT",
        "A = (a+b)*h/2, h = 2A/(a+b), SAME",
        "A = (a+b)*h/2, a = 2A/h - b, SAME",
        "A = (a+b)*h/2, a = 2A/h + b, DIFFERENT",
        "1/a + 1/b = 1/c, c = a*b/(a+b), SAME",
        "1/a + 1/b = 1/c, c = a + b, DIFFERENT",
        "E = m*v^2/2, m = 2E/v^2, SAME",
        "E = m*v^2/2, v = sqrt(2E/m), SAME_WITHOUT_NEGATIVES",
        "A = pi*r^2, r = sqrt(A/pi), SAME_WITHOUT_NEGATIVES",
        "A = pi*r^2, r^2 = A/pi, SAME",
        "A = pi*r^2, r = A/pi, DIFFERENT",
        "a^2 + b^2 = c^2, c = sqrt(a^2+b^2), SAME_WITHOUT_NEGATIVES",
        "a^2 + b^2 = c^2, c = a + b, DIFFERENT",
        "x^2 + y^2 = 25, y = sqrt(25-x^2), DIFFERENT",
        "x^2 + y^2 = 25, y = ±sqrt(25-x^2), SAME",
        "(x+y)^2 = 0, x + y = 0, SAME_SOLUTIONS",
        "x^3 = y^3, x = y, UNKNOWN",
        "y = 12/x, x*y = 12, SAME",
        "x*y = 2x, y = 2, DIFFERENT",
        "V = a^3, 'a = root(3,V)', SAME",
        "(x+2)^2 + (y+4)^2 = 16, (x+2)^2 + (y+4)^2 = 4, DIFFERENT",
        "(x+40)^2 + (y+50)^2 = 1/9, (x+40)^2 + (y+50)^2 = 1/3, DIFFERENT",
        "(x+2)^2 + (y+4)^2 = 16, x^2 + 4x + y^2 + 8y + 4 = 0, SAME",
        "x^2 + y^2 + 1 = 0, x^2 + y^2 + 2 = 0, UNKNOWN",
        "(x^2+y^2+1)*(x-y) = 0, x - y = 0, UNKNOWN"
    })
    void compare(String one, String other, Formulas.Answer answer) {
        assertEquals(answer, Formulas.compare(sides(one), sides(other)));
        assertEquals(answer, Formulas.compare(sides(other), sides(one)), "the other way round");
    }
}
