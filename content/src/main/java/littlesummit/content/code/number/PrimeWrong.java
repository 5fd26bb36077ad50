package littlesummit.content.code.number;

import java.util.ArrayList;
import java.util.List;
import littlesummit.content.code.LineAtFault;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Somebody's number in three lines: two factors, all their primes, powers. One line does not follow. */
final class PrimeWrong {
    private PrimeWrong() {}

    /**
     * The lines.
     *
     * @param n what is broken down
     * @param lines what stands right of the sign in each line
     * @param why what is wrong in it
     * @param ends what it comes to
     */
    private record Way(PrimePowers n, List<String> lines, String why, String ends) {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        PrimePowers a = PrimePowers.of(draw.between(8, 30, k -> isFactor(PrimePowers.of(k))));
        PrimePowers b = PrimePowers.of(draw.between(9, 40, k -> k != a.value() && isFactor(PrimePowers.of(k))));
        int wrong = draw.between(0, 2);
        Way way = way(a, b, wrong);
        PrimePowers n = way.n();
        Items item = Items.of(ref).text(frame.formatted(Words.name(draw), n.value()));
        LineAtFault.show(
                item,
                way.lines().stream()
                        .map(line -> "$" + n.value() + " = " + line + "$")
                        .toList());
        item.part(LineAtFault.part(
                        way.lines().size(),
                        wrong,
                        "Multiply out what stands in each line: does it still come to the same?",
                        "The value must not change from line to line, and in the end all factors are prime.",
                        "Two numbers stand at the top. Multiply them: is that what was to be broken down?"))
                .part(n.asked(
                        "What should have come out?",
                        Mistakes.of(n.answer())
                                .add(way.ends(), "copied", "That is what stands there. It comes from the wrong line."),
                        "Go back to the last line that holds, or begin again.",
                        "Divide by the smallest prime as often as it goes, then by the next one.",
                        "$" + n.value() + "$ can be divided by " + n.smallest() + "."))
                .step("The mistake is in " + LineAtFault.name(wrong) + ": " + way.why(), "");
        n.steps(item);
        return item.given(String.valueOf(n.value())).build();
    }

    private static Way way(PrimePowers a, PrimePowers b, int wrong) {
        int product = a.value() * b.value();
        PrimePowers n = PrimePowers.of(product);
        PrimePowers second = wrong == 0 ? slipped(b) : b;
        List<String> primes = new ArrayList<>(a.longhand());
        List<String> rest = second.longhand();
        primes.addAll(wrong == 1 ? rest.subList(1, rest.size()) : rest);
        int shown = primes.stream().mapToInt(Integer::parseInt).reduce(1, (x, y) -> x * y);
        PrimePowers gathered = PrimePowers.of(wrong == 2 ? shown * a.smallest() : shown);
        String why =
                switch (wrong) {
                    case 0 -> "those two numbers do not multiply to " + product + ".";
                    case 1 -> "a factor of " + b.value() + " was lost.";
                    default -> "the factors were counted wrongly; there is one " + a.smallest() + " too many.";
                };
        return new Way(
                n,
                List.of(a.value() + "\\cdot " + second.value(), String.join("\\cdot ", primes), gathered.latex()),
                why,
                gathered.entry());
    }

    /** Another number nearby that can be broken down. */
    private static PrimePowers slipped(PrimePowers b) {
        int near = b.value() + 1;
        while (!isFactor(PrimePowers.of(near))) {
            near++;
        }
        return PrimePowers.of(near);
    }

    private static boolean isFactor(PrimePowers n) {
        return n.count() > 1 && n.largest() <= 7;
    }
}
