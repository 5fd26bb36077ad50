package littlesummit.content.code.power;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Products, quotients and powers of powers: of one base, of one exponent, with zero and below, with letters. */
public final class ExponentRules extends KindSkill {
    public ExponentRules() {
        super(
                "exponent-rules",
                "Rules for exponents",
                5,
                Tier.of(
                        "One base and exponents above zero: products, quotients, powers of powers, and an exponent that"
                                + " is missing.",
                        ItemKind.of(
                                "one-power", OneBase::power, "Write this as one power.", "Which single power is this?"),
                        ItemKind.of("value", OneBase::value, "Work out the value.", "What comes out?"),
                        ItemKind.of(
                                "missing",
                                MissingExponent::make,
                                "An exponent is missing in the box.",
                                "Which number belongs in the box, so that both sides are equal?")),
                Tier.of(
                        "Exponents of zero and below, signs before and inside of brackets, and sizes compared.",
                        ItemKind.of(
                                "below-zero",
                                OneBase::belowZero,
                                "Work out the value. Some exponents may be below zero.",
                                "What comes out? Mind the signs of the exponents."),
                        ItemKind.of(
                                "sign",
                                SignedPower::make,
                                "Work out the value. Look at what the exponent stands behind.",
                                "Is the minus raised, too? Find the value."),
                        ItemKind.of(
                                "largest",
                                PowersCompared::make,
                                "Four powers stand side by side.",
                                "Estimate these four powers before you compute.")),
                Tier.of(
                        "Different bases, several rules at once, letters, and rules that somebody states.",
                        ItemKind.of(
                                "two-bases",
                                OneExponent::make,
                                "The bases differ here. Work out the value.",
                                "Put together what can be put together. What comes out?"),
                        ItemKind.of(
                                "several",
                                SeveralRules::number,
                                "Several rules are needed here. Write it as one power.",
                                "Go step by step. Which single power is this?"),
                        ItemKind.of(
                                "letters",
                                SeveralRules::letter,
                                "Write this as one power of $x$.",
                                "Simplify, for any $x$ that is not zero."),
                        ItemKind.of(
                                "rule",
                                ExponentRule::make,
                                "%s says: “%s” Which of these shows best whether that is so?",
                                "%s has written a rule in an exercise book: “%s” Which of these fits?")));
    }
}
