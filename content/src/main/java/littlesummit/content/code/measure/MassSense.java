package littlesummit.content.code.measure;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/** Which mass is plausible, in grams or kilograms. */
public final class MassSense extends SkillDefinition {
    public MassSense() {
        super("mass-sense", "A feeling for mass", List.of("light", "heavy"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        boolean light = ref.variant().equals("light");
        Thing thing = light ? Thing.light(draw) : Thing.heavy(draw);
        int unit = light ? 10 : 1000;
        int grams = draw.between((thing.least() + unit - 1) / unit, thing.most() / unit) * unit;
        boolean other = ref.tier() == 3;
        String right = other
                ? light ? Tex.plain(kilos(grams)) + " kg" : Tex.grouped(grams) + " g"
                : light ? grams + " g" : grams / 1000 + " kg";
        String number = right.substring(0, right.indexOf(' '));
        Choices choices = Choices.right(right)
                .wrong(
                        number + (right.endsWith("kg") ? " g" : " kg"),
                        "unit",
                        "A thousand times off. Compare it with a bag of flour, which weighs 1 kg.");
        if (ref.tier() > 1) {
            choices.wrong(
                    light ? grams * 100L + " g" : grams / 100 + " g",
                    "size",
                    "Compare it with something that you know: a bag of flour has 1 kg, a paper clip about 1 g.");
        }
        choices.wrong(
                light ? grams + " mg" : grams / 1000 + " mg", "milligrams", "A milligram is a grain of salt or less.");
        Field field = choices.shuffled("mass", "Mass", draw);
        return Items.of(ref)
                .text("Which is a sensible mass for " + thing.name() + "?")
                .part(Part.of(
                        "Choose the mass.",
                        field,
                        "Have you held one? Was it lighter or heavier than a bag of flour?",
                        "A paper clip weighs about 1 g, a bag of flour 1 kg. One kilogram is 1,000 grams.",
                        "How many of them would weigh as much as a bag of flour, or how many bags would weigh as much"
                                + " as one?"))
                .step("Compare with things you know: a paper clip of 1 g, a bag of flour of 1 kg.", "")
                .step("Only " + right + " is close to what " + thing.name() + " weighs.", "")
                .build();
    }

    private static littlesummit.core.math.Rational kilos(int grams) {
        return littlesummit.core.math.Rational.of(grams, 1000);
    }
}
