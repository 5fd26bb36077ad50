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

/** A sum or a difference in which one number is missing. */
final class MissingSummand {
    private MissingSummand() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        int known = draw.between(-24, -3);
        int missing = draw.between(-20, 24, n -> Math.abs(n) > 1 && n != known && n != -known && n != -known * 2);
        boolean minus = draw.coin();
        boolean first = draw.coin();
        int result = minus ? (first ? missing - known : known - missing) : known + missing;
        String text = (first ? "x" : String.valueOf(known)) + (minus ? " - " : " + ")
                + (first ? Signed.bracketed(known) : "x") + " = " + result;
        String solved = !minus
                ? result + " - " + Signed.bracketed(known)
                : first ? result + " + " + Signed.bracketed(known) : known + " - " + Signed.bracketed(result);
        return Items.of(ref)
                .text(frame + " It stands where the $x$ is.")
                .formula(text)
                .part(part(known, missing, result, minus, first))
                .step(
                        !minus
                                ? "What was added is undone by taking it away."
                                : first
                                        ? "What was taken away is undone by adding it."
                                        : "What is taken away is what lies between the start and the result.",
                        "x = " + solved)
                .step("Work it out.", "x = " + missing)
                .step("Check it in the line of the beginning.", "")
                .given(text)
                .second(
                        "On a number line",
                        first
                                ? Signed.line(missing, minus ? -known : known)
                                : Signed.line(known, minus ? -missing : missing))
                .build();
    }

    private static Part part(int known, int missing, int result, boolean minus, boolean first) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(missing));
        Mistakes mistakes = Mistakes.of(answer)
                .add(
                        String.valueOf(minus ? result - known : result + known),
                        "not-undone",
                        "It looks as if the numbers were put together as they stand. Put yours in for $x$ and see"
                                + " whether the line is true.")
                .add(String.valueOf(-missing), "sign", "Put it in for $x$: on which side of zero do you end?")
                .add(
                        String.valueOf(Math.abs(result) + Math.abs(known)),
                        "signs-left-out",
                        "It looks as if the signs were left out. Put yours in for $x$ and see.")
                .add(
                        String.valueOf(Math.abs(result) - Math.abs(known)),
                        "signs-left-out",
                        "It looks as if the signs were left out. Put yours in for $x$ and see.");
        Field field = Field.typed("answer", "The number x", "a whole number with its sign", answer, mistakes.list());
        return Part.of(
                "What number is $x$?",
                field,
                first ? "What happens to $x$, and what comes of it?" : "Where do you start, and where do you end?",
                !minus
                        ? "Adding is undone by taking away."
                        : first
                                ? "Taking away is undone by adding."
                                : "The number taken away is the way from the result back to the start.",
                first
                        ? "You end at $" + result + "$. Go back from there."
                        : "You start at $" + known + "$ and end at $" + result + "$. Do you go up or down?");
    }
}
