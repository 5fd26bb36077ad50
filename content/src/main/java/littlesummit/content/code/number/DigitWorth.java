package littlesummit.content.code.number;

import java.util.Comparator;
import java.util.List;
import littlesummit.content.code.Words;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** The place of a digit, picked in a sentence, and its value. */
final class DigitWorth {
    private DigitWorth() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int digits = draw.between(4, 5);
        int index = draw.between(1, digits - 1);
        int digit = draw.between(2, 9);
        long number = 0;
        for (int p = digits - 1; p >= 0; p--) {
            number = number * 10 + (p == index ? digit : draw.between(p == digits - 1 ? 1 : 0, 9, d -> d != digit));
        }
        Place place = Place.of(index);
        long worth = digit * place.unit();
        return Items.of(ref)
                .text(frame.formatted(Words.n(number)) + " Look at the digit " + digit + ".")
                .part(place(place, digit, digits))
                .part(value(place, digit, worth))
                .step(
                        "Count places from the right: ones, tens, hundreds and so on. The " + digit + " stands in the "
                                + place.many + " place.",
                        digit + "\\cdot " + Words.tex(place.unit()))
                .step("Its value is the digit times its place.", Words.tex(worth))
                .given(String.valueOf(worth))
                .second(
                        "In a place table",
                        new Block.Text("Every digit stands in a column that says what it is worth."),
                        new Block.Table(
                                Place.heads(digits),
                                List.of(List.of(String.valueOf(number).split("")))))
                .build();
    }

    private static Part place(Place right, int digit, int digits) {
        Choices choices = Choices.right(right.many);
        for (int p = 0; p < digits; p++) {
            boolean isNext = Math.abs(p - right.ordinal()) == 1;
            choices.wrong(
                    Place.of(p).many,
                    isNext ? "one-off" : "other-place",
                    isNext
                            ? "One place off. Count from the right and start with the ones."
                            : "Count places from the right and start with the ones.");
        }
        Field field = choices.ordered("place", "place of the digit", Comparator.comparing(text -> Place.heads(6)
                .indexOf(text)));
        return new Part(
                "Choose the place.",
                List.of(field.by(new Response.PickFromList(field.response().options()))),
                new Layout.InSentence("The digit " + digit + " stands in the {{place}} place."),
                List.of(
                        "Where are the ones?",
                        "Going left from the ones, each place is worth ten times the one before: ones, tens, hundreds,"
                                + " thousands, ten thousands, and so on.",
                        "Put your finger on the last digit and say: ones. Go left one place at a time until you are at"
                                + " the "
                                + digit + "."));
    }

    private static Part value(Place place, int digit, long worth) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.NUMERAL, String.valueOf(worth));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(digit), "face-value", "That is the digit itself. What is it worth in its place?")
                .add(
                        String.valueOf(place.unit()),
                        "place-for-value",
                        "That is the place. How many of them does the digit stand for?")
                .add(String.valueOf(worth * 10), "one-off", "One place too high. Count the zeros again.")
                .add(String.valueOf(worth / 10), "one-off", "One place too low. Count the zeros again.");
        Field field = Field.typed(
                "value", "Value of the digit " + digit, "a plain number with all its zeros", answer, mistakes.list());
        return Part.of(
                "What is this digit worth?",
                field,
                "The value of a digit depends on where it stands.",
                "The value is the digit times its place.",
                "One in this place is worth " + Tex.grouped(place.unit()) + ".");
    }
}
