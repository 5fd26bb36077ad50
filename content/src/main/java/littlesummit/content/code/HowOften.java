package littlesummit.content.code;

import java.util.Comparator;
import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Items;

/**
 * A statement that holds always, in some cases, or in none.
 *
 * @param says the statement
 * @param first a case that comes to mind, as a first step; it does not say how often the statement holds
 * @param why shown with the solution
 */
public record HowOften(String says, Times times, String first, String why) {
    private static final List<String> OPTIONS = List.of("always", "sometimes, not always", "never");

    /** How often a statement holds. */
    public enum Times {
        ALWAYS,
        SOMETIMES,
        NEVER;

        private String text() {
            return OPTIONS.get(ordinal());
        }
    }

    /** The item: the statement in its frame, and the question when it holds. */
    public Item item(ItemRef ref, String text) {
        Choices choices = Choices.right(times.text());
        for (Times other : Times.values()) {
            choices.wrong(
                    other.text(),
                    "some-cases-only",
                    switch (other) {
                        case ALWAYS -> "Is there a case in which it does not hold? One is enough.";
                        case SOMETIMES ->
                            times == Times.ALWAYS
                                    ? "Look for a case in which it does not hold. What would have to be the case?"
                                    : "Look for a case in which it holds. What would have to be the case?";
                        case NEVER -> "Is there a case in which it holds? One is enough.";
                    });
        }
        return Items.of(ref)
                .text(text)
                .part(Part.of(
                        "When is that true?",
                        choices.ordered("answer", "When it is true", Comparator.comparingInt(OPTIONS::indexOf)),
                        "Draw a case for yourself, and then one that is as different from it as possible.",
                        "One case that goes against it is enough to say that it is not true in every case. One case"
                                + " that fits it is enough to say that it can be true.",
                        first))
                .step(first, "")
                .step(why, "")
                .build();
    }
}
