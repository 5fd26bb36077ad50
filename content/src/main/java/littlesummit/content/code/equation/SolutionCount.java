package littlesummit.content.code.equation;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** None, one or infinitely many: how many solutions a linear equation has, and what decides it. */
public final class SolutionCount extends KindSkill {
    public SolutionCount() {
        super(
                "solution-count",
                "How many solutions",
                7,
                Tier.of(
                        "Coefficients and constants compared, in one equation or among four.",
                        ItemKind.of(
                                "plain",
                                CountItem::plain,
                                "How many solutions does this equation have?",
                                "How many numbers $x$ make this true?",
                                "Look at this equation. How many numbers can $x$ be?"),
                        ItemKind.of(
                                "which",
                                CountItem::which,
                                "Four equations are given, and one of them is wanted.",
                                "Find the right equation without solving all four.",
                                "Compare these equations.")),
                Tier.of(
                        "Brackets to multiply out, zero as a solution, and a number to be filled in.",
                        ItemKind.of(
                                "brackets",
                                CountItem::brackets,
                                "How many solutions does this equation have, once the brackets are gone?",
                                "Multiply out. How many numbers $x$ make this true?"),
                        ItemKind.of(
                                "zero",
                                CountItem::zero,
                                "The two constants agree here. How many solutions are there?",
                                "The same number stands on both sides. What does that say about $x$?"),
                        ItemKind.of(
                                "complete",
                                CountFilled::box,
                                "A number is missing in the box.",
                                "Somebody spilled soup on this equation. The box stands for a number.")),
                Tier.of(
                        "Terms to put together, a letter for a coefficient, and rules that somebody states.",
                        ItemKind.of(
                                "split",
                                CountItem::split,
                                "Put like terms together first. How many solutions does this equation have?",
                                "How many numbers $x$ make this true? Some terms belong together."),
                        ItemKind.of(
                                "letter",
                                CountFilled::letter,
                                "In this equation $k$ stands for a number.",
                                "Somebody may choose the number $k$ in this equation."),
                        ItemKind.of(
                                "rule",
                                CountRule::make,
                                "%s says: “%s” Which of these shows best whether that is so?",
                                "%s has written a rule in an exercise book: “%s” Which of these fits?")));
    }
}
