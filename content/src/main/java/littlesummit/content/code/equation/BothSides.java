package littlesummit.content.code.equation;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Linear equations with the letter on both sides: plain, from a balance or a story, with brackets. */
public final class BothSides extends KindSkill {
    public BothSides() {
        super(
                "both-sides",
                "Letters on both sides",
                5,
                Tier.of(
                        "Letters on both sides, all numbers above zero, in signs and on a balance.",
                        ItemKind.of(
                                "bare",
                                SidesItem::bare,
                                "Solve the equation for $x$.",
                                "Which $x$ makes both sides equal?"),
                        ItemKind.of(
                                "turned",
                                SidesItem::turned,
                                "Solve the equation for $x$. Look first on which side there is more of it.",
                                "For which $x$ is the left side as large as the right side?"),
                        ItemKind.of(
                                "pans",
                                SidesItem::pans,
                                "The balance is level. All boxes weigh the same, $x$ kilograms; the other weights are"
                                        + " in kilograms.",
                                "Each box on this level balance holds $x$ kilograms of cheese. The numbers beside the"
                                        + " boxes are kilograms, too.")),
                Tier.of(
                        "Numbers below zero, a fraction, and a story in which the equation has to be found.",
                        ItemKind.of(
                                "signed",
                                SidesItem::signed,
                                "Solve the equation for $x$. Mind the signs; no whole number comes out.",
                                "Find $x$ as a fraction."),
                        ItemKind.of(
                                "fractions",
                                SidesItem::fractions,
                                "Solve the equation for $x$. Be rid of the fraction first.",
                                "Which $x$ makes this true? One term is a fraction."),
                        ItemKind.of(
                                "story",
                                SidesItem::story,
                                "The upper tank holds %s litres and gains %s litres a minute. The lower tank holds %s"
                                    + " litres and gains %s litres a minute. After how many minutes do both hold the"
                                    + " same?",
                                "One hiker is %s metres above the hut and climbs %s metres a minute. Another is %s"
                                        + " metres above the hut and climbs %s metres a minute. After how many minutes"
                                        + " are they at the same height?",
                                "A candle of %s millimetres burns down by %s millimetres an hour, another of %s"
                                    + " millimetres by %s millimetres an hour. After how many hours are they equally"
                                    + " long?")),
                Tier.of(
                        "Brackets, a minus in front of them, and a line that is wrong.",
                        ItemKind.of(
                                "brackets",
                                SidesBrackets::one,
                                "Solve the equation for $x$. The brackets come first.",
                                "Multiply out, and then find $x$."),
                        ItemKind.of(
                                "minus",
                                SidesBrackets::minus,
                                "A minus stands before the brackets. Solve the equation.",
                                "Solve for $x$, and mind the sign before the brackets."),
                        ItemKind.of(
                                "two",
                                SidesBrackets::two,
                                "Both sides have brackets. Solve the equation.",
                                "For which $x$ do these two products agree?"),
                        ItemKind.of(
                                "wrong-line",
                                SidesBrackets::wrong,
                                "%s has solved this equation, and something went wrong.",
                                "The lines under this equation are from %s's exercise book. One step went"
                                        + " wrong.")));
    }
}
