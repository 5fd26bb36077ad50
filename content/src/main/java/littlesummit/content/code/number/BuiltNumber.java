package littlesummit.content.code.number;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import littlesummit.content.code.Words;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** A number given by its places, one of them empty: whoever writes the digits one after another leaves out the zero. */
final class BuiltNumber {
    private BuiltNumber() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int digits = draw.between(4, 5);
        int empty = draw.between(0, digits - 2);
        List<Place> places = new ArrayList<>();
        long number = 0;
        for (int p = digits - 1; p >= 0; p--) {
            int digit = p == empty ? 0 : draw.between(1, 9);
            number = number * 10 + digit;
            if (digit > 0) {
                places.add(Place.of(p));
            }
        }
        long value = number;
        List<Place> told = draw.between(1, 3) == 1 ? draw.shuffled(places) : places;
        String heaps =
                Words.list(told.stream().map(p -> p.count(p.digit(value))).toList());
        String sum =
                places.stream().map(p -> Words.tex(p.digit(value) * p.unit())).collect(Collectors.joining(" + "));
        return Items.of(ref)
                .text(frame.formatted(heaps))
                .part(part(value, told, Place.of(empty)))
                .step("Say what each of them is worth, the largest first.", sum)
                .step(
                        "Put each digit in its place. There are no " + Place.of(empty).many
                                + ", so a zero holds that place.",
                        Words.tex(value))
                .given(String.valueOf(value))
                .second(
                        "In a place table",
                        new Block.Text("A place without a digit gets a zero, or the digits before it would slip."),
                        new Block.Table(
                                Place.heads(digits),
                                List.of(List.of(String.valueOf(value).split("")))))
                .build();
    }

    private static Part part(long value, List<Place> told, Place empty) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.NUMERAL, String.valueOf(value));
        String aRow = told.stream().map(p -> String.valueOf(p.digit(value))).collect(Collectors.joining());
        String spoken = told.stream()
                .map(p -> String.valueOf(p.digit(value) * p.unit()))
                .collect(Collectors.joining());
        String noZero = String.valueOf(value).replaceFirst("0", "");
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        noZero,
                        "zero-left-out",
                        "One place has nothing in it. What holds it open, so that the other digits stay in theirs?")
                .add(
                        aRow,
                        "digits-in-a-row",
                        "It looks as if the digits were written as they were told. Which place does each of them"
                                + " belong to?")
                .add(
                        spoken,
                        "as-spoken",
                        "It looks as if each amount was written out behind the one before. Lay them on top of one"
                                + " another instead.");
        Field field = Field.typed("answer", "The number", "a plain number with all its zeros", answer, mistakes.list());
        return Part.of(
                "Write it as one number.",
                field,
                "How many digits must the number have?",
                "Every place gets one digit, also the one of which there are none.",
                "Draw a place table down to the ones and fill in what you are told. The place of the " + empty.many
                        + " stays empty.");
    }
}
