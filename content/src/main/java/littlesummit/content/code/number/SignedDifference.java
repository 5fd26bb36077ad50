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

/** Two values, and the change from one to the other: the later one less the earlier one. */
final class SignedDifference {
    private SignedDifference() {}

    static Item make(ItemRef ref, String frame, Draw draw) {
        boolean well = frame.contains("well");
        int from = draw.between(-22, well ? -2 : 12, n -> n != 0);
        int to = from > 0
                ? draw.between(-22, -2)
                : well || draw.coin() ? draw.between(-22, -1, n -> n != from) : draw.between(1, 12, n -> n != -from);
        int change = to - from;
        String difference = to + " - " + Signed.bracketed(from);
        String flat = to + Signed.added(-from);
        Items item = Items.of(ref)
                .text(frame.formatted(from, to))
                .part(part(from, to))
                .step("A change is what comes after less what was before.", difference);
        if (!flat.equals(difference)) {
            item.step("Taking away a negative number adds.", flat);
        }
        return item.step(change > 0 ? "It went up." : "It went down.", String.valueOf(change))
                .given(difference)
                .second("On a number line", Signed.line(from, change))
                .build();
    }

    private static Part part(int from, int to) {
        int change = to - from;
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(change));
        Mistakes mistakes = Mistakes.of(answer)
                .add(String.valueOf(-change), "direction", "The size is right. Did it go up or down?")
                .add(
                        String.valueOf(to + from),
                        "added",
                        "It looks as if the two were added. A change is the later one less the earlier one.")
                .add(
                        String.valueOf(Math.abs(to) + Math.abs(from)),
                        "signs-left-out",
                        "It looks as if the signs were left out. Are both values on the same side of zero?")
                .add(
                        String.valueOf(Math.abs(to) - Math.abs(from)),
                        "signs-left-out",
                        "It looks as if the signs were left out. On which side of zero is each of them?");
        Field field =
                Field.typed("answer", "Change", "a whole number, negative for a move down", answer, mistakes.list());
        return Part.of(
                "What is the change?",
                field,
                "Did it go up or down?",
                "A change is the later value less the earlier one. On a number line it is the way from one to the"
                        + " other.",
                "Start at $" + from + "$. "
                        + (Integer.signum(from) == Integer.signum(to)
                                ? "Which of the two is further from zero?"
                                : "Zero lies in between: how far is it to there?"));
    }
}
