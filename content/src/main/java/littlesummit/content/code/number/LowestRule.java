package littlesummit.content.code.number;

import littlesummit.content.code.StatedRule;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;

/** A rule about cancelling that somebody states: it holds, or one of the fractions goes against it. */
final class LowestRule {
    private static final StatedRule.Family FAMILY = new StatedRule.Family(
            "a fraction",
            "To which fractions does the rule apply? Look at top and bottom.",
            "Go through them one by one: is it one that the rule speaks of, and is it as the rule says?",
            "Try it with numbers that are multiples of 3, of 5 or of 7.",
            "Look whether this fraction has anything to do with the rule, and whether it goes against it.");

    private enum Rule {
        ODD("If top and bottom are odd, the fraction is in lowest terms."),
        PRIME("If the bottom is a prime number and larger than the top, the fraction is in lowest terms."),
        NEIGHBOURS("If the bottom is one more than the top, the fraction is in lowest terms."),
        EVEN("If the top is even and the bottom odd, the fraction is in lowest terms."),
        ADDED("Adding the same number to top and bottom leaves the value as it is."),
        TIMES("Multiplying top and bottom by the same number leaves the value as it is.");

        final String text;

        Rule(String text) {
            this.text = text;
        }
    }

    private LowestRule() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int k = draw.oneOf(3, 5, 7);
        String odd = equal(k * draw.oneOf(1, 3), k * 5, k);
        String even = equal(2 * k, k * draw.oneOf(3, 5), k);
        int n = draw.between(2, 9);
        String neighbours = "$" + Cancelled.latex(n, n + 1) + "$ cannot be cancelled.";
        String added = "$\\frac{1}{2}$ and $" + Cancelled.latex(1 + n, 2 + n) + "$ are different numbers.";
        String both = equal(4 * k, 6 * k, 2 * k);
        StatedRule stated =
                switch (rule) {
                    case ODD -> FAMILY.rule(odd, even, neighbours);
                    case EVEN -> FAMILY.rule(even, odd, neighbours);
                    case ADDED -> FAMILY.rule(added, odd, both);
                    case PRIME, NEIGHBOURS -> FAMILY.rule("", odd, even);
                    case TIMES -> FAMILY.rule("", added, neighbours);
                };
        return stated.item(ref, frame.formatted(Words.name(draw), rule.text), draw, why(rule));
    }

    private static String equal(int num, int den, int by) {
        return "$" + Cancelled.latex(num, den) + " = " + Cancelled.latex(num / by, den / by) + "$.";
    }

    private static String why(Rule rule) {
        return switch (rule) {
            case ODD -> "Odd numbers can share an odd factor, such as 3 or 5.";
            case EVEN -> "They do not share the factor 2, but an odd one is possible.";
            case PRIME -> "A prime number has no factors but 1 and itself, and it does not divide a smaller number.";
            case NEIGHBOURS -> "What divides two neighbours divides their difference, too, and that is 1.";
            case ADDED -> "Adding the same changes a small top more than a larger bottom.";
            case TIMES -> "Every part is cut into so many smaller ones, and so many more of them count.";
        };
    }
}
