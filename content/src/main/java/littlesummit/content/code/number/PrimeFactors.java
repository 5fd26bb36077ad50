package littlesummit.content.code.number;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Primes;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;

/** Prime factors with exponents. */
public final class PrimeFactors extends SkillDefinition {
    public PrimeFactors() {
        super("prime-factors", "Prime factors", List.of("bare", "store"));
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int[] bounds = Grounds.of(ref.tier(), new int[] {12, 100}, new int[] {100, 400}, new int[] {400, 2000});
        int n = draw.between(bounds[0], bounds[1], k -> isSuitable(k, ref.tier()));
        SortedMap<BigInteger, Integer> factors = Primes.factor(BigInteger.valueOf(n));
        String key = product(factors, "*");
        AnswerSpec answer = AnswerSpec.number(Form.Shape.PRIME_FACTORS, key);
        BigInteger first = factors.firstKey();
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        first + "*" + n / first.intValue(),
                        "composite-left",
                        "One of the factors is not a prime number. Break it down further.")
                .add(
                        factors.keySet().stream().map(BigInteger::toString).collect(Collectors.joining("*")),
                        "exponent-lost",
                        "Multiply yours out: it comes to less. How often does each prime occur?")
                .add(longhand(factors), "no-exponents", "All factors are there. Gather equal ones into a power.");
        Field field = Field.typed(
                "answer",
                "As a product of prime powers",
                "each prime once, with an exponent where it occurs more than once",
                answer,
                mistakes.list());
        String stem = ref.variant().equals("bare")
                ? "Write $" + n + "$ as a product of prime numbers."
                : "The hut stores " + n + " tins. To see how they can be stacked, write $" + n
                        + "$ as a product of prime numbers.";
        Items item = Items.of(ref)
                .text(stem)
                .part(Part.of(
                        "Use exponents for primes that occur more than once.",
                        field,
                        "Which is the smallest prime number that divides it?",
                        "Divide by the smallest prime as often as it goes, then by the next one, until 1 is left.",
                        "$" + n + " = " + first + "\\cdot " + n / first.intValue() + "$. Go on with "
                                + n / first.intValue() + "."));
        tree(item, n);
        return item.step("Gather equal factors into powers.", product(factors, "\\cdot "))
                .given(String.valueOf(n))
                .build();
    }

    private static boolean isSuitable(int n, int tier) {
        SortedMap<BigInteger, Integer> f = Primes.factor(BigInteger.valueOf(n));
        boolean repeated = f.values().stream().anyMatch(e -> e > 1);
        return f.size() >= Math.min(tier, 2)
                && f.size() <= 3
                && repeated
                && f.lastKey().intValue() <= (tier == 3 ? 23 : 13)
                && f.values().stream().mapToInt(Integer::intValue).sum() > 2;
    }

    /** Splits off the smallest prime again and again. */
    private static void tree(Items item, int n) {
        List<Integer> split = new ArrayList<>();
        int rest = n;
        for (int p = 2; rest > 1; p++) {
            while (rest % p == 0 && rest > p) {
                split.add(p);
                rest /= p;
                int now = rest;
                item.step(
                        "Take out a " + p + ".",
                        split.stream().map(String::valueOf).collect(Collectors.joining("\\cdot ")) + "\\cdot " + now);
            }
            if (rest == p) {
                break;
            }
        }
    }

    private static String product(Map<BigInteger, Integer> factors, String times) {
        return new TreeMap<>(factors)
                .entrySet().stream()
                        .map(e -> e.getValue() == 1 ? e.getKey().toString() : e.getKey() + "^" + e.getValue())
                        .collect(Collectors.joining(times));
    }

    private static String longhand(Map<BigInteger, Integer> factors) {
        List<String> all = new ArrayList<>();
        factors.forEach((p, e) -> {
            for (int i = 0; i < e; i++) {
                all.add(p.toString());
            }
        });
        return String.join("*", all);
    }
}
