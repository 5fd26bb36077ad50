package littlesummit.content.code.number;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** A value that goes up or down, and where it is then. The frame ends in the words for up and for down. */
final class SignedChange {
    private SignedChange() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        String[] words = frame.split("#");
        boolean water = words[0].contains("diver");
        int from = water ? draw.between(-28, -6) : draw.between(-16, 16, n -> Math.abs(n) > 1);
        boolean up = draw.coin();
        int size = water
                ? up ? draw.between(2, -from - 1) : draw.between(2, 12)
                : from < 0 ? draw.between(3, 24, n -> n != -from) : draw.between(from + 1, from + 18);
        int change = up && (water || from < 0) ? size : -size;
        int to = from + change;
        String said = (change > 0 ? words[1] : words[2]) + " " + size;
        String sum = from + Signed.added(change);
        Items item = Items.of(ref)
                .text(words[0].formatted(from, said))
                .part(part(from, change))
                .step("Going up is added, going down is taken away.", sum);
        if (Integer.signum(from) * Integer.signum(to) < 0) {
            item.step(
                    "Go to zero first: that takes " + Math.abs(from) + " of the " + size
                            + ". The rest goes on from zero.",
                    "0" + Signed.added(to));
        }
        return item.step("So it ends at:", String.valueOf(to))
                .given(sum)
                .second("On a number line", Signed.line(from, change))
                .build();
    }

    private static Part part(int from, int change) {
        int to = from + change;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(to));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(from - change), "other-way", "It goes the other way. Read once more what happens.")
                .add(
                        String.valueOf(Math.abs(from) + Math.abs(change)),
                        "absolute-values",
                        "It looks as if the sign of the first number was left out. On which side of zero does it"
                                + " begin?")
                .addIf(
                        from < 0 && change > 0,
                        String.valueOf(from - change),
                        "below-zero-turned",
                        "Below zero, going up still goes toward zero.")
                .add(String.valueOf(-to), "sign", "The size is right. On which side of zero does it end?");
        Field field = Field.typed("answer", "The number now", "a whole number with its sign", answer, mistakes.list());
        return Part.of(
                "What is the number now?",
                field,
                "On which side of zero does it begin, and which way does it go?",
                "Going up the scale is adding, also below zero: there it leads toward zero.",
                "Start at $" + from + "$. How far is it from there to zero?");
    }
}
