package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Mistakes;

/** The small questions that lessons are made of. */
final class Asks {
    private Asks() {}

    /**
     * A sentence with a list in it.
     *
     * @param sentence with {@code {{pick}}} where the list stands
     */
    static Part pick(String prompt, String sentence, Choices choices, Draw draw, String... hints) {
        Field drawn = choices.shuffled("pick", prompt, draw);
        Field field = drawn.by(new Response.PickFromList(((Response.ChooseOne) drawn.response()).options()));
        return new Part(prompt, List.of(field), new Layout.InSentence(sentence), List.of(hints));
    }

    static Part choose(String prompt, Choices choices, Draw draw, String... hints) {
        return Part.of(prompt, choices.shuffled("choice", "Your choice", draw), hints);
    }

    static Part whole(String prompt, String label, long answer, Wrong wrong, String... hints) {
        return number(
                prompt,
                label,
                "a whole number",
                AnswerSpec.number(Form.Shape.INTEGER, String.valueOf(answer)),
                wrong,
                hints);
    }

    /** A whole number of percent; the field shows the sign. */
    static Part percent(String prompt, String label, long answer, Wrong wrong, String... hints) {
        return number(
                prompt,
                label,
                "a percent; the sign is there already",
                AnswerSpec.number(Form.Shape.PERCENT, answer + "%").withSuffix("%"),
                wrong,
                hints);
    }

    static Part number(String prompt, String label, String wanted, AnswerSpec answer, Wrong wrong, String... hints) {
        Mistakes mistakes = Mistakes.of(answer).add(wrong.entry(), wrong.slip(), wrong.message());
        return Part.of(prompt, Field.typed("answer", label, wanted, answer, mistakes.list()), hints);
    }

    /** A likely wrong entry. */
    record Wrong(String entry, String slip, String message) {
        static Wrong of(long entry, String slip, String message) {
            return new Wrong(String.valueOf(entry), slip, message);
        }
    }
}
