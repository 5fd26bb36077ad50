package littlesummit.core.item;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.grading.AnswerSpec;

/**
 * One place to answer.
 *
 * @param label what is asked there, for the eye and the screen reader
 * @param wanted the form wanted, said before anything is checked; empty when the response leaves no choice
 * @param answer what is right; never leaves the server before the item is closed
 */
public record Field(
        String id, String label, String wanted, Response response, AnswerSpec answer, List<Mistake> mistakes) {
    public Field {
        mistakes = List.copyOf(mistakes);
    }

    /** A field labelled {@code x =} asks for x: whoever types {@code x = 6} says the same. */
    private static final Pattern NAMES_A_LETTER = Pattern.compile("\\$?([a-zA-Z])\\$? =");

    public static Field typed(String id, String label, String wanted, AnswerSpec spec, Mistake... mistakes) {
        Matcher named = NAMES_A_LETTER.matcher(label);
        AnswerSpec answer = named.matches() && spec.letters().isEmpty() ? spec.withLetters(named.group(1)) : spec;
        return new Field(id, label, wanted, new Response.Typed(Palette.of(answer)), answer, List.of(mistakes));
    }

    /** @param right id of the right option */
    public static Field choice(String id, String label, List<Option> options, String right, Mistake... mistakes) {
        AnswerSpec answer =
                AnswerSpec.choice(right, options.stream().map(Option::id).toList());
        return new Field(id, label, "", new Response.ChooseOne(options), answer, List.of(mistakes));
    }

    /**
     * Words to a picture that is drawn on the page.
     *
     * @param example what a reader would give full credit
     */
    public static Field inWords(String id, String label, String wanted, String example) {
        return new Field(id, label, wanted, new Response.InkWords(), AnswerSpec.words(example), List.of());
    }

    /**
     * Words that a person reads, and no picture.
     *
     * @param example what a reader would give full credit
     */
    public static Field said(String id, String label, String wanted, String example) {
        return new Field(id, label, wanted, new Response.Said(), AnswerSpec.words(example), List.of());
    }

    /** The same answer given in another way than by choosing from a list below each other. */
    public Field by(Response other) {
        return new Field(id, label, wanted, other, answer, mistakes);
    }
}
