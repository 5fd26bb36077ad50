package littlesummit.content.code.equation;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** One step undone: a·x = b, x/a = b, (p/q)·x = b, in numbers, letters and stories. */
public final class OneStepMultiplication extends KindSkill {
    public OneStepMultiplication() {
        super(
                "one-step-multiplication",
                "Undoing a multiplication",
                6,
                Tier.of(
                        "A whole number in front of the letter, and what undoes it.",
                        ItemKind.of(
                                "bare",
                                Scaled::whole,
                                "Solve the equation for $x$.",
                                "Which $x$ makes this true?",
                                "Find the number that $x$ stands for."),
                        ItemKind.of(
                                "together",
                                ScaledStory::given,
                                "Let $x$ be %s.",
                                "In the equation, $x$ is %s.",
                                "The equation says the same; $x$ is %s.")),
                Tier.of(
                        "Numbers below zero, a division to be undone, and a story without its equation.",
                        ItemKind.of(
                                "signed",
                                Scaled::signed,
                                "Solve the equation for $x$. Mind the signs.",
                                "Which $x$ makes this true? It is no whole number."),
                        ItemKind.of(
                                "shared",
                                Scaled::shared,
                                "Here $x$ is divided. Solve the equation.",
                                "Which number was divided here?"),
                        ItemKind.of(
                                "told",
                                ScaledStory::told,
                                "Find an equation for $x$, %s.",
                                "In your equation, $x$ is to be %s.",
                                "Let $x$ be %s.")),
                Tier.of(
                        "A fraction in front, letters for the numbers, and a line that is wrong.",
                        ItemKind.of(
                                "fraction",
                                Scaled::fraction,
                                "A fraction stands before $x$. Solve the equation.",
                                "Which $x$ makes this true? A fraction stands in front of it."),
                        ItemKind.of(
                                "part",
                                ScaledStory::part,
                                "How many %s are there in all? Call that number $x$.",
                                "Let $x$ be the number of all %s."),
                        ItemKind.of(
                                "letters",
                                LetterEquation::make,
                                "Solve for $x$. The other letters stand for numbers that are not zero.",
                                "What is $x$, in terms of the rest? No letter stands for zero."),
                        ItemKind.of(
                                "wrong-line",
                                ScaledMistake::make,
                                "%s has solved this equation, and something went wrong.",
                                "%s has solved this equation on the board, but the answer does not fit.")));
    }
}
