package littlesummit.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Reason;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Field;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Part;

/**
 * A part graded as a whole: readable only if every field is, right only if every field is.
 *
 * @param fields in the order of the part
 */
public record PartCheck(PracticeEvent.Result result, List<OfField> fields) {
    /**
     * @param mistake the listed mistake that gives this very entry
     * @param nudge the first hint of the part
     */
    public record OfField(String fieldId, Verdict verdict, Optional<Mistake> mistake, String nudge) {
        /** What to say: aimed at the mistake or the slip where one is recognised, else the first nudge. */
        public String message() {
            boolean unknown = verdict instanceof Verdict.Incorrect(Optional<Reason> slip) && slip.isEmpty();
            return mistake.map(Mistake::message).orElse(unknown ? nudge : verdict.message());
        }
    }

    public PartCheck {
        fields = List.copyOf(fields);
    }

    /** @param entries by field id; a missing one counts as blank */
    public static PartCheck of(Part part, Map<String, String> entries) {
        List<OfField> checked = new ArrayList<>();
        for (Field field : part.fields()) {
            String sent = entries.getOrDefault(field.id(), "");
            String entry = field.response().entryOf(sent);
            Verdict verdict = field.response()
                    .missing(sent)
                    .<Verdict>map(reason -> new Verdict.Unreadable(reason, 0))
                    .orElseGet(() -> Grader.grade(field.answer(), entry));
            boolean judgedWrong = !(verdict instanceof Verdict.Correct || verdict instanceof Verdict.Unreadable);
            checked.add(new OfField(
                    field.id(),
                    verdict,
                    judgedWrong ? mistake(field, entry) : Optional.empty(),
                    part.hints().getFirst()));
        }
        return new PartCheck(result(checked), checked);
    }

    private static PracticeEvent.Result result(List<OfField> checked) {
        if (checked.stream().anyMatch(c -> c.verdict() instanceof Verdict.Unreadable)) {
            return PracticeEvent.Result.UNREADABLE;
        }
        if (checked.stream().anyMatch(c -> c.verdict() instanceof Verdict.Incorrect)) {
            return PracticeEvent.Result.INCORRECT;
        }
        return checked.stream().anyMatch(c -> c.verdict() instanceof Verdict.WrongForm)
                ? PracticeEvent.Result.FORM
                : PracticeEvent.Result.CORRECT;
    }

    private static Optional<Mistake> mistake(Field field, String entry) {
        return field.mistakes().stream()
                .filter(m -> gives(field.answer(), m.entry(), entry))
                .findFirst();
    }

    private static boolean gives(AnswerSpec answer, String mistaken, String entry) {
        Form form =
                answer.kind() == Kind.CHOICE || answer.form() instanceof Form.Rounded ? answer.form() : Form.Shape.ANY;
        AnswerSpec wrong =
                new AnswerSpec(answer.kind(), form, mistaken, answer.letters(), answer.suffix(), answer.options());
        Verdict sameForm = Grader.grade(wrong, entry);
        return sameForm instanceof Verdict.Correct && !rightValue(answer, entry)
                || rightValue(answer, entry) && mistaken.equals(entry);
    }

    /** Right in value: then only a mistake of form, written just so, fits. */
    private static boolean rightValue(AnswerSpec answer, String entry) {
        return Grader.grade(answer, entry) instanceof Verdict.WrongForm;
    }
}
