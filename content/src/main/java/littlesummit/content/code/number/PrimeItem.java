package littlesummit.content.code.number;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import littlesummit.content.code.Divisors;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** A number broken down, built again, and completed. */
final class PrimeItem {
    private PrimeItem() {}

    static Item bare(ItemRef ref, String frame, Draw draw) {
        PrimePowers n = PrimePowers.of(draw.between(12, 99, k -> isSmall(PrimePowers.of(k))));
        Items item = Items.of(ref)
                .text(frame.formatted(n.value()))
                .part(n.asked(
                        "Use exponents for primes that occur more than once.",
                        Mistakes.of(n.answer()),
                        "Which is the smallest prime number that divides it?",
                        "Divide by the smallest prime as often as it goes, then by the next one, until 1 is left.",
                        "Begin with " + n.smallest() + ": how often does it go into " + n.value()
                                + ", and can what comes out be broken down further?"));
        n.steps(item);
        return item.given(String.valueOf(n.value())).build();
    }

    /** Three factors at least, or two that are different: 15 is worth asking, 4 is not. */
    private static boolean isSmall(PrimePowers n) {
        return n.count() >= 2 && n.largest() <= 13 && (n.count() > 2 || n.kinds() == 2 && n.smallest() > 2);
    }

    static Item back(ItemRef ref, String frame, Draw draw) {
        PrimePowers n = PrimePowers.of(draw.between(40, 400, k -> isPowerful(PrimePowers.of(k))));
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(n.value()));
        int timesExponents = n.factors().entrySet().stream()
                .mapToInt(e -> e.getKey().intValue() * e.getValue())
                .reduce(1, (a, b) -> a * b);
        int sum = n.longhand().stream().mapToInt(Integer::parseInt).sum();
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(timesExponents),
                        "exponent-as-factor",
                        "An exponent says how often its base is a factor. It is no factor itself.")
                .add(String.valueOf(n.onceProduct()), "exponent-lost", "Each prime was taken only once.")
                .add(String.valueOf(sum), "added", "That is the sum of the factors. Multiply them.");
        Map.Entry<BigInteger, Integer> power = n.factors().entrySet().stream()
                .filter(e -> e.getValue() > 1)
                .findFirst()
                .orElseThrow();
        String base = power.getKey().toString();
        String written = base + "^" + power.getValue();
        return Items.of(ref)
                .text(frame)
                .formula(n.latex())
                .part(Part.of(
                        "Which number is it?",
                        Field.typed("answer", "The number", "a whole number", answer, mistakes.list()),
                        "What does the small raised number say?",
                        "Work out each power first, then multiply.",
                        "Write $" + written + "$ out: the " + base + " is a factor " + power.getValue() + " times."))
                .step("Write the powers out.", String.join("\\cdot ", n.longhand()))
                .step("Multiply.", String.valueOf(n.value()))
                .given(n.entry())
                .build();
    }

    private static boolean isPowerful(PrimePowers n) {
        return n.hasPowers() && n.kinds() > 1 && n.kinds() < 4 && n.largest() <= 13;
    }

    static Item missing(ItemRef ref, String frame, Draw draw) {
        PrimePowers n = PrimePowers.of(draw.between(150, 1500, k -> isThreefold(PrimePowers.of(k))));
        List<Map.Entry<BigInteger, Integer>> powers = List.copyOf(n.factors().entrySet());
        Map.Entry<BigInteger, Integer> hidden =
                draw.oneOf(powers.stream().filter(e -> e.getValue() > 1).toList());
        int key = hidden.getKey().pow(hidden.getValue()).intValueExact();
        int known = n.value() / key;
        String shown = powers.stream()
                .map(e -> e.equals(hidden)
                        ? "\\square"
                        : e.getValue() == 1 ? "" + e.getKey() : e.getKey() + "^" + e.getValue())
                .collect(Collectors.joining("\\cdot "));
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        hidden.getKey().toString(),
                        "exponent-lost",
                        "Multiply everything out with yours in the box: it comes to less than it should.")
                .add(
                        String.valueOf(hidden.getKey().intValue() * hidden.getValue()),
                        "exponent-as-factor",
                        "It looks as if base and exponent were multiplied.")
                .add(
                        String.valueOf(n.value() - known),
                        "subtracted",
                        "It looks as if the rest was taken away. Between the numbers there are signs of"
                                + " multiplication.");
        return Items.of(ref)
                .text(frame)
                .formula(n.value() + " = " + shown)
                .part(Part.of(
                        "Which number belongs in the box?",
                        Field.typed("answer", "In the box", "a whole number, not a power", answer, mistakes.list()),
                        "What do the numbers that you can see come to when you multiply them?",
                        "The number on the left is that product times the box.",
                        "What you can see comes to $" + known + "$. How often does that go into $" + n.value() + "$?"))
                .step("Divide by what is known.", "\\frac{" + n.value() + "}{" + known + "}")
                .step("Work it out.", String.valueOf(key))
                .given(n.value() + "/" + known)
                .build();
    }

    private static boolean isThreefold(PrimePowers n) {
        return n.kinds() == 3 && n.hasPowers() && n.largest() <= 13;
    }

    static Item product(ItemRef ref, String frame, Draw draw) {
        PrimePowers first;
        PrimePowers second;
        do {
            first = PrimePowers.of(draw.between(8, 36, k -> isFactor(PrimePowers.of(k))));
            second = PrimePowers.of(draw.between(10, 45, k -> isFactor(PrimePowers.of(k))));
        } while (gcd(first, second) == 1 || first.value() == second.value());
        PrimePowers n = PrimePowers.of(first.value() * second.value());
        PrimePowers larger = PrimePowers.of(n.value() / gcd(first, second));
        Mistakes mistakes = Mistakes.of(n.answer())
                .add(
                        larger.entry(),
                        "larger-exponent",
                        "A prime that is in both numbers counts in both: add its exponents.")
                .add(first.entry(), "one-only", "That is the first of the two numbers. The second one belongs to it.")
                .add(second.entry(), "one-only", "That is the second of the two numbers. The first one belongs to it.")
                .add(
                        first.entry() + "*" + second.entry(),
                        "kept-apart",
                        "All factors are there. Gather those with the same base into one power.");
        return Items.of(ref)
                .text(frame.formatted(first.value(), second.value()))
                .formula(first.value() + "\\cdot " + second.value())
                .part(n.asked(
                        "Which product of prime powers is it?",
                        mistakes,
                        "Both numbers can be broken down one by one.",
                        "The primes of both numbers together are the primes of the product. Those that are in both add"
                                + " up.",
                        "Begin with $" + first.value() + " = " + first.latex() + "$."))
                .step("Break down the first number.", first.latex() + "\\cdot " + second.value())
                .step("Break down the second one.", first.latex() + "\\cdot " + second.latex())
                .step("Gather equal primes: their exponents add.", n.latex())
                .given(first.value() + "*" + second.value())
                .build();
    }

    private static boolean isFactor(PrimePowers n) {
        return n.count() > 1 && n.largest() <= 7;
    }

    private static int gcd(PrimePowers a, PrimePowers b) {
        return Divisors.gcd(a.value(), b.value());
    }
}
