package littlesummit.content.code.power;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Powers of ten: numbers in scientific notation and back, put into form, compared and computed with. */
public final class ScientificNotation extends KindSkill {
    public ScientificNotation() {
        super(
                "scientific-notation",
                "Powers of ten, both ways",
                3,
                Tier.of(
                        "Large numbers in scientific notation, and back.",
                        ItemKind.of(
                                "large-to",
                                BothWays::largeTo,
                                "Write this number in scientific notation.",
                                "Write it short, in scientific notation.",
                                "What is this number in scientific notation?"),
                        ItemKind.of(
                                "large-from",
                                BothWays::largeFrom,
                                "Write this number with all its digits.",
                                "Write it out, without a power of ten.",
                                "What is this number, written out?")),
                Tier.of(
                        "Small numbers with negative exponents, and a number in front that is out of range.",
                        ItemKind.of(
                                "small-to",
                                BothWays::smallTo,
                                "Give this measure in scientific notation.",
                                "How do you write this measure in scientific notation?"),
                        ItemKind.of(
                                "small-from",
                                BothWays::smallFrom,
                                "Give this measure without a power of ten.",
                                "How do you write this measure with all its digits?"),
                        ItemKind.of(
                                "in-form",
                                PutInForm::make,
                                "This is a number times a power of ten, and yet it is not in scientific notation.",
                                "Something is wrong with the number in front here.")),
                Tier.of(
                        "Sums and quotients of such numbers, and which of several is the largest or the smallest.",
                        ItemKind.of(
                                "sum",
                                TenSums::make,
                                "One lake holds $%s$ litres of water, another one $%s$.#How many litres do they hold"
                                        + " together?",
                                "The wheel of the lift turned $%s$ times in its first years and $%s$ times since.#How"
                                        + " often has it turned in all?"),
                        ItemKind.of(
                                "how-often",
                                TenQuotients::make,
                                "The snow field holds $%s$ kilograms of snow, and one truck carries $%s$ kilograms."
                                        + "#How many truckloads of snow is that?#Truckloads",
                                "All readings of the station fill $%s$ bytes, and those of one day $%s$ bytes.#How many"
                                        + " days of readings are there?#Days"),
                        ItemKind.of(
                                "largest",
                                TenOrder::make,
                                "Four stations wrote down how much they measured, each in its own way.",
                                "Four numbers are written in different ways.")));
    }
}
