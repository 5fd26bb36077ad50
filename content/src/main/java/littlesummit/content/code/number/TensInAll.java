package littlesummit.content.code.number;

import java.util.List;
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

/** How many tens, or hundreds, there are in all: more than the digit in that place says. */
final class TensInAll {
    private TensInAll() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Place unit = draw.coin() ? Place.TENS : Place.HUNDREDS;
        int digits = draw.between(4, 5);
        int low = (int) Place.of(digits - 1).unit();
        long number = draw.between(low, 10 * low - 1, n -> unit.digit(n) > 0 && n % unit.unit() != 0);
        long in = number / unit.unit();
        long rest = number % unit.unit();
        String size = Words.n(unit.unit());
        return Items.of(ref)
                .text(frame.formatted(size, Words.n(number)) + " How many full ones does that make?")
                .part(part(number, unit))
                .step(
                        "Everything left of the " + (unit == Place.TENS ? "ones" : "tens") + " can be counted in "
                                + unit.many + ", since the higher places are " + unit.many + " too: $"
                                + Words.tex(number)
                                + " = " + Words.tex(in) + "\\cdot " + unit.unit() + " + " + rest + "$.",
                        "")
                .step("So many are full; what is left over does not fill another one.", Words.tex(in))
                .given("")
                .second(
                        "In a place table",
                        new Block.Text("Cover the places right of the " + unit.many + ". What you still read is how"
                                + " many there are in all."),
                        new Block.Table(
                                Place.heads(digits),
                                List.of(List.of(String.valueOf(number).split("")))))
                .build();
    }

    private static Part part(long number, Place unit) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.NUMERAL, String.valueOf(number / unit.unit()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(unit.digit(number)),
                        "digit-only",
                        "That is the digit in that place alone. The places before it are full of them too.")
                .add(
                        String.valueOf(unit.digit(number) * unit.unit()),
                        "value-of-the-digit",
                        "That is what the digit is worth. The question is how many fit into the whole number.")
                .add(
                        String.valueOf(number / (unit.unit() * 10)),
                        "one-off",
                        "These are packed ten times as large as they should be. Look at the size again.")
                .add(String.valueOf(number / unit.unit() + 1), "rest-counted", "The last one would not be full.");
        Field field = Field.typed("answer", "Full ones", "a whole number", answer, mistakes.list());
        return Part.of(
                "How many are full?",
                field,
                "Do only the " + unit.many + " themselves give " + unit.many + ", or the higher places too?",
                "Ten " + unit.many + " make one of the next place, so each one of that place can be unpacked into ten.",
                "One thousand alone makes " + (unit == Place.TENS ? "100" : "10")
                        + " of them. Begin with the thousands.");
    }
}
