package littlesummit.content.code.number;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Prime factors with exponents: found, multiplied back, completed, used, and found wrongly by somebody. */
public final class PrimeFactors extends KindSkill {
    public PrimeFactors() {
        super(
                "prime-factors",
                "Prime factors",
                4,
                Tier.of(
                        "A number of two digits as a product of primes, and the way back.",
                        ItemKind.of(
                                "bare",
                                PrimeItem::bare,
                                "Write $%d$ as a product of prime numbers.",
                                "Break $%d$ down until only prime numbers are left.",
                                "Of which prime numbers is $%d$ the product?"),
                        ItemKind.of(
                                "back",
                                PrimeItem::back,
                                "Somebody has broken a number down into its prime factors. The number itself is lost.",
                                "The lock of the hut wants the number that has these prime factors.",
                                "On the old trail sign only the prime factors of the height are left.")),
                Tier.of(
                        "A factor that is missing, a product broken down as it stands, and which numbers are prime.",
                        ItemKind.of(
                                "missing",
                                PrimeItem::missing,
                                "A drop of resin covers one number of this product.",
                                "One number of this product is hidden."),
                        ItemKind.of(
                                "product",
                                PrimeItem::product,
                                "In the cellar of the dairy stand %d shelves with %d cheeses each. Write how many"
                                        + " cheeses there are as a product of primes, without multiplying first.",
                                "The lift has %d cabins for %d people each. Write how many people find room as a"
                                        + " product of primes, without multiplying first."),
                        ItemKind.of(
                                "prime",
                                PrimeTold::prime,
                                "Only one of these numbers is prime.",
                                "Three of these numbers can be broken down, and one cannot.")),
                Tier.of(
                        "What prime factors are good for, and a mistake in somebody's work.",
                        ItemKind.of(
                                "common",
                                PrimeTold::common,
                                "%d apples and %d pears are packed into crates. All crates get the same filling, and"
                                        + " nothing is left over.#How many crates can there be at most?",
                                "%d red and %d blue flags are shared out to ropes. Every rope gets the same flags, and"
                                        + " no flag is left over.#How many ropes can there be at most?"),
                        ItemKind.of(
                                "square",
                                PrimeTold::square,
                                "Multiplied by a suitable number, $%d$ becomes a square number.",
                                "Square slabs come in packs of %d. The slabs of several packs are to fill a square, and"
                                        + " none may be left over."),
                        ItemKind.of(
                                "wrong",
                                PrimeWrong::make,
                                "%s has broken down $%d$ like this.",
                                "This is how %s's exercise book breaks down the number $%d$.")));
    }
}
