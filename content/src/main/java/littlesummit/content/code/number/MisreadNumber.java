package littlesummit.content.code.number;

import littlesummit.content.code.Words;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;

/** A number with zeros that somebody reads aloud: right, or with a place lost. */
final class MisreadNumber {
    private static final String RIGHT = "Nothing: it was read as it stands.";
    private static final String LOW = "The first digits were read one place too low.";
    private static final String HIGH = "The first digits were read one place too high.";
    private static final String ENDS = "The last digits were read in the wrong places.";

    private MisreadNumber() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int front = draw.between(2, 9);
        int back = draw.between(1, 9) * (draw.coin() ? 1 : 10) + draw.between(0, 1) * 100;
        int kind = draw.between(1, 4);
        long number = front * 10_000L + back;
        long said =
                switch (kind) {
                    case 1 -> number;
                    case 2 -> front * 1000L + back;
                    case 3 -> front * 100_000L + back;
                    default -> front * 10_000L + (back < 100 ? back * 10L : back / 10);
                };
        String right = kind == 1 ? RIGHT : kind == 2 ? LOW : kind == 3 ? HIGH : ENDS;
        Choices choices = Choices.right(right)
                .wrong(RIGHT, "not-seen", "Write down what was said in digits, and lay it beside the number.")
                .wrong(LOW, "other-place", message(front))
                .wrong(HIGH, "other-place", message(front))
                .wrong(ENDS, "other-place", "Look at what was said of the last three digits once more.");
        Field field = choices.ordered("answer", "What went wrong", java.util.Comparator.naturalOrder());
        return Items.of(ref)
                .text(frame.formatted(Words.name(draw), Words.n(number), capital(Spoken.of(said))))
                .part(Part.of(
                        "What went wrong?",
                        field,
                        "How many digits does the number have, and how many has the one that was said?",
                        "The comma stands behind the thousands: what is left of it is read as a number of thousands.",
                        "Write “" + Spoken.of(said) + "” in digits and compare it with " + Words.n(number)
                                + ", place by place."))
                .step("What was said is, in digits:", Words.tex(said))
                .step(right.equals(RIGHT) ? "All places agree." : right, "")
                .given("")
                .second(
                        "In groups of three",
                        new Block.Text("Left of the comma stands " + Words.n(number / 1000) + ": so many thousands."
                                + " Right of it stands " + Words.n(number % 1000) + "."))
                .build();
    }

    private static String message(int front) {
        return "Where does the " + front + " stand in the number, and as what was it read?";
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
