package littlesummit.content.code.measure;

import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Tex;

/** One thing: its unit, its mass, and how many of it make as much as another. */
final class MassGuess {
    private static final String KNOWN =
            "A grain of salt has less than 1 mg, a paper clip about 1 g, a bag of flour 1 kg, a small car about 1 t.";
    private static final String COMPARE = "Compare it with things that you know, such as a bag of flour.";

    private MassGuess() {}

    static Item unit(ItemRef ref, String frame, Draw draw) {
        Thing thing = Thing.of(draw.oneOf(MassUnit.values()), draw);
        int mass = thing.mass(draw);
        Choices choices = Choices.right(thing.unit().sign());
        for (MassUnit other : MassUnit.values()) {
            if (other != thing.unit()) {
                choices.wrong(
                        other.sign(),
                        "unit",
                        other.milligrams() > thing.unit().milligrams()
                                ? "That would be far too heavy. " + COMPARE
                                : "That would be far too light. " + COMPARE);
            }
        }
        return Items.of(ref)
                .text(frame.formatted(thing.name(), mass))
                .part(Part.of(
                        "Which unit makes sense?",
                        choices.shuffled("unit", "Unit", draw),
                        "Could you hold it in one hand?",
                        "Each unit is 1,000 times the one before it: milligram, gram, kilogram, tonne.",
                        KNOWN))
                .step(KNOWN, "")
                .step(
                        "So " + thing.name() + " weighs about " + mass + " "
                                + thing.unit().sign() + ".",
                        "")
                .build();
    }

    static Item mass(ItemRef ref, String frame, Draw draw) {
        Thing thing = Thing.of(draw.oneOf(MassUnit.values()), draw);
        long right = thing.milligrams(thing.mass(draw));
        Choices choices = Choices.right(Thing.said(right));
        for (long factor : new long[] {1_000, 100}) {
            boolean isUp = thing.unit() == MassUnit.MILLIGRAM || thing.unit() != MassUnit.TONNE && draw.coin();
            long other = isUp ? right * factor : right / factor;
            choices.wrong(
                    Thing.said(other),
                    "size",
                    (isUp ? "That is far too heavy. " : "That is far too light. ") + COMPARE);
        }
        return Items.of(ref)
                .text(frame.formatted(thing.name()))
                .part(Part.of(
                        "Choose the mass.",
                        choices.shuffled("mass", "Mass", draw),
                        "Have you held one, or seen somebody carry it?",
                        "Look at the units first, then at the numbers.",
                        KNOWN))
                .step(KNOWN, "")
                .step("Only " + Thing.said(right) + " is close to what " + thing.name() + " weighs.", "")
                .build();
    }

    /** The estimate is a power of ten, so that no exact mass is needed. */
    static Item make(ItemRef ref, String frame, Draw draw) {
        Thing light;
        Thing heavy;
        do {
            light = Thing.any(draw);
            heavy = Thing.any(draw);
        } while (!isClear(light, heavy));
        int power = power(light, heavy);
        Choices choices = Choices.right("about " + ten(power));
        for (int other : new int[] {power - 2, power + 2, power + 1 > 6 ? power - 1 : power + 1}) {
            if (other >= 0 && other <= 7) {
                choices.wrong(
                        "about " + ten(other),
                        "size",
                        other > power
                                ? "So many would be far heavier. Say both masses in one unit first."
                                : "So many would be far lighter. Say both masses in one unit first.");
            }
        }
        return Items.of(ref)
                .text(frame.formatted(light.many(), heavy.name()))
                .part(Part.of(
                        "Choose the best estimate.",
                        choices.shuffled("estimate", "Estimate", draw),
                        "What does one of each weigh, about?",
                        "Say both masses in the same unit; 1 t is 1,000 kg, 1 kg is 1,000 g, 1 g is 1,000 mg.",
                        "How many of the light ones make one kilogram, or one gram?"))
                .step(
                        "One weighs about " + Thing.said(light.about()) + ", the other about "
                                + Thing.said(heavy.about()) + ".",
                        "")
                .step("The second is about " + ten(power) + " times as heavy.", "")
                .build();
    }

    /** Whatever the two weigh within their ranges, the same power of ten is the nearest. */
    private static boolean isClear(Thing light, Thing heavy) {
        double least = Math.log10((double) heavy.milligrams(heavy.least()) / light.milligrams(light.most()));
        double most = Math.log10((double) heavy.milligrams(heavy.most()) / light.milligrams(light.least()));
        return least >= 0.7 && most <= 6.3 && Math.round(least) == Math.round(most);
    }

    private static int power(Thing light, Thing heavy) {
        return (int) Math.round(Math.log10((double) heavy.about() / light.about()));
    }

    private static String ten(int power) {
        return Tex.grouped(Math.round(Math.pow(10, power)));
    }
}
