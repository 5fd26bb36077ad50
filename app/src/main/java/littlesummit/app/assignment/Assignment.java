package littlesummit.app.assignment;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.QuizPlan;

/**
 * What is assigned.
 *
 * @param skills ids, in the order in which they are worked
 * @param quiz the whole of it when the target is a quiz, else what opens at its end
 * @param opens before that students do not see it; empty for at once
 * @param due empty for practice of one's own choice
 * @param setAt when it was set; empty for what is older than that is known
 */
public record Assignment(
        String id,
        String title,
        List<String> skills,
        Target target,
        Policy policy,
        Optional<QuizPlan> quiz,
        Optional<Instant> opens,
        Optional<Instant> due,
        Optional<Instant> setAt) {
    Assignment withSkills(List<String> others) {
        return new Assignment(id, title, others, target, policy, quiz, opens, due, setAt);
    }

    /** Whether it is a quiz and nothing else. */
    public boolean isQuizOnly() {
        return target instanceof Target.Quiz;
    }

    /** Whether it is the starting check. */
    public boolean isCheck() {
        return target instanceof Target.Check;
    }

    /** Whether there are skills to practise in it. */
    public boolean isPractice() {
        return !isQuizOnly() && !isCheck();
    }

    /** Whether a check that was finished then counts for it. */
    public boolean isDoneBy(Optional<Instant> checked) {
        return isCheck()
                && checked.filter(at -> setAt.filter(at::isBefore).isEmpty()).isPresent();
    }

    /** The lowest level of it, 1 to 3: what is known already is refreshed at the second one. */
    public int leastTier() {
        return id.equals(OwnChoice.REFRESH) ? 2 : 1;
    }

    /** Whether it comes late. */
    public boolean isPast(Instant now) {
        return due.filter(d -> d.isBefore(now)).isPresent();
    }

    /** Whether students see it. */
    public boolean isOpen(Instant now) {
        return opens.filter(o -> o.isAfter(now)).isEmpty();
    }

    /** The same with another date. */
    Assignment dueAt(Instant date) {
        return new Assignment(id, title, skills, target, policy, quiz, opens, Optional.of(date), setAt);
    }
}
