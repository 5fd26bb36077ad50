package littlesummit.content.code.measure;

import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;

/** Equal masses: all of them, one of them, with a basket, in two units, on a balance, and as many as may be. */
public final class MassProblems extends KindSkill {
    public MassProblems() {
        super(
                "mass-problems",
                "Equal masses",
                5,
                Tier.of(
                        "Equal masses in one unit: all of them, or one of them read from a scale.",
                        ItemKind.of(
                                "total",
                                MassOfAll::total,
                                "One %1$s weighs %3$s. There are %4$d such %2$s in the shed.",
                                "The hut buys %4$d %2$s. Each %1$s weighs %3$s.",
                                "How heavy are %4$d %2$s together, when each %1$s weighs %3$s?"),
                        ItemKind.of(
                                "one",
                                MassOfOne::one,
                                "On the scale there are %2$d %1$s, all of the same mass.",
                                "%2$d equal %1$s are weighed together.",
                                "The scale shows what %2$d %1$s weigh. All of them weigh the same.")),
                Tier.of(
                        "Two units, and a basket that is weighed with them.",
                        ItemKind.of(
                                "kilograms",
                                MassOfAll::kilograms,
                                "One %1$s weighs %3$s. How many kilograms do %4$d such %2$s weigh?",
                                "A parcel holds %4$d %2$s of %3$s each. Its label has to say the mass in kilograms.",
                                "Each %1$s weighs %3$s. Give the mass of %4$d of them in kilograms."),
                        ItemKind.of(
                                "basket",
                                MassOfOne::basket,
                                "The empty basket weighs %3$s. With %2$d equal %1$s in it, the scale shows this.",
                                "%2$d equal %1$s lie in a basket on the scale. The basket alone weighs %3$s.",
                                "A basket of %3$s and %2$d %1$s of the same mass are weighed together.")),
                Tier.of(
                        "An unknown on both pans, and as many as a limit allows.",
                        ItemKind.of(
                                "pans",
                                MassOnPans::make,
                                "The balance is level. All %s on it weigh the same.",
                                "Nothing moves on this balance. Its %s are all alike.",
                                "On both pans lie equal %s, and the balance stays level."),
                        ItemKind.of(
                                "most",
                                MassLimit::make,
                                "The cable way for goods carries %2$d kg at most. One %1$s weighs %3$d kg.",
                                "The cart of the hut may be loaded with %2$d kg. Each %1$s weighs %3$d kg.",
                                "The shelf in the store holds %2$d kg. A %1$s has a mass of %3$d kg.")));
    }
}
