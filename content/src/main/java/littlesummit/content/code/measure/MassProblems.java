package littlesummit.content.code.measure;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/** Equal masses: all of them, or one of them read from a balance. */
public final class MassProblems extends SkillDefinition {
    private static final List<String> LIGHT = List.of("candle", "tin cup", "sock", "bell");
    private static final List<String> HEAVY = List.of("cheese", "blanket", "rope", "lantern");

    public MassProblems() {
        super("mass-problems", "Equal masses", List.of("total", "one"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        boolean grams = ref.tier() != 2 && draw.coin() || ref.tier() == 3;
        int count = draw.between(2, Grounds.of(ref.tier(), 6, 9, 8));
        int each = grams
                ? 10 * draw.between(4, 20, n -> Dial.reads(10 * n * count))
                : draw.between(2, Grounds.of(ref.tier(), 5, 9, 9), n -> Dial.reads(n * count));
        String unit = grams ? "g" : "kg";
        String thing = grams ? draw.oneOf(LIGHT) : draw.oneOf(HEAVY);
        return ref.variant().equals("total")
                ? total(ref, thing, count, each, unit)
                : one(ref, thing, count, each, unit);
    }

    private static String plural(String thing) {
        return thing + "s";
    }

    private Item total(ItemRef ref, String thing, int count, int each, String unit) {
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
                .add(all + (unit.equals("g") ? " kg" : " g"), "unit", "The number is right. Look at the unit.");
        Field field = Field.typed("mass", "Mass of all", "a number with its unit, g or kg", answer, mistakes.list());
        return Items.of(ref)
                .text("One " + thing + " weighs " + each + " " + unit + ". What do " + count + " such " + plural(thing)
                        + " weigh?")
                .part(Part.of(
                        "Give the mass with its unit.",
                        field,
                        "Do all of them weigh more or less than one?",
                        "Equal masses: multiply the mass of one by how many there are.",
                        "It is " + count + " times " + each + " " + unit + "."))
                .step("Equal masses are multiplied.", count + "\\cdot " + each)
                .step("Work it out; the unit stays.", String.valueOf(all))
                .given(count + "*" + each)
                .second(
                        "As a bar",
                        new Block.Text("Each piece of the bar is one " + thing + "."),
                        new Block.Picture(bar(count, each, unit, false)))
                .build();
    }

    private Item one(ItemRef ref, String thing, int count, int each, String unit) {
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
        Field field = Field.typed("mass", "Mass of one", "a number with its unit, g or kg", answer, mistakes.list());
        Dial dial = Dial.of(all);
        return Items.of(ref)
                .text("On the scale there are " + count + " " + plural(thing) + ", all of the same mass. What does one "
                        + thing + " weigh?")
                .picture(new Figure.Scale(
                        "A scale from 0 to " + Tex.grouped(dial.max()) + " " + unit + " that shows " + Tex.grouped(all)
                                + " " + unit + ".",
                        dial.max(),
                        dial.step(),
                        all,
                        unit))
                .part(Part.of(
                        "Give the mass with its unit.",
                        field,
                        "What does the scale show for all of them?",
                        "Equal masses: divide the mass of all by how many there are.",
                        "The scale shows " + all + " " + unit + " for " + count + " of them."))
                .step(
                        "Read the scale: all together weigh " + all + " " + unit + ". Share it equally.",
                        "\\frac{" + all + "}{" + count + "}")
                .step("Work it out; the unit stays.", String.valueOf(each))
                .given(all + "/" + count)
                .second(
                        "As a bar",
                        new Block.Text("The whole bar is what the scale shows, cut into " + count + " equal pieces."),
                        new Block.Picture(bar(count, each, unit, true)))
                .build();
    }

    private static Figure.Bar bar(int count, int each, String unit, boolean hidden) {
        String label = hidden ? "?" : each + " " + unit;
        return new Figure.Bar(
                "A bar of " + count + " equal pieces"
                        + (hidden ? ", all together " + count * each + " " + unit : ", each " + each + " " + unit)
                        + ".",
                hidden ? count * each + " " + unit : "all together: ?",
                java.util.Collections.nCopies(count, new Figure.Piece(1, label, false, "")));
    }
}
