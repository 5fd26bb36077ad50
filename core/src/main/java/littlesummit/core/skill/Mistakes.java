package littlesummit.core.skill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Mistake;

/**
 * Gathers the mistakes of a field: those that give the right answer by accident, or what another one gives, are left
 * out.
 */
public final class Mistakes {
    private final AnswerSpec answer;
    private final List<Mistake> kept = new ArrayList<>();
    private final Set<String> entries = new HashSet<>();

    private Mistakes(AnswerSpec answer) {
        this.answer = answer;
    }

    public static Mistakes of(AnswerSpec answer) {
        return new Mistakes(answer);
    }

    public Mistakes add(String entry, String slip, String message) {
        if (!(Grader.grade(answer, entry) instanceof Verdict.Correct) && entries.add(entry)) {
            kept.add(new Mistake(entry, slip, message));
        }
        return this;
    }

    public Mistakes addIf(boolean applies, String entry, String slip, String message) {
        return applies ? add(entry, slip, message) : this;
    }

    public Mistake[] list() {
        return kept.toArray(Mistake[]::new);
    }
}
