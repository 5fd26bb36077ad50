package littlesummit.content.code.measure;

import java.util.Collections;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** The mass of one is told; that of all is asked for. */
final class MassOfAll {
    private MassOfAll() {}

    static Item total(ItemRef ref, String frame, Draw draw) {
        boolean grams = draw.coin();
        Load load = grams ? Load.light(draw) : Load.heavy(draw);
        int each = grams ? load.grams(draw) : load.kilograms(draw);
        int count = draw.between(3, 9, n -> n != each);
        String unit = grams ? "g" : "kg";
        int all = count * each;
        AnswerSpec answer = AnswerSpec.of(Kind.QUANTITY, Form.Shape.ANY, all + " " + unit);
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        count + each + " " + unit,
                        "added",
                        "It looks as if the two numbers were added. Each one weighs so much, and there are several.")
                .addIf(
                        each % count == 0,
                        each / count + " " + unit,
                        "divided",
                        "It looks as if it was divided. All of them weigh more than one.")
                .add(all + (grams ? " kg" : " g"), "unit", "The number is right. Look at the unit.");
        return Items.of(ref)
                .text(frame.formatted(load.one(), load.many(), each + " " + unit, count))
                .part(Part.of(
                        "Give the mass of all of them with its unit.",
                        Field.typed("mass", "Mass of all", "a number with its unit, g or kg", answer, mistakes.list()),
                        "Do all of them weigh more or less than one?",
                        "Equal masses: multiply the mass of one by how many there are.",
                        "It is " + count + " times " + each + " " + unit + "."))
                .step("Equal masses are multiplied.", count + "\\cdot " + each)
                .step("Work it out; the unit stays.", String.valueOf(all))
                .given(count + "*" + each)
                .second(
                        "As a bar",
                        new Block.Text("Each piece of the bar is one " + load.one() + "."),
                        new Block.Picture(new Figure.Bar(
                                "A bar of " + count + " equal pieces, each " + each + " " + unit + ".",
                                "all together: ?",
                                Collections.nCopies(count, new Figure.Piece(1, each + " " + unit, false, "")))))
                .build();
    }

    /** In grams each, in kilograms together; no whole number of kilograms comes out. */
    static Item kilograms(ItemRef ref, String frame, Draw draw) {
        Load load = Load.light(draw);
        int each = load.grams(draw);
        int count = draw.between(8, 30, n -> n * each % 1000 != 0 && n * each > 600);
        int all = count * each;
        Rational kilograms = Rational.of(all, 1000);
        String right = Tex.plain(kilograms);
        AnswerSpec answer = AnswerSpec.number(Form.Shape.DECIMAL, right).withSuffix("kg");
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(all), "grams", "Those are grams. How many grams make one kilogram?")
                .add(
                        Tex.plain(Rational.of(all, 100)),
                        "by-a-hundred",
                        "It looks as if the grams were divided by 100. One kilogram has more grams.")
                .add(Tex.plain(Rational.of(each, 1000)), "one-only", "That is one of them. What do all of them weigh?");
        return Items.of(ref)
                .text(frame.formatted(load.one(), load.many(), each + " g", count))
                .part(Part.of(
                        "What is the mass in kilograms?",
                        Field.typed("mass", "Mass of all", "a decimal number of kilograms", answer, mistakes.list()),
                        "Is it more or less than one kilogram?",
                        "One kilogram is 1,000 grams. Work out the grams of all of them first.",
                        "In grams it is " + count + " times " + each + "."))
                .step("First in grams.", count + "\\cdot " + each + " = " + all)
                .step("1,000 grams are one kilogram: divide by 1,000.", "\\frac{" + all + "}{1000} = " + right)
                .build();
    }
}
