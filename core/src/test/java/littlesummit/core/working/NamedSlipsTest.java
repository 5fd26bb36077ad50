package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The wrong steps that students make most (from memory: D. Sleeman, Cognitive Science 8, 1984; common practice for the
 * others), with numbers drawn: nine in ten are named for what they are, and none is taken for right.
 */
class NamedSlipsTest {
    private static final int DRAWN = 40;
    private static final double NAMED = 0.9;

    /** a to d stand for numbers of one or two digits, and what stands in ⟨⟩ is worked out. */
    @ParameterizedTest(name = "{0}: {1} to {2}")
    @CsvSource(delimiter = ';', textBlock = """
        unlike-terms-combined; ax+b; ⟨a+b⟩x
        unlike-terms-combined; ax+b=d; ⟨a+b⟩x=d
        unlike-terms-combined; ax^2+bx; ⟨a+b⟩x^3
        unlike-terms-combined; ax^2+bx; ⟨a+b⟩x^2
        unlike-terms-combined; a+b(x+c); ⟨a+b⟩(x+c)
        unlike-terms-combined; ax+by; ⟨a+b⟩xy
        one-side-only; ax=d; x=d
        one-side-only; ax+b=d; x+b=d/a
        one-side-only; x/a+b=d; x+b=⟨a*d⟩
        one-side-only; x/a=d; x=d
        one-side-only; ax=⟨a*b⟩x+⟨a*c⟩; x=bx+⟨a*c⟩
        reciprocal-not-taken; (a/b)/(c/d); (a/b)*(c/d)
        reciprocal-not-taken; a/(b/c); ⟨a*b⟩/c
        reciprocal-not-taken; x*a/b=d; x=d*a/b
        reciprocal-not-taken; a/x=d; x=d/a
        middle-term-forgotten; (x+a)^2; x^2+⟨a*a⟩
        middle-term-forgotten; (bx+a)^2; ⟨b*b⟩x^2+⟨a*a⟩
        middle-term-forgotten; (x+a)(x+b); x^2+⟨a*b⟩
        middle-term-forgotten; (x+a)(x-b); x^2-⟨a*b⟩
        middle-term-forgotten; (x+a)^3; x^3+⟨a*a*a⟩
        middle-term-forgotten; sqrt(x^2+⟨a*a⟩); x+a
        half-distributed; a(x+b)=d; ax+b=d
        lost-sign; c-(ax+b); c-ax+b
        sign-kept-when-a-term-changes-sides; ax+b=d; ax=⟨d+b⟩
        sign-kept-when-a-term-changes-sides; ax-b=d; ax=⟨d-b⟩
        reciprocal-not-taken; ax=d; x=d-a
        order-of-operations; a+b*c; ⟨a+b⟩*c
        exponents-multiplied; x^a*x^b; x^⟨a*b⟩
        exponents-added; (x^a)^b; x^⟨a+b⟩
        """)
    void isNamed(String slip, String given, String line) {
        Random random = new Random(slip.hashCode() + given.hashCode());
        List<CheckedLine> wrong = IntStream.range(0, DRAWN)
                .mapToObj(i -> numbers(random))
                .map(n -> WorkCheck.check(filled(given, n), Set.of("x", "y"), List.of(filled(line, n)))
                        .getFirst())
                .filter(checked -> checked.verdict() != LineVerdict.FOLLOWS && checked.verdict() != LineVerdict.SAME)
                .toList();
        long named = wrong.stream()
                .filter(checked -> checked.slip().map(Slip::code).orElse("").equals(slip))
                .count();

        assertEquals(
                List.of(),
                wrong.stream()
                        .filter(c -> c.verdict() != LineVerdict.DOES_NOT_FOLLOW)
                        .toList());
        assertTrue(wrong.size() >= DRAWN / 2, "by chance right: " + (DRAWN - wrong.size()));
        assertTrue(named >= NAMED * wrong.size(), named + " of " + wrong.size());
    }

    private static int[] numbers(Random random) {
        return IntStream.of(6, 6, 6, 30).map(n -> 2 + random.nextInt(n)).toArray();
    }

    private static String filled(String frame, int[] n) {
        String text = frame.replace("sqrt", "#");
        for (int i = 0; i < n.length; i++) {
            text = text.replace("" + (char) ('a' + i), "" + n[i]);
        }
        return java.util.regex.Pattern.compile("⟨([^⟩]*)⟩")
                .matcher(text)
                .replaceAll(m -> "" + worked(m.group(1)))
                .replace("#", "sqrt");
    }

    private static int worked(String sum) {
        String op = sum.contains("*") ? "\\*" : sum.contains("+") ? "\\+" : "-";
        return Arrays.stream(sum.split(op))
                .mapToInt(Integer::parseInt)
                .reduce((a, b) -> op.equals("\\*") ? a * b : op.equals("\\+") ? a + b : a - b)
                .orElseThrow();
    }
}
