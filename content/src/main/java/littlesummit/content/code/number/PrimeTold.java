package littlesummit.content.code.number;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.content.code.Divisors;
import littlesummit.content.code.Words;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** What prime factors tell about a number: whether it is prime, what it shares, how far it is from a square. */
final class PrimeTold {
    private PrimeTold() {}

    /**
     * Odd numbers, none of which ends in 5: that odd numbers are prime is a common belief (R. Zazkis and P. Liljedahl,
     * Journal for Research in Mathematics Education, 2004, from memory).
     */
    static Item prime(ItemRef ref, String frame, Draw draw) {
        int right = draw.between(41, 199, n -> PrimePowers.of(n).count() == 1);
        List<PrimePowers> others = new ArrayList<>();
        while (others.size() < 3) {
            PrimePowers n = PrimePowers.of(draw.between(51, 221, PrimeTold::looksPrime));
            if (others.stream().allMatch(o -> o.value() != n.value() && o.smallest() != n.smallest())) {
                others.add(n);
            }
        }
        Choices choices = Choices.right("$" + right + "$");
        others.forEach(n -> choices.wrong(
                "$" + n.value() + "$",
                "odd-means-prime",
                "This one can be divided without remainder. Try the primes from 3 on, one after the other."));
        Items item = Items.of(ref)
                .text(frame)
                .part(Part.of(
                        "Which one is prime?",
                        choices.shuffled("answer", "Prime", draw),
                        "An odd number can have divisors, too.",
                        "A number is prime when no prime whose square is not larger than the number divides it.",
                        "Add up the digits of each number: where the sum can be divided by 3, so can the number."));
        others.forEach(
                n -> item.step("This one can be divided by " + n.smallest() + ".", n.value() + " = " + n.latex()));
        String tried = Words.list(IntStream.range(2, right)
                .filter(p -> p * p <= right && PrimePowers.of(p).count() == 1)
                .mapToObj(String::valueOf)
                .toList());
        return item.step("$" + right + "$ is left. None of the primes " + tried + " divides it.", "")
                .build();
    }

    private static boolean looksPrime(int n) {
        PrimePowers factors = PrimePowers.of(n);
        return n % 2 == 1 && n % 5 != 0 && factors.count() == 2;
    }

    static Item common(ItemRef ref, String frame, Draw draw) {
        String[] told = frame.split("#");
        int shared = draw.between(12, 30, n -> isShared(PrimePowers.of(n)));
        int[] apart = {draw.oneOf(2, 3, 5), draw.oneOf(7, 9, 11)};
        while (Divisors.gcd(apart[0], apart[1]) > 1) {
            apart[1] = draw.oneOf(7, 11);
        }
        boolean swap = draw.coin();
        PrimePowers first = PrimePowers.of(shared * apart[swap ? 1 : 0]);
        PrimePowers second = PrimePowers.of(shared * apart[swap ? 0 : 1]);
        PrimePowers both = PrimePowers.of(Divisors.gcd(first.value(), second.value()));
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(both.value()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(both.onceProduct()),
                        "exponent-lost",
                        "That many would do, and more are possible. A prime may be in both numbers more than once.")
                .add(
                        String.valueOf(both.smallest()),
                        "one-prime-only",
                        "That many would do, and more are possible. Which other primes are in both numbers?")
                .add(
                        String.valueOf(first.value() / both.value() * second.value()),
                        "common-multiple",
                        "That is larger than both numbers: it is a number that both divide. A number that divides both"
                                + " is asked for.");
        return Items.of(ref)
                .text(told[0].formatted(first.value(), second.value()))
                .part(Part.of(
                        told[1],
                        Field.typed("answer", "At most", "a whole number", answer, mistakes.list()),
                        "Their number has to divide both $" + first.value() + "$ and $" + second.value() + "$.",
                        "Break both numbers down. Every prime is taken as often as it is in both of them.",
                        "Begin with $" + first.value() + " = " + first.latex() + "$."))
                .step(
                        "Break both numbers down: $" + first.value() + " = " + first.latex() + "$ and $"
                                + second.value() + " = " + second.latex() + "$.",
                        "")
                .step(
                        "Take every prime as often as it is in both.",
                        both.kinds() == 1 && both.count() == 1
                                ? both.value() + " = " + both.value()
                                : String.join("\\cdot ", both.longhand()) + " = " + both.value())
                .build();
    }

    private static boolean isShared(PrimePowers n) {
        return n.kinds() == 2 && n.hasPowers() && n.largest() <= 7;
    }

    static Item square(ItemRef ref, String frame, Draw draw) {
        PrimePowers n = PrimePowers.of(draw.between(40, 400, k -> isNearSquare(PrimePowers.of(k))));
        int key = odd(n);
        PrimePowers squared = PrimePowers.of(n.value() * key);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(n.value()), "itself", "That makes a square. A smaller number does, too.")
                .add(
                        String.valueOf(n.onceProduct()),
                        "every-prime",
                        "Look at the exponents one by one: which of them is even already?")
                .add(
                        String.valueOf(n.value() / key),
                        "the-rest",
                        "That is the part of it that is a square already. Which factor does each odd exponent need?")
                .add("2", "doubled", "Twice the number is another thing than the number squared.");
        return Items.of(ref)
                .text(frame.formatted(n.value()))
                .part(Part.of(
                        "Which is the smallest whole number that turns $" + n.value()
                                + "$ into a square number when the two are multiplied?",
                        Field.typed("answer", "Multiply by", "a whole number", answer, mistakes.list()),
                        "What does a square number look like when it is broken down into primes?",
                        "In a square number every prime has an even exponent.",
                        "$" + n.value() + " = " + n.latex() + "$. Which exponents are odd?"))
                .step("Break the number down.", n.value() + " = " + n.latex())
                .step(
                        "Odd exponents need one factor more; then all are even.",
                        n.value() + "\\cdot " + key + " = " + squared.latex())
                .step(
                        "So this is what it was multiplied by.",
                        "\\frac{" + squared.value() + "}{" + n.value() + "} = " + key)
                .build();
    }

    /** The product of the primes with odd exponents. */
    private static int odd(PrimePowers n) {
        return n.factors().entrySet().stream()
                .filter(e -> e.getValue() % 2 == 1)
                .mapToInt(e -> e.getKey().intValue())
                .reduce(1, (a, b) -> a * b);
    }

    private static boolean isNearSquare(PrimePowers n) {
        int odd = odd(n);
        return n.kinds() >= 2 && n.largest() <= 7 && odd > 1 && odd < n.value() && odd <= 42;
    }
}
