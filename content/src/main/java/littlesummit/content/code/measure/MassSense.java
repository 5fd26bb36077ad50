package littlesummit.content.code.measure;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** A feeling for mass: units, sensible masses, order, estimates, and sentences that cannot be true. */
public final class MassSense extends KindSkill {
    public MassSense() {
        super(
                "mass-sense",
                "A feeling for mass",
                4,
                Tier.of(
                        "One thing: its unit, or its mass.",
                        ItemKind.of(
                                "unit",
                                MassGuess::unit,
                                "What does %1$s weigh: about %2$s of which unit?",
                                "The mass of %1$s is about %2$s. The unit has been rubbed out.",
                                "Somebody has noted for %1$s: %2$s. Which unit belongs there?"),
                        ItemKind.of(
                                "mass",
                                MassGuess::mass,
                                "Which is a sensible mass for %s?",
                                "What may %s weigh?",
                                "Guess the mass of %s without a scale.")),
                Tier.of(
                        "Several things compared, and masses in several units.",
                        ItemKind.of(
                                "order",
                                MassOrder::things,
                                "Put these in order in your mind, from the lightest to the heaviest: %s.",
                                "Which order goes from light to heavy: %s?",
                                "Think of %s. Begin with the lightest."),
                        ItemKind.of(
                                "heaviest",
                                MassOrder::heaviest,
                                "Four parcels lie in the store. Their masses are given in several units.",
                                "These masses stand on four labels.",
                                "Compare these four masses.")),
                Tier.of(
                        "How many make as much, and a sentence that cannot be true.",
                        ItemKind.of(
                                "make",
                                MassGuess::make,
                                "About how many %s weigh as much as %s?",
                                "A huge balance has %s on one pan and %s on the other. About how many are needed?",
                                "Estimate: how many %s are as heavy as %s?"),
                        ItemKind.of(
                                "slip",
                                MassOrder::slip,
                                "In the notebook of %s one of these sentences cannot be true.",
                                "%s has written down four masses. One unit is wrong.",
                                "Three of these sentences by %s may be true.")));
    }
}
