package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** a + b√c over d has one simplest form; every other way of writing the same number is of the right value alone. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RootFormsTest {
    /** Whole numbers that no square divides. */
    private static final int[] FREE = {2, 3, 5, 6, 7, 10, 11, 13, 14, 15, 17, 19, 21, 22, 23, 26, 29, 30};

    private static final int TRIES = 500;

    private final Random random = new Random(20);

    private int from(int least, int most) {
        return least + random.nextInt(most - least + 1);
    }

    private static String verdict(String expected, String entry) {
        return Grader.grade(AnswerSpec.of(Kind.NUMBER, Form.Shape.SIMPLEST_ROOTS, expected), entry)
                .code();
    }

    @Test
    void aCoefficientBesideARootOrUnderIt() {
        for (int i = 0; i < TRIES; i++) {
            int free = FREE[random.nextInt(FREE.length)];
            int out = from(2, 15);
            String simplest = out + "sqrt(" + free + ")";
            assertEquals("correct", verdict("sqrt(" + out * out * free + ")", simplest), simplest);
            for (String other : List.of(
                    "sqrt(" + out * out * free + ")",
                    out * free + "/sqrt(" + free + ")",
                    out + "*sqrt(" + 4 * free + ")/2",
                    "sqrt(" + out * out + ")*sqrt(" + free + ")",
                    (out - 1) + "sqrt(" + free + ") + sqrt(" + free + ")")) {
                assertEquals("form", verdict(simplest, other), other);
            }
            assertEquals("incorrect", verdict(simplest, (out + 1) + "sqrt(" + free + ")"), simplest);
            assertEquals("incorrect", verdict(simplest, out + "sqrt(" + (free + 1) + ")"), simplest);
        }
    }

    @Test
    void aSumOverANumber() {
        for (int i = 0; i < TRIES; i++) {
            int free = FREE[random.nextInt(FREE.length)];
            int below = from(2, 9);
            int a = below * from(1, 5) + 1;
            int b = from(1, 9);
            String simplest = "(" + a + " - " + b + "sqrt(" + free + "))/" + below;
            assertEquals("correct", verdict(simplest, simplest), simplest);
            String twice = "(" + 2 * a + " - " + 2 * b + "sqrt(" + free + "))/" + 2 * below;
            assertEquals("form", verdict(simplest, twice), twice);
            String under = "(" + a + " - sqrt(" + b * b * free + "))/" + below;
            assertEquals(b == 1 ? "correct" : "form", verdict(simplest, under), under);
            String other = "(" + a + " + " + b + "sqrt(" + free + "))/" + below;
            assertEquals("incorrect", verdict(simplest, other), other);
        }
    }

    @Test
    void rootsOfHigherIndex() {
        for (int i = 0; i < TRIES; i++) {
            int index = from(3, 5);
            int free = FREE[random.nextInt(FREE.length)];
            int out = from(2, 4);
            long under = free * (long) Math.pow(out, index);
            String simplest = out + "root(" + index + "," + free + ")";
            assertEquals("correct", verdict("root(" + index + "," + under + ")", simplest), simplest);
            assertEquals("form", verdict(simplest, "root(" + index + "," + under + ")"), simplest);
            String asPower = out + "*" + free + "^(1/" + index + ")";
            assertEquals("form", verdict(simplest, asPower), asPower);
            String squared = out + "root(" + 2 * index + "," + free * free + ")";
            assertEquals("form", verdict(simplest, squared), squared);
        }
    }
}
