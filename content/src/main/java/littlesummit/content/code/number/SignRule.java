package littlesummit.content.code.number;

import java.util.List;
import littlesummit.content.code.StatedRule;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A rule about signs that somebody states: true, or false with one of the sums as the proof. */
final class SignRule {
    private static final StatedRule.Family FAMILY = new StatedRule.Family(
            "a sum",
            "To what does the rule apply, and to what does it not?",
            "Go through the sums one by one: is it one that the rule speaks of, and does it end as the rule says?",
            "Try it with numbers on both sides of zero.",
            "Look whether this sum has anything to do with the rule, and whether it goes against it.");

    private enum Rule {
        TWO_MINUSES("Two minus signs always make a plus."),
        SUM_OF_NEGATIVES("The sum of two negative numbers is always negative."),
        DIFFERENCE_IS_LESS("Taking something away always leaves less."),
        OPPOSITES("A number and its opposite always add up to zero.");

        final String text;

        Rule(String text) {
            this.text = text;
        }
    }

    private SignRule() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int a = draw.between(2, 15);
        int b = draw.between(2, 15, n -> n != a);
        String sum = "$-" + a + " + (-" + b + ") = -" + (a + b) + "$";
        String minus = "$-" + a + " - " + b + " = -" + (a + b) + "$";
        String taken = "$" + a + " - (-" + b + ") = " + (a + b) + "$";
        String zero = "$-" + a + " + " + a + " = 0$";
        String against =
                switch (rule) {
                    case TWO_MINUSES -> minus;
                    case DIFFERENCE_IS_LESS -> taken;
                    default -> "";
                };
        StatedRule stated = new StatedRule(
                against,
                List.of(rule == Rule.TWO_MINUSES ? taken : minus, rule == Rule.SUM_OF_NEGATIVES ? zero : sum),
                FAMILY);
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw), rule.text))
                .part(stated.part(draw))
                .step(why(rule), stated.holds() ? "" : against.replace("$", ""))
                .step(stated.holds() ? "So no sum can go against it." : "One such sum is enough.", "")
                .given("")
                .second(
                        "On a number line",
                        switch (rule) {
                            case TWO_MINUSES, SUM_OF_NEGATIVES -> Signed.line(-a, -b);
                            case DIFFERENCE_IS_LESS -> Signed.line(a, b);
                            case OPPOSITES -> Signed.line(-a, a);
                        })
                .build();
    }

    private static String why(Rule rule) {
        return switch (rule) {
            case TWO_MINUSES ->
                "Only a negative number that is taken away makes a plus. From a negative number, going down leads"
                        + " further down.";
            case SUM_OF_NEGATIVES ->
                "You start below zero and go further down, so you can never come up to zero again.";
            case DIFFERENCE_IS_LESS -> "Taking away a negative number adds, and leaves more.";
            case OPPOSITES -> "The opposite is just as far from zero on the other side, so its way leads to zero.";
        };
    }
}
