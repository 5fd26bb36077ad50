package littlesummit.content.code.measure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
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

/** A level balance with equal things on both pans, and a weight beside them. */
final class MassOnPans {
    private MassOnPans() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Load load = Load.light(draw);
        int each = load.grams(draw);
        int right = draw.between(1, 2);
        int more = draw.between(2, 3);
        int left = right + more;
        int beside = 50 * draw.between(0, 4);
        int weight = more * each + beside;
        AnswerSpec answer = AnswerSpec.of(Kind.QUANTITY, Form.Shape.ANY, each + " g");
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        (weight - beside) % left == 0,
                        (weight - beside) / left + " g",
                        "pan-forgotten",
                        "On the other pan lie some, too. Take the same off both pans.")
                .add(weight - beside + " g", "all", "So much do " + more + " of them weigh. What does one weigh?")
                .addIf(
                        beside > 0 && weight % more == 0,
                        weight / more + " g",
                        "weight-forgotten",
                        "On the other pan lies a weight, too. Take it off both pans.");
        Items item = Items.of(ref)
                .text(frame.formatted(load.many()))
                .picture(balance(load, left, beside, right, weight))
                .part(Part.of(
                        "What does one " + load.one() + " weigh? Give the mass with its unit.",
                        Field.typed("mass", "Mass of one", "a number with its unit, g or kg", answer, mistakes.list()),
                        "What lies on both pans alike?",
                        "Take the same off both pans, and the balance stays level.",
                        "Take " + right + " of the " + load.many() + " off each pan: how many are left, and where?"))
                .step(
                        "Take " + right + " off each pan. On one of them " + more + " are left.",
                        more + "x" + (beside > 0 ? " + " + beside : "") + " = " + weight);
        if (beside > 0) {
            item.step("Take " + beside + " g off each pan.", more + "x = " + more * each);
        }
        return item.step("Share equally.", "x = " + each)
                .given(left + "x" + (beside > 0 ? "+" + beside : "") + "=" + (right == 1 ? "" : right) + "x+" + weight)
                .build();
    }

    private static Figure.Balance balance(Load load, int left, int beside, int right, int weight) {
        List<String> pan = new ArrayList<>(Collections.nCopies(left, load.one()));
        if (beside > 0) {
            pan.add(beside + " g");
        }
        List<String> other = new ArrayList<>(Collections.nCopies(right, load.one()));
        other.add(weight + " g");
        return new Figure.Balance(
                "A level balance: left " + left + " " + load.many() + (beside > 0 ? " and " + beside + " g" : "")
                        + ", right " + right + " " + (right == 1 ? load.one() : load.many()) + " and " + weight + " g.",
                pan,
                other,
                true);
    }
}
