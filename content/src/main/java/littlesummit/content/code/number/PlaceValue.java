package littlesummit.content.code.number;

import java.util.List;
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
import littlesummit.core.skill.Grounds;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.SkillDefinition;
import littlesummit.core.skill.Tex;

/** The place of a digit, picked in a sentence, and its value. */
public final class PlaceValue extends SkillDefinition {
    private static final List<String> PLACES =
            List.of("ones", "tens", "hundreds", "thousands", "ten thousands", "hundred thousands", "millions");

    public PlaceValue() {
        super("place-value", "Place and value of a digit", List.of("cheeses", "litres"));
    }

    @Override
    public int version() {
        return 2;
    }

    @Override
    public Item make(ItemRef ref, Draw draw) {
        int digits = Grounds.of(ref.tier(), 4, 5, 7);
        Number number = Number.draw(digits, ref.tier(), draw);
        String what = ref.variant().equals("cheeses")
                ? "Since it opened, the goat dairy has made $"
                        + Tex.number(littlesummit.core.math.Rational.of(number.value())) + "$ cheeses."
                : "The lake above the hut took in $" + Tex.number(littlesummit.core.math.Rational.of(number.value()))
                        + "$ litres of water today.";
        return Items.of(ref)
                .text(what + " Look at the digit " + number.digit() + ".")
                .part(place(number, digits))
                .part(value(number))
                .step(
                        "Count places from the right: ones, tens, hundreds and so on. The " + number.digit()
                                + " stands in the " + PLACES.get(number.place()) + " place.",
                        number.digit() + "\\cdot " + Tex.number(littlesummit.core.math.Rational.of(number.unit())))
                .step(
                        "Its value is the digit times its place.",
                        Tex.number(littlesummit.core.math.Rational.of(number.worth())))
                .given(String.valueOf(number.worth()))
                .second(
                        "In a place table",
                        new Block.Text("Every digit stands in a column that says what it is worth."),
                        table(number, digits))
                .build();
    }

    private static Block table(Number number, int digits) {
        List<String> head = PLACES.subList(0, digits).reversed();
        String text = String.valueOf(number.value());
        return new Block.Table(head, List.of(List.of(text.split(""))));
    }

    private static Part place(Number n, int digits) {
        Choices choices = Choices.right(PLACES.get(n.place()));
        for (int p = 0; p < digits; p++) {
            choices.wrong(
                    PLACES.get(p),
                    Math.abs(p - n.place()) == 1 ? "one-off" : "other-place",
                    Math.abs(p - n.place()) == 1
                            ? "One place off. Count from the right and start with the ones."
                            : "Count places from the right and start with the ones.");
        }
        Field asChoice =
                choices.ordered("place", "place of the digit", java.util.Comparator.comparing(PLACES::indexOf));
        Field field = asChoice.by(new Response.PickFromList(((Response.ChooseOne) asChoice.response()).options()));
        return new Part(
                "Choose the place.",
                List.of(field),
                new Layout.InSentence("The digit " + n.digit() + " stands in the {{place}} place."),
                List.of(
                        "Where are the ones?",
                        "Going left from the ones, each place is worth ten times the one before: ones, tens, hundreds,"
                                + " thousands, ten thousands, and so on.",
                        "Put your finger on the last digit and say: ones. Go left one place at a time until you are at"
                                + " the "
                                + n.digit() + "."));
    }

    private static Part value(Number n) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.NUMERAL, String.valueOf(n.worth()));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(n.digit()),
                        "face-value",
                        "That is the digit itself. What is it worth in its place?")
                .add(
                        String.valueOf(n.unit()),
                        "place-for-value",
                        "That is the place. How many of them does the digit stand for?")
                .add(String.valueOf(n.worth() * 10), "one-off", "One place too high. Count the zeros again.")
                .addIf(
                        n.place() > 0,
                        String.valueOf(n.worth() / 10),
                        "one-off",
                        "One place too low. Count the zeros again.");
        Field field = Field.typed(
                "value",
                "Value of the digit " + n.digit(),
                "a plain number with all its zeros",
                answer,
                mistakes.list());
        return Part.of(
                "What is this digit worth?",
                field,
                "The value of a digit depends on where it stands.",
                "The value is the digit times its place.",
                "One in this place is worth " + Tex.grouped(n.unit()) + ".");
    }

    /**
     * A number with one digit that occurs once.
     *
     * @param place 0 for ones
     */
    private record Number(long value, int digit, int place) {
        static Number draw(int digits, int tier, Draw draw) {
            int place = draw.between(tier == 1 ? 1 : 2, digits - 1);
            int digit = draw.between(2, 9);
            long value = 0;
            for (int p = digits - 1; p >= 0; p--) {
                int least = p == digits - 1 ? 1 : 0;
                int other = draw.between(least, 9, d -> d != digit);
                value = value * 10 + (p == place ? digit : other);
            }
            return new Number(value, digit, place);
        }

        long unit() {
            return (long) Math.pow(10, place);
        }

        long worth() {
            return digit * unit();
        }
    }
}
