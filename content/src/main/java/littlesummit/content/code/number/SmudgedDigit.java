package littlesummit.content.code.number;

import littlesummit.content.code.Words;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Items;
import littlesummit.core.skill.Mistakes;

/** A number with one digit missing, and what it is compared with: which digit can stand there at most, or at least. */
final class SmudgedDigit {
    private SmudgedDigit() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int head = draw.between(1, 9);
        int tens = draw.between(2, 7);
        int otherEnd = draw.between(1, 9);
        int ownEnd = draw.between(0, 9, d -> d != otherEnd && d != 1);
        boolean less = draw.coin();
        long other = head * 100L + tens * 10 + otherEnd;
        boolean sameDigitFits = less ? ownEnd < otherEnd : ownEnd > otherEnd;
        int digit = sameDigitFits ? tens : less ? tens - 1 : tens + 1;
        String shown = head + "▢" + ownEnd;
        String word = frame.contains("crate")
                ? (less ? "lighter" : "heavier")
                : frame.contains("peak") ? (less ? "lower" : "higher") : less ? "shorter" : "longer";
        String sign = less ? "<" : ">";
        long with = head * 100L + digit * 10 + ownEnd;
        long same = head * 100L + tens * 10 + ownEnd;
        return Items.of(ref)
                .text(frame.formatted(shown, word, Words.n(other)))
                .part(part(tens, digit, less, other))
                .step(
                        "The hundreds agree, so the tens decide. Try the same digit, " + tens + ", first: $" + same
                                + " " + (same < other ? "<" : ">") + " " + other + "$, since then the ones decide.",
                        "")
                .step(
                        sameDigitFits
                                ? "That fits, and a digit further on would not."
                                : "That does not fit, so it must be one " + (less ? "less: " : "more: ") + "$" + with
                                        + " " + sign + " " + other + "$.",
                        "")
                .step("The digit is:", String.valueOf(digit))
                .given("")
                .build();
    }

    private static Part part(int tens, int digit, boolean less, long other) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(digit));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(tens),
                        "ones-forgotten",
                        "With the same digit in the tens the ones decide. Do they decide as they should?")
                .add(
                        String.valueOf(less ? tens - 1 : tens + 1),
                        "same-digit-left-out",
                        "Could the tens be equal as well? Then the ones decide.")
                .add(less ? "0" : "9", "extreme", "That digit fits, and it is not the last one that does.");
        Field field = Field.typed("answer", "The digit", "one digit", answer, mistakes.list());
        return Part.of(
                "What is the " + (less ? "largest" : "smallest") + " digit that can stand in the square?",
                field,
                "Which place decides here?",
                "The hundreds agree, so look at the tens. Where the tens agree too, the ones decide.",
                "Put the tens digit of $" + other + "$ into the square. Which of the two numbers is greater then?");
    }
}
