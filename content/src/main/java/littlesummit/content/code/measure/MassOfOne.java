package littlesummit.content.code.measure;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** The scale shows all of them together; the mass of one is asked for. */
final class MassOfOne {
    private MassOfOne() {}

    static Item one(ItemRef ref, String frame, Draw draw) {
        boolean grams = draw.coin();
        Load load = grams ? Load.light(draw) : Load.heavy(draw);
        int count = draw.between(3, 8);
        int each = each(load, grams, draw);
        while (!Dial.reads(count * each) || each == count) {
            each = each(load, grams, draw);
        }
        String unit = grams ? "g" : "kg";
        int all = count * each;
        AnswerSpec answer = AnswerSpec.of(Kind.QUANTITY, Form.Shape.ANY, each + " " + unit);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        all * count + " " + unit,
                        "multiplied",
                        "It looks as if it was multiplied. One weighs less than all of them.")
                .add(
                        all - count + " " + unit,
                        "subtracted",
                        "It looks as if the number of them was taken away. Share the mass equally.")
                .add(all + " " + unit, "all", "That is the mass of all. What does one weigh?");
        return Items.of(ref)
                .text(frame.formatted(load.many(), count))
                .picture(scale(all, unit))
                .part(Part.of(
                        "What does one " + load.one() + " weigh? Give the mass with its unit.",
                        Field.typed("mass", "Mass of one", "a number with its unit, g or kg", answer, mistakes.list()),
                        "What does the scale show for all of them?",
                        "Equal masses: divide the mass of all by how many there are.",
                        "The scale shows " + all + " " + unit + " for " + count + " of them."))
                .step(
                        "Read the scale: all together weigh " + all + " " + unit + ". Share it equally.",
                        "\\frac{" + all + "}{" + count + "}")
                .step("Work it out; the unit stays.", String.valueOf(each))
                .given(all + "/" + count)
                .build();
    }

    private static int each(Load load, boolean grams, Draw draw) {
        return grams ? load.grams(draw) : load.kilograms(draw);
    }

    /** The basket has to come off before the rest is shared out. */
    static Item basket(ItemRef ref, String frame, Draw draw) {
        Load load = Load.light(draw);
        int count = draw.between(3, 8);
        int each = load.grams(draw);
        int basket = 50 * draw.between(3, 9);
        while (!Dial.reads(count * each + basket)) {
            each = load.grams(draw);
            basket = 50 * draw.between(3, 9);
        }
        int all = count * each + basket;
        AnswerSpec answer = AnswerSpec.of(Kind.QUANTITY, Form.Shape.ANY, each + " g");
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        all % count == 0,
                        all / count + " g",
                        "basket-shared",
                        "The basket was shared out with them. Take it off first.")
                .add(count * each + " g", "all", "That is what all of them weigh. What does one weigh?")
                .addIf(
                        (all + basket) % count == 0,
                        (all + basket) / count + " g",
                        "basket-added",
                        "The scale shows the basket already. It has to come off.");
        return Items.of(ref)
                .text(frame.formatted(load.many(), count, basket + " g"))
                .picture(scale(all, "g"))
                .part(Part.of(
                        "What does one " + load.one() + " weigh? Give the mass with its unit.",
                        Field.typed("mass", "Mass of one", "a number with its unit, g or kg", answer, mistakes.list()),
                        "What does the scale show, and what of it is the basket?",
                        "First take off the basket, then share what is left equally.",
                        "The scale shows " + all + " g, and " + basket + " g of it is the basket."))
                .step("Take off the basket.", all + " - " + basket + " = " + count * each)
                .step("Share what is left equally.", "\\frac{" + count * each + "}{" + count + "} = " + each)
                .build();
    }

    private static Figure.Scale scale(int all, String unit) {
        Dial dial = Dial.of(all);
        return new Figure.Scale(
                "A scale from 0 to " + Tex.grouped(dial.max()) + " " + unit + " that shows " + Tex.grouped(all) + " "
                        + unit + ".",
                dial.max(),
                dial.step(),
                all,
                unit);
    }
}
