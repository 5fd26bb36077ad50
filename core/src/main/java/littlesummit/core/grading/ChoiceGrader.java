package littlesummit.core.grading;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import littlesummit.core.math.Limits;

/** Option ids, separated by commas: in any order, or in the right one. */
final class ChoiceGrader {
    private ChoiceGrader() {}

    static Verdict grade(AnswerSpec spec, String entry) {
        if (entry.length() > Limits.ENTRY_LENGTH) {
            return new Verdict.Unreadable(Reason.TOO_LONG, Limits.ENTRY_LENGTH);
        }
        List<String> chosen = ids(entry);
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
        return spec.form() == Form.Shape.IN_ORDER
                ? inOrder(ids(spec.expected()), chosen)
                : judge(Set.copyOf(ids(spec.expected())), Set.copyOf(chosen));
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

    /** Nothing is missed by an order that is not whole: it is asked back. */
    private static Verdict inOrder(List<String> right, List<String> given) {
        if (given.size() != right.size() || !Set.copyOf(right).equals(Set.copyOf(given))) {
            return new Verdict.Unreadable(Reason.ORDER_NOT_WHOLE, 0);
        }
        if (given.equals(right)) {
            return Verdict.CORRECT;
        }
        return given.equals(right.reversed())
                ? Verdict.slip(Reason.ORDER_REVERSED)
                : isOneSwap(right, given) ? Verdict.slip(Reason.ORDER_SWAPPED) : Verdict.incorrect();
    }

    /** Whether two neighbours alone have changed places. */
    private static boolean isOneSwap(List<String> right, List<String> given) {
        List<Integer> wrong = IntStream.range(0, right.size())
                .filter(i -> !right.get(i).equals(given.get(i)))
                .boxed()
                .toList();
        return wrong.size() == 2 && wrong.getLast() - wrong.getFirst() == 1;
    }

    private static List<String> ids(String list) {
        return Arrays.stream(list.split(","))
                .map(String::strip)
                .filter(id -> !id.isEmpty())
                .toList();
    }
}
