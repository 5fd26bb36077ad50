package littlesummit.content.code.number;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.content.code.Divisors;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** Somebody's cancelling, step by step; one step divides top and bottom by different numbers, or takes away. */
final class LowestWrong {
    private static final int STEPS = 3;
    private static final Pattern NUMBER = Pattern.compile("\\d+");

    private LowestWrong() {}

    /**
     * Somebody's way.
     *
     * @param by what is divided by, step by step
     * @param wrong index of the step that does not hold
     */
    private record Way(Cancelled c, int[] by, int wrong, boolean takesAway) {
        static Way drawn(Draw draw) {
            int wrong = draw.between(0, STEPS - 1);
            boolean takesAway = wrong == STEPS - 1 && draw.coin();
            Way way;
            do {
                int[] by = {draw.oneOf(2, 3), draw.oneOf(2, 5), draw.oneOf(2, 3)};
                int q = draw.between(5, 9);
                int p = draw.between(2, q - 1, n -> Divisors.gcd(n, q) == 1);
                way = new Way(new Cancelled(p, q, by[0] * by[1] * by[2]), by, wrong, takesAway);
            } while (way.tells());
            return way;
        }

        /** Whether both numbers of the answer stand in the steps, where they could be taken from. */
        private boolean tells() {
            Set<String> numbers = NUMBER.matcher(String.join(" ", steps()))
                    .results()
                    .map(MatchResult::group)
                    .collect(Collectors.toSet());
            return numbers.contains(String.valueOf(c.p())) && numbers.contains(String.valueOf(c.q()));
        }

        List<int[]> rows() {
            List<int[]> rows = new ArrayList<>();
            rows.add(new int[] {c.num(), c.den()});
            for (int i = 0; i < STEPS; i++) {
                int[] last = rows.getLast();
                rows.add(i == wrong ? slip(last, by[i], takesAway) : divided(last, by[i]));
            }
            return rows;
        }

        List<String> steps() {
            List<int[]> rows = rows();
            return IntStream.range(0, STEPS)
                    .mapToObj(i -> "Step " + (i + 1) + ": $" + tex(rows.get(i)) + " = " + tex(rows.get(i + 1)) + "$")
                    .toList();
        }
    }

    static Item make(ItemRef ref, String frame, Draw draw) {
        Way way = Way.drawn(draw);
        Cancelled c = way.c();
        String why = way.takesAway()
                ? "There the same number was taken away from top and bottom."
                : "There top and bottom were not divided by the same number.";
        Items item = Items.of(ref)
                .text(frame.formatted(Words.name(draw)))
                .part(which(way.steps(), way.wrong()))
                .part(c.part(
                        "What is $" + c.latex() + "$ in lowest terms?",
                        "Begin again with the fraction at the top.",
                        ended(c, way.rows().getLast())))
                .step("Step " + (way.wrong() + 1) + " does not hold. " + why, "")
                .given(c.num() + "/" + c.den());
        c.steps(item);
        return item.build();
    }

    private static Mistakes ended(Cancelled c, int[] last) {
        int factor = Divisors.gcd(last[0], last[1]);
        return Mistakes.of(c.answer())
                .addIf(
                        last[1] / factor > 1 && last[0] * c.q() != last[1] * c.p(),
                        last[0] / factor + "/" + last[1] / factor,
                        "copied",
                        "That comes from the wrong step.");
    }

    /** What comes of the slip can still be divided as the steps after it do. */
    private static int[] slip(int[] last, int by, boolean takesAway) {
        return takesAway ? new int[] {last[0] - by, last[1] - by} : new int[] {last[0], last[1] / by};
    }

    private static int[] divided(int[] last, int by) {
        return new int[] {last[0] / by, last[1] / by};
    }

    private static String tex(int[] fraction) {
        return Cancelled.latex(fraction[0], fraction[1]);
    }

    private static Part which(List<String> options, int wrong) {
        Choices choices = Choices.right(options.get(wrong));
        for (int i = 0; i < options.size(); i++) {
            choices.wrong(
                    options.get(i),
                    i < wrong ? "step-stands" : "later-step",
                    "In this step top and bottom are divided by the same number.");
        }
        return Part.of(
                "Which step does not hold?",
                choices.ordered("step", "Wrong step", Comparator.naturalOrder()),
                "Look at each step by itself: what was done at the top, and what at the bottom?",
                "Only multiplying or dividing both by the same number leaves a fraction as it is.",
                "Begin with the first step: by what would one have to divide the top, and by what the bottom?");
    }
}
