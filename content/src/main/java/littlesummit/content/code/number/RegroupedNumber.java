package littlesummit.content.code.number;

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

/** Two heaps of which one holds more than nine: the number has a digit less or more than it seems. */
final class RegroupedNumber {
    private RegroupedNumber() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        Place high = draw.coin() ? Place.HUNDREDS : Place.THOUSANDS;
        Place low = high == Place.HUNDREDS ? Place.TENS : draw.coin() ? Place.HUNDREDS : Place.TENS;
        int many = draw.between(11, 60);
        int few = draw.between(11, 48, n -> n % 10 != 0);
        long first = many * high.unit();
        long second = few * low.unit();
        long sum = first + second;
        return Items.of(ref)
                .text(frame.formatted(many, few, Words.n(high.unit()), Words.n(low.unit())))
                .part(part(many, few, high, low))
                .step(
                        "Ten " + low.many + " make one of the next place, so a heap of more than nine reaches into the"
                                + " places to its left. Write each heap as a number.",
                        Words.tex(first) + " + " + Words.tex(second))
                .step("Add them, place under place.", Words.tex(sum))
                .given(String.valueOf(sum))
                .second(
                        "One heap after the other",
                        new Block.Text(Words.n(many) + " " + high.many + " are " + Words.n(first) + ". " + Words.n(few)
                                + " " + low.many + " are " + Words.n(second) + "."))
                .build();
    }

    private static Part part(int many, int few, Place high, Place low) {
        long sum = many * high.unit() + few * low.unit();
        AnswerSpec answer = AnswerSpec.number(Form.Shape.NUMERAL, String.valueOf(sum));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        many + "" + few,
                        "digits-in-a-row",
                        "It looks as if the two counts were written one behind the other. What is each heap worth?")
                .add(String.valueOf(many + few), "heaps-added", "That is how many there are, not what they are worth.")
                .add(
                        many + "" + few * low.unit(),
                        "written-behind",
                        "It looks as if the second amount was written behind the first count. Add the two amounts.")
                .add(
                        String.valueOf(many * high.unit() + (few % 10) * low.unit()),
                        "carry-lost",
                        "More than nine of the smaller ones reach into the next place. Do not lose those.");
        Field field = Field.typed("answer", "In all", "a plain number with all its zeros", answer, mistakes.list());
        return Part.of(
                "What is it in all?",
                field,
                "What is each of the two heaps worth?",
                "Ten of one place make one of the next. A heap may well hold more than nine.",
                "Take the larger ones first: 10 of them alone are worth " + Words.n(10 * high.unit()) + ".");
    }
}
