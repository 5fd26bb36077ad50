package littlesummit.content.code.measure;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** The same length in units of another size: smaller units, more of them. */
final class OtherUnits {
    private OtherUnits() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int times = draw.between(2, 4);
        Strip strip = Strip.drawn(draw, 0, 2, 6);
        boolean smaller = draw.coin();
        int large = strip.length();
        int small = large * times;
        int given = smaller ? large : small;
        int key = smaller ? small : large;
        String known = smaller ? "plank" : "peg";
        String wanted = smaller ? "peg" : "plank";
        String object = strip.object().equals("plank") ? "ladder" : strip.object();
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(key));
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        smaller && large % times == 0,
                        String.valueOf(large / times),
                        "larger-is-more",
                        "A " + wanted + " is shorter than a " + known + ". Are more or fewer of them needed?")
                .addIf(
                        !smaller,
                        String.valueOf(small * times),
                        "larger-is-more",
                        "A " + wanted + " is longer than a " + known + ". Are more or fewer of them needed?")
                .add(
                        String.valueOf(smaller ? large + times : small - times),
                        "added",
                        smaller
                                ? "Every plank stands for " + times + " pegs."
                                : "Always " + times + " pegs stand for one plank.")
                .add(String.valueOf(given), "unchanged", "Units of another size do not come to the same number.");
        String work = smaller ? large + "\\cdot " + times : "\\frac{" + small + "}{" + times + "}";
        return Items.of(ref)
                .text(frame.formatted(object, given + " " + known + "s") + " One plank is as long as " + times
                        + " pegs.")
                .part(Part.of(
                        "How many " + wanted + "s long is it?",
                        Field.typed("length", "Length in " + wanted + "s", "a whole number", answer, mistakes.list()),
                        "Which is longer, a plank or a peg?",
                        "The longer the unit, the fewer of them are needed for the same length.",
                        smaller
                                ? "Lay pegs along the first plank: how many are that? Then do so for each plank."
                                : "Put pegs together until they are as long as one plank, again and again."))
                .step(
                        smaller
                                ? "Every plank is " + times + " pegs long."
                                : "Always " + times + " pegs are as long as one plank.",
                        work)
                .step("Work it out.", String.valueOf(key))
                .given(smaller ? large + "*" + times : small + "/" + times)
                .build();
    }
}
