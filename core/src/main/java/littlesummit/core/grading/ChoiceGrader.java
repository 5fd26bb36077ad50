package littlesummit.core.grading;

import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import littlesummit.core.math.Limits;

/** Option ids, separated by commas, in any order. */
final class ChoiceGrader {
    private ChoiceGrader() {}

    static Verdict grade(AnswerSpec spec, String entry) {
        if (entry.length() > Limits.ENTRY_LENGTH) {
            return new Verdict.Unreadable(Reason.TOO_LONG, Limits.ENTRY_LENGTH);
        }
        Set<String> chosen = ids(entry);
        if (chosen.isEmpty()) {
            return new Verdict.Unreadable(Reason.BLANK, 0);
        }
        if (!spec.options().isEmpty() && !spec.options().containsAll(chosen)) {
            String unknown = chosen.stream()
                    .filter(id -> !spec.options().contains(id))
                    .findFirst()
                    .orElseThrow();
            return new Verdict.Unreadable(Reason.UNKNOWN_OPTION, Math.max(0, entry.indexOf(unknown)));
        }
        return judge(ids(spec.expected()), chosen);
    }

    /** Where several are right, or several were chosen, it helps to know which way it is off. */
    private static Verdict judge(Set<String> right, Set<String> chosen) {
        if (chosen.equals(right)) {
            return Verdict.CORRECT;
        }
        if (right.size() < 2 && chosen.size() < 2) {
            return Verdict.incorrect();
        }
        return Verdict.slip(
                right.containsAll(chosen)
                        ? Reason.CHOICE_MISSING
                        : chosen.containsAll(right) ? Reason.CHOICE_EXTRA : Reason.CHOICE_MIXED);
    }

    private static Set<String> ids(String list) {
        return Arrays.stream(list.split(","))
                .map(String::strip)
                .filter(id -> !id.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
