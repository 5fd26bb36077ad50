package littlesummit.content.code.number;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.stream.Collectors;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Part;
import littlesummit.core.math.Primes;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/**
 * A whole number and its prime factors.
 *
 * @param value at least 2
 * @param factors how often each prime occurs
 */
record PrimePowers(int value, SortedMap<BigInteger, Integer> factors) {
    static PrimePowers of(int value) {
        return new PrimePowers(value, Primes.factor(BigInteger.valueOf(value)));
    }

    /** How many factors there are, each as often as it occurs. */
    int count() {
        return factors.values().stream().mapToInt(Integer::intValue).sum();
    }

    int kinds() {
        return factors.size();
    }

    int smallest() {
        return factors.firstKey().intValue();
    }

    int largest() {
        return factors.lastKey().intValue();
    }

    boolean hasPowers() {
        return count() > kinds();
    }

    /** As one types it: 2^3*5. */
    String entry() {
        return joined("*");
    }

    String latex() {
        return joined("\\cdot ");
    }

    private String joined(String times) {
        return factors.entrySet().stream()
                .map(e -> e.getValue() == 1 ? e.getKey().toString() : e.getKey() + "^" + e.getValue())
                .collect(Collectors.joining(times));
    }

    /** Every prime as often as it occurs, from the smallest. */
    List<String> longhand() {
        List<String> all = new ArrayList<>();
        factors.forEach((p, e) -> {
            for (int i = 0; i < e; i++) {
                all.add(p.toString());
            }
        });
        return all;
    }

    /** Every prime once. */
    String once(String times) {
        return factors.keySet().stream().map(BigInteger::toString).collect(Collectors.joining(times));
    }

    int onceProduct() {
        return factors.keySet().stream().mapToInt(BigInteger::intValue).reduce(1, (a, b) -> a * b);
    }

    /** Splits off the smallest prime again and again, then gathers. */
    void steps(Items item) {
        List<String> all = longhand();
        int rest = value;
        for (int i = 1; i < all.size(); i++) {
            int prime = Integer.parseInt(all.get(i - 1));
            rest /= prime;
            item.step("Take out a " + prime + ".", String.join("\\cdot ", all.subList(0, i)) + "\\cdot " + rest);
        }
        item.step(
                hasPowers() ? "Gather equal factors into powers." : "Every factor is prime now, and none occurs twice.",
                latex());
    }

    /** The question for the product, typed. */
    Part asked(String prompt, Mistakes more, String... hints) {
        return Part.of(
                prompt,
                Field.typed(
                        "answer",
                        "As a product of prime powers",
                        "each prime once, with an exponent where it occurs more than once",
                        answer(),
                        usual(more).list()),
                hints);
    }

    AnswerSpec answer() {
        return AnswerSpec.number(Form.Shape.PRIME_FACTORS, entry());
    }

    private Mistakes usual(Mistakes mistakes) {
        PrimePowers rest = of(value / smallest());
        return mistakes.addIf(
                        rest.count() > 1,
                        smallest() + "*" + rest.value(),
                        "composite-left",
                        "One of the factors is not a prime number. Break it down further.")
                .addIf(
                        hasPowers() && kinds() > 1,
                        once("*"),
                        "exponent-lost",
                        "Multiply yours out: it comes to less. How often does each prime occur?")
                .add("1*" + entry(), "one-is-prime", "1 is not a prime number: it has only one divisor. Leave it out.")
                .addIf(
                        hasPowers(),
                        String.join("*", longhand()),
                        "no-exponents",
                        "All factors are there. Gather equal ones into a power.");
    }
}
