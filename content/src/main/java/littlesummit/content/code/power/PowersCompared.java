package littlesummit.content.code.power;

import java.util.Comparator;
import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Linear;

/** The largest or the smallest of four powers, whose exponents do not decide alone. */
final class PowersCompared {
    private record Power(int base, int exponent) {
        Rational value() {
            return Rational.of(base).power(exponent);
        }

        String latex() {
            return base < 0 ? "\\left(" + base + "\\right)^{" + exponent + "}" : base + "^{" + exponent + "}";
        }
    }

    private PowersCompared() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        boolean isLargest = draw.coin();
        // In a third of the items alone: else whoever always takes the negative base would be right most of the time.
        boolean negativeBaseDecides = draw.between(1, 3) == 1;
        List<Power> powers = List.of(
                new Power(draw.between(2, 5), -draw.between(1, 3)),
                new Power(draw.between(6, 9), -draw.between(1, 2)),
                new Power(draw.between(2, 9), 0),
                new Power(-draw.between(2, 4), isLargest == negativeBaseDecides ? 2 : 3));
        List<Power> sorted =
                powers.stream().sorted(Comparator.comparing(Power::value)).toList();
        if (powers.stream().map(Power::value).distinct().count() < powers.size()) {
            return make(ref, frame, draw);
        }
        Power right = isLargest ? sorted.getLast() : sorted.getFirst();
        Choices choices = Choices.right("$" + right.latex() + "$");
        powers.forEach(p -> choices.wrong(
                "$" + p.latex() + "$",
                "powers-compared",
                p.exponent() < 0
                        ? "A negative exponent makes a fraction between 0 and 1. Where do the others lie?"
                        : p.exponent() == 0
                                ? "A power with the exponent zero is 1. Where do the others lie?"
                                : "An even number of minus signs makes a plus, an odd number a minus. Where do the"
                                        + " others lie?"));
        Items item = Items.of(ref)
                .text(frame)
                .part(Part.of(
                        "Which one is the " + (isLargest ? "largest?" : "smallest?"),
                        choices.shuffled("answer", isLargest ? "Largest" : "Smallest", draw),
                        "Which of them are negative, which lie between 0 and 1, and which are 1 or more?",
                        "A negative exponent means one over the power, exponent zero means 1, and the number of minus"
                                + " signs decides the sign.",
                        "Sort them first into those below 0, those between 0 and 1, and those that are 1 or more."));
        for (Power p : sorted) {
            item.step("$" + p.latex() + " = " + Linear.fractionLatex(p.value()) + "$", "");
        }
        return item.step("In this order they grow, from the first to the last.", "")
                .given("")
                .build();
    }
}
