package littlesummit.content.code.number;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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

/** The largest or the smallest number that digits can make; a zero cannot stand first. */
final class DigitCards {
    private DigitCards() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int count = draw.between(4, 5);
        List<Integer> others = draw.shuffled(IntStream.rangeClosed(1, 9).boxed().toList());
        List<Integer> cards = draw.shuffled(IntStream.range(0, count)
                .map(i -> i == 0 ? 0 : others.get(i))
                .boxed()
                .toList());
        boolean largest = draw.coin();
        String down = joined(cards, Comparator.reverseOrder());
        String up = joined(cards, Comparator.naturalOrder());
        String smallest = up.charAt(1) + "0" + up.substring(2);
        String right = largest ? down : smallest;
        String shown = Words.list(cards.stream().map(String::valueOf).toList());
        long value = Long.parseLong(right);
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw), shown)
                        + " All of them are laid side by side to make a number of " + count + " digits.")
                .part(part(largest, right, up, down, cards))
                .step(
                        largest
                                ? "The first place is worth most, so the largest digit goes there, then the next, and"
                                        + " so on down."
                                : "The first place is worth most, so the smallest digit goes there that may: a zero in"
                                        + " front would leave a number of fewer digits.",
                        "")
                .step(
                        largest ? "The smallest digit is left for the ones." : "Then the zero, then the rest upward.",
                        Words.tex(value))
                .given(right)
                .second(
                        "Place by place",
                        new Block.Text("Decide the places from the left. What stands further left always counts more"
                                + " than all that stands to its right."))
                .build();
    }

    private static String joined(List<Integer> cards, Comparator<Integer> order) {
        return cards.stream().sorted(order).map(String::valueOf).collect(Collectors.joining());
    }

    private static Part part(boolean largest, String right, String up, String down, List<Integer> cards) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.NUMERAL, right);
        String asLaid = joined(cards, (a, b) -> 0);
        String last = up.substring(1) + "0";
        Mistakes mistakes = Mistakes.of(answer)
                .addIf(
                        !largest,
                        up.substring(1),
                        "zero-in-front",
                        "A zero in front leaves a number of one digit less. Every card has to be used.")
                .addIf(
                        !largest,
                        last,
                        "zero-last",
                        "The zero is worth least, and at the end it helps least. Where would it keep the number"
                                + " smallest?")
                .add(
                        largest ? up.charAt(1) + "0" + up.substring(2) : down,
                        "other-way",
                        largest ? "That is the smallest one." : "That is the largest one.")
                .addIf(
                        asLaid.charAt(0) != '0',
                        asLaid,
                        "as-laid",
                        "That is how they lie there. Try another digit in the first place.");
        Field field =
                Field.typed("answer", "The number", "a number that uses every digit once", answer, mistakes.list());
        return Part.of(
                largest ? "What is the largest number?" : "What is the smallest number?",
                field,
                "Which place decides most about how large a number is?",
                "Fill the places from the left. A number never begins with a zero.",
                "Which of "
                        + Words.list(
                                cards.stream().sorted().map(String::valueOf).toList())
                        + " should stand in the first place?");
    }
}
