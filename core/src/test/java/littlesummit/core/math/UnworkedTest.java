package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.Random;
import java.util.Set;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Reader;
import littlesummit.core.grading.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Limits and integrals that stand there as they were asked. Values from school books' first examples: from memory. */
class UnworkedTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "2;\\lim_{x\\to0}\\frac{2x}{x};form",
                "3;\\lim_{x\\to0}\\frac{2x}{x};incorrect",
                "4;lim x->2 (x^2-4)/(x-2);form",
                "4;lim_(x→2) (x^2-4)/(x-2);form",
                "4;\\lim_{x \\rightarrow 2} \\frac{x^2-4}{x-2};form",
                "0;lim n->inf 1/n;form",
                "0.5;\\lim_{n\\to\\infty}\\frac{n^2+1}{2n^2};form",
                "0.5;\\lim_{x\\to-\\infty}\\frac{x}{2x-1};form",
                "1/3;lim x→1/2 (x)/(1+x);form",
                "-6;lim x->-3 2x;form",
                "1;∫_0^1 3x² dx;form",
                "1;\\int_{0}^{1}3x^{2}\\,dx;form",
                "2;\\int_{0}^{1}3x^{2}\\,dx;incorrect",
                "8/3;\\int_{0}^{2} x^2 \\mathrm{d}x;form",
                "-1/2;∫_{-1}^0 x dx;form",
            })
    void theValueIsWorkedOutAndAskedFor(String expected, String entry, String verdict) {
        Verdict found = Grader.grade(AnswerSpec.number(Form.Shape.ANY, expected), entry);
        assertEquals(verdict, found.code(), entry + ": " + found);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "x^3 + C;\\int 3x^2 dx;form",
                "x^3 + C;∫3x²dx;form",
                "x^3;∫ 3x^2 dx;form",
                "x^3 + C;∫2x²dx;incorrect",
                "x + C;∫ dx;form",
                "a*x^2/2 + C;∫ a*x dx;form",
                "x^2/2 + x + C;∫ (x+1) dx;form",
                "t^2 + C;\\int 2t \\, dt;form",
                "x^2;\\int_{0}^{x} 2t\\,dt;form",
            })
    void anAntiderivativeIsKnownByItsDerivative(String expected, String entry, String verdict) {
        AnswerSpec field =
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, expected).withLetters("x", "C", "a", "t");
        Verdict found = Grader.grade(field, entry);
        assertEquals(verdict, found.code(), entry + ": " + found);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "\\lim_{x\\to0}\\frac{2x}{x};\\lim_{x\\to0}\\frac{2x}{x}",
                "∫_0^1 3x² dx;\\text{∫\\_{}0\\^{}1 3x² dx}",
                "lim x->2 2x;\\text{lim x->2 2x}"
            })
    void itIsShownAsItStands(String entry, String latex) {
        Reader.ReadAs read = Reader.read(entry, AnswerSpec.number(Form.Shape.ANY, "1"));
        assertEquals(latex, read.latex());
        assertEquals("", read.message());
    }

    /** No verdict but a name: nobody decides these here. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "lim x->0 sin(x)/x",
                "lim x->0 1/x",
                "lim x->inf x",
                "lim x->1 sqrt(x)",
                "∫ 1/x dx",
                "∫ sin(x) dx",
                "∫_1^2 1/x dx",
                "∫ dx dy",
                "lim x->y x",
                "lim",
                "∫",
                "lim x->",
                "\\int_{0} x dx"
            })
    void whatIsNotKnownIsRefusedByItsName(String entry) {
        assertEquals(Optional.empty(), Unworked.read(entry, Set.of("x")), entry);
        AnswerSpec field = AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, "x");
        assertEquals("unreadable", Grader.grade(field, entry).code(), entry);
    }

    /** The mean of two values close by is as good as the value itself: compared in floating point. */
    @Test
    void aLimitIsWhereTheValuesGo() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            int a = random.nextInt(11) - 5;
            int b = random.nextInt(11) - 5;
            int c = random.nextInt(9) + 1;
            String entry = "lim x->%d (%dx^2 + %dx - %d)/(x - %d)"
                    .formatted(a, c, b, c * a * a + b * a, a)
                    .replace("- -", "+ ")
                    .replace("+ -", "- ");
            Unworked.Worked found =
                    (Unworked.Worked) Unworked.read(entry, Set.of()).orElseThrow(() -> new AssertionError(entry));
            double near = 0;
            for (double x : new double[] {a - 1e-4, a + 1e-4}) {
                near += (c * x * x + b * x - (c * a * a + b * a)) / (x - a) / 2;
            }
            assertEquals(near, found.value().asRational().orElseThrow().toDouble(), 1e-3, entry);
        }
    }

    /** The sum of many small trapezia, against the bounds put in. */
    @Test
    void anIntegralIsAnArea() {
        Random random = new Random(6);
        for (int i = 0; i < 200; i++) {
            int a = random.nextInt(7) - 3;
            int b = a + 1 + random.nextInt(4);
            int p = random.nextInt(9) - 4;
            int q = random.nextInt(9) - 4;
            String entry =
                    "\\int_{%d}^{%d} (%dx^3 + %dx) dx".formatted(a, b, p, q).replace("+ -", "- ");
            Unworked.Worked found =
                    (Unworked.Worked) Unworked.read(entry, Set.of()).orElseThrow(() -> new AssertionError(entry));
            double area = 0;
            int steps = 4000;
            for (int s = 0; s <= steps; s++) {
                double x = a + (double) (b - a) * s / steps;
                area += (p * x * x * x + q * x) * (s == 0 || s == steps ? 0.5 : 1) * (b - a) / steps;
            }
            assertEquals(area, found.value().asRational().orElseThrow().toDouble(), 1e-2, entry);
        }
    }

    @Test
    void longAndOddEntriesEndSoon() {
        for (String odd :
                new String[] {"∫" + " ".repeat(450) + "d", "\\int" + "{d".repeat(200), "lim x->" + "(".repeat(400)}) {
            assertTrue(Unworked.read(odd, Set.of("x")).isEmpty());
        }
    }
}
