package littlesummit.content.code.function;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Powers of a binomial: multiplied out, one term of it, back to the power, and multiplied out wrongly by somebody. */
public final class BinomialExpand extends KindSkill {
    public BinomialExpand() {
        super(
                "binomial-expand",
                "Powers of a binomial",
                4,
                Tier.of(
                        "A letter and a number or another letter, to the third or fourth power.",
                        ItemKind.of(
                                "blanks",
                                BinomialWhole::blanks,
                                "Fill the blanks of this expansion.",
                                "Some terms of this expansion are missing.",
                                "The terms are in order. Two of them are blank."),
                        ItemKind.of(
                                "whole",
                                BinomialWhole::whole,
                                "Multiply out.",
                                "Write this power without brackets.",
                                "Expand this power.")),
                Tier.of(
                        "Coefficients inside the brackets, one term alone, and the way back to the power.",
                        ItemKind.of(
                                "scaled",
                                BinomialWhole::scaled,
                                "Here a number stands before the letter, too. Multiply out.",
                                "Multiply out, and mind the number before the letter."),
                        ItemKind.of(
                                "one-term",
                                BinomialTerms::coefficient,
                                "This power is multiplied out.",
                                "Only one term of this expansion is asked for."),
                        ItemKind.of(
                                "back",
                                BinomialTerms::back,
                                "This sum came about when a power of a binomial was multiplied out.",
                                "Behind this sum hides a power of a binomial.")),
                Tier.of(
                        "Powers inside the brackets, a number that is not given, and a term that went wrong.",
                        ItemKind.of(
                                "squares",
                                BinomialWhole::squares,
                                "A power stands inside the brackets. Multiply out.",
                                "Multiply out; exponents inside the brackets count, too."),
                        ItemKind.of(
                                "unknown",
                                BinomialTerms::unknown,
                                "One number inside the brackets is not given: it is called $a$, and it is positive.",
                                "The positive number $a$ in the brackets has been forgotten."),
                        ItemKind.of(
                                "wrong-term",
                                BinomialWrong::make,
                                "%s has multiplied out this power. One term is wrong.",
                                "One term of this expansion in %s's exercise book is wrong.")));
    }
}
