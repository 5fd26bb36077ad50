package littlesummit.content.code.lesson;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.content.code.lesson.Asks.Cell;
import littlesummit.content.code.lesson.Asks.Wrong;
import littlesummit.content.template.Templates;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A large number as a small one times a power of ten. */
public final class PowersOfTenLesson extends GuidedLesson {
    private static final List<String> PLACES =
            List.of("millions", "hundred thousands", "ten thousands", "thousands", "hundreds", "tens", "ones");

    public PowersOfTenLesson() {
        super(Templates.skill("scientific-notation"), "Lesson: large numbers as powers of ten");
    }

    @Override
    Item make(ItemRef ref, Draw draw, boolean guided) {
        int first = draw.between(2, 8);
        int second = draw.between(1, 9, n -> n != first);
        int exponent = guided ? 4 : 6;
        long power = (long) Math.pow(10, exponent);
        long number = (10L * first + second) * power / 10;
        String factor = first + "." + second;
        Items item = Items.of(ref)
                .text((guided
                                ? "The bee-keeper of the valley counts about %s bees in one hive."
                                : "The tarn above the hut holds about %s litres of water.")
                        .formatted(Words.n(number)))
                .part(places(first, second, exponent, number));
        if (guided) {
            item.part(Asks.whole(
                            "Which power of ten is $" + Words.tex(power) + "$? Give the exponent.",
                            "Exponent of 10",
                            exponent,
                            Wrong.of(exponent + 1, "digits-counted", "That counts the digits. Count the zeros."),
                            "How often do you multiply by 10, beginning with 1?",
                            "Every 10 that is multiplied puts on one more zero.",
                            "Write it as 1 and then count what comes behind the 1."))
                    .part(Asks.pick(
                            "Choose the first factor.",
                            "It has to be at least 1 and less than 10: {{pick}}.",
                            Choices.right(factor)
                                    .wrong(first + "" + second, "too-large", "That is not less than 10.")
                                    .wrong("0." + first + second, "too-small", "That is less than 1."),
                            draw,
                            "Which of them lies between 1 and 10?",
                            "One digit that is not zero stands before the point.",
                            "Put the point behind the first digit, and drop the zeros at the end."));
        }
        String notation = factor + "\\cdot 10^{" + exponent + "}";
        return item.part(Asks.whole(
                        "How many places does the point move from $" + Words.tex(number) + "$ to $" + factor + "$?",
                        "Places",
                        exponent,
                        Wrong.of(exponent - 1, "zeros-counted", "Count the steps of the point, not the zeros."),
                        "In a whole number the point stands behind the last digit.",
                        "Count every digit that the point goes past.",
                        "It goes past all digits but the first one."))
                .part(Asks.number(
                        "Write the number in scientific notation.",
                        "In scientific notation",
                        "a number from 1 up to 10, times a power of 10",
                        AnswerSpec.number(Form.Shape.SCIENTIFIC, factor + "*10^" + exponent),
                        new Wrong(
                                factor + "*10^" + (exponent - 1),
                                "zeros-counted",
                                "The exponent counts the places that the point moves, not the zeros."),
                        "A factor, a times sign, and a power of ten.",
                        "The exponent says how many places the point has moved.",
                        "Begin with the first two digits, and put a point between them."))
                .step(
                        "Put the point behind the first digit, and multiply by the place of that digit.",
                        factor + "\\cdot " + Words.tex(power))
                .step("Write that place as a power of ten.", notation)
                .given(String.valueOf(number))
                .build();
    }

    private static Part places(int first, int second, int exponent, long number) {
        List<String> head = PLACES.subList(PLACES.size() - exponent - 1, PLACES.size());
        List<String> row = new ArrayList<>(Collections.nCopies(exponent + 1, "0"));
        row.set(0, "{{first}}");
        row.set(1, "{{second}}");
        return Asks.cells(
                "Put the digits of $" + Words.tex(number) + "$ into their places.",
                head,
                List.of(row),
                List.of(
                        new Cell("first", head.get(0), first, Wrong.of(second, "swapped", "Read from the left.")),
                        new Cell("second", head.get(1), second, Wrong.of(first, "swapped", "Read from the left."))),
                "Read the number aloud.",
                "The first digit from the left has the largest place.",
                "The number begins with the " + head.getFirst() + ".");
    }
}
