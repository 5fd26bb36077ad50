package littlesummit.content.code.number;

import littlesummit.content.code.Divisors;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/**
 * A fraction with what can be cancelled in it.
 *
 * @param p top in lowest terms
 * @param q bottom in lowest terms
 * @param k what both were multiplied by
 */
record Cancelled(int p, int q, int k) {
    /** Less than one whole. */
    static Cancelled proper(Draw draw, int largest, int... factors) {
        int q = draw.between(3, largest);
        int p = draw.between(1, q - 1, n -> Divisors.gcd(n, q) == 1);
        return new Cancelled(p, q, factors[draw.between(0, factors.length - 1)]);
    }

    /** More than one whole. */
    static Cancelled improper(Draw draw, int largest, int... factors) {
        int q = draw.between(3, largest);
        int p = draw.between(q + 1, 3 * q, n -> Divisors.gcd(n, q) == 1);
        return new Cancelled(p, q, factors[draw.between(0, factors.length - 1)]);
    }

    int num() {
        return p * k;
    }

    int den() {
        return q * k;
    }

    String latex() {
        return latex(num(), den());
    }

    String lowest() {
        return latex(p, q);
    }

    static String latex(int num, int den) {
        return "\\frac{" + num + "}{" + den + "}";
    }

    /** The smallest number above 1 that divides top and bottom. */
    int smallestFactor() {
        int f = 2;
        while (k % f != 0) {
            f++;
        }
        return f;
    }

    /**
     * The question for lowest terms.
     *
     * @param first what to look at first
     * @param mistakes those of the situation; those of cancelling are added
     */
    Part part(String prompt, String first, Mistakes mistakes) {
        int small = smallestFactor();
        mistakes.add(p + "/" + den(), "top-only", "Only the top was divided. Divide both by the same number.")
                .add(num() + "/" + q, "bottom-only", "Only the bottom was divided. Divide both by the same number.")
                .addIf(
                        small != k,
                        num() / small + "/" + den() / small,
                        "not-finished",
                        "You are on the way. Top and bottom still share a factor.")
                .add(q + "/" + p, "upside-down", "It looks as if top and bottom have changed places.");
        Field field = Field.typed(
                "answer",
                "In lowest terms",
                "one fraction in lowest terms" + (p > q ? ", not a mixed number" : ""),
                answer(),
                mistakes.list());
        return Part.of(
                prompt,
                field,
                first,
                "Divide top and bottom by a number that divides both, as often as there is one. The value stays the"
                        + " same.",
                "Both " + num() + " and " + den() + " can be divided by " + small + ".");
    }

    AnswerSpec answer() {
        return AnswerSpec.number(Form.Shape.FRACTION_LOWEST, p + "/" + q);
    }

    /** How it is cancelled, prime by prime. */
    void steps(Items item) {
        int rest = k;
        int done = 1;
        for (int f = 2; rest > 1; f++) {
            while (rest % f == 0) {
                done *= f;
                rest /= f;
                item.step(
                        "Both " + num() * f / done + " and " + den() * f / done + " can be divided by " + f + ".",
                        latex(num() / done, den() / done));
            }
        }
        item.step("No number but 1 divides both " + p + " and " + q + ".", "");
    }
}
