package littlesummit.core.item;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;

/**
 * One place to answer.
 *
 * @param label what is asked there, for the eye and the screen reader
 * @param wanted the form wanted, said before anything is checked; empty when the response leaves no choice
 * @param answer what is right; never leaves the server before the item is closed
 */
public record Field(String id, String label, String wanted, Response response, AnswerSpec answer, List<Mistake> mistakes) {
    public Field {
        mistakes = List.copyOf(mistakes);
    }

    public static Field typed(String id, String label, String wanted, AnswerSpec answer, Mistake... mistakes) {
        return new Field(id, label, wanted, new Response.Typed(Palette.of(answer)), answer, List.of(mistakes));
    }

    /** @param right id of the right option */
    public static Field choice(String id, String label, List<Option> options, String right, Mistake... mistakes) {
        AnswerSpec answer = AnswerSpec.choice(right, options.stream().map(Option::id).toList());
        return new Field(id, label, "", new Response.ChooseOne(options), answer, List.of(mistakes));
    }

    /** The same answer given in another way than by choosing from a list below each other. */
    public Field by(Response other) {
        return new Field(id, label, wanted, other, answer, mistakes);
    }
}
