package littlesummit.content.code.number;

import java.util.List;
import littlesummit.content.code.StatedRule;
import littlesummit.content.code.Words;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A rule about absolute values that somebody states: true, or false with numbers that go against it. */
final class BarsRule {
    private static final StatedRule.Family FAMILY = new StatedRule.Family(
            "an example",
            "Of which numbers does the rule speak? Are negative ones among them?",
            "Read each example: is it one of the rule, and are both sides the same in it?",
            "Try it with a negative number.",
            "Look whether these numbers have anything to do with the rule, and whether they go against it.");

    private enum Rule {
        OF_A_SUM("$|a + b|$ is always the same as $|a| + |b|$.", false),
        OF_A_NUMBER("$|a|$ is always the same as $a$.", false),
        OF_THE_OPPOSITE("$|-a|$ is always the same as $|a|$.", true),
        OF_A_DIFFERENCE("$|a - b|$ is always the same as $|b - a|$.", true);

        final String text;
        final boolean holds;

        Rule(String text, boolean holds) {
            this.text = text;
            this.holds = holds;
        }
    }

    private BarsRule() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int a = draw.between(2, 15);
        int b = draw.between(2, 15, n -> n != a);
        String sum = "$|" + a + " + (-" + b + ")| = " + Math.abs(a - b) + "$, and $|" + a + "| + |-" + b + "| = "
                + (a + b) + "$";
        String negative = "$|-" + a + "| = " + a + "$";
        String positive =
                "$|" + a + " + " + b + "| = " + (a + b) + "$, and $|" + a + "| + |" + b + "| = " + (a + b) + "$";
        boolean ofSum = rule == Rule.OF_A_SUM;
        StatedRule stated = new StatedRule(
                rule.holds ? "" : (ofSum ? sum : negative) + ".",
                List.of((ofSum ? negative : sum) + ".", positive + "."),
                FAMILY);
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw), rule.text))
                .part(stated.part(draw))
                .step(why(rule), "")
                .step(rule.holds ? "So no numbers can go against it." : "One such example is enough.", "")
                .given("")
                .second(
                        "As distances",
                        new Block.Text("Read every pair of bars as a way: $|a - b|$ is the way between $a$ and $b$, and"
                                + " $|a|$ the way from zero to $a$. Do both sides name the same way?"))
                .build();
    }

    private static String why(Rule rule) {
        return switch (rule) {
            case OF_A_SUM ->
                "Numbers on two sides of zero take something away from one another, while their distances from zero add"
                        + " up.";
            case OF_A_NUMBER -> "For a negative number the distance is the opposite: it is never negative.";
            case OF_THE_OPPOSITE -> "A number and its opposite lie equally far from zero, on two sides.";
            case OF_A_DIFFERENCE -> "The way from one place to another is as long as the way back.";
        };
    }
}
