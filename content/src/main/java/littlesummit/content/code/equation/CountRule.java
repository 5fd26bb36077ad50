package littlesummit.content.code.equation;

import littlesummit.content.code.StatedRule;
import littlesummit.content.code.Words;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;

/** A rule about the number of solutions that somebody states: it holds, or one of the equations goes against it. */
final class CountRule {
    private static final StatedRule.Family FAMILY = new StatedRule.Family(
            "an equation",
            "To which equations does the rule apply? Look at coefficients and constants.",
            "Go through the equations one by one: is it one that the rule speaks of, and does it end as the"
                    + " rule says?",
            "Try it with equations in which $x$ has different coefficients, and with $x = 0$.",
            "Look whether this equation has anything to do with the rule, and whether it goes against it.");

    private enum Rule {
        CONSTANTS("If the two constants differ, the equation has no solution."),
        ZERO("If all that is left is $x = 0$, the equation has no solution."),
        SAME("If $x$ has the same coefficient on both sides, there is never exactly one solution."),
        DIFFERENT("If the coefficients of $x$ differ, there is exactly one solution.");

        final String text;

        Rule(String text) {
            this.text = text;
        }
    }

    private CountRule() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Rule rule = draw.oneOf(Rule.values());
        int a = draw.between(3, 9);
        int c = draw.between(1, a - 1);
        int b = draw.between(1, 9);
        Sides differing = Sides.solvedBy(draw.between(1, 6), a, b, c);
        Sides zero = new Sides(a, b, c, b);
        Sides none = new Sides(a, b, a, b + draw.between(1, 8));
        String one = "$" + differing.latex() + "$ has the solution $" + differing.x() + "$.";
        String nil = "$" + zero.latex() + "$ has the solution $0$.";
        String no = "$" + none.latex() + "$ has no solution.";
        StatedRule stated =
                switch (rule) {
                    case CONSTANTS -> FAMILY.rule(one, no, nil);
                    case ZERO -> FAMILY.rule(nil, no, one);
                    case SAME -> FAMILY.rule("", no, nil);
                    case DIFFERENT -> FAMILY.rule("", nil, one);
                };
        return stated.item(ref, frame.formatted(Words.name(draw), rule.text), draw, why(rule));
    }

    private static String why(Rule rule) {
        return switch (rule) {
            case CONSTANTS ->
                "The constants alone decide nothing. With different coefficients of $x$ there is always one solution.";
            case ZERO -> "Zero is a number like any other: put in, it makes both sides equal.";
            case SAME ->
                "With the same coefficient the terms with $x$ cancel. What is left is true for every $x$ or for none.";
            case DIFFERENT ->
                "With different coefficients one term with $x$ is left, and dividing by its coefficient gives one"
                        + " number.";
        };
    }
}
