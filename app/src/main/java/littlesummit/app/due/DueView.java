package littlesummit.app.due;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.quiz.QuizService;

/** What the list of due work shows. */
public final class DueView {
    private DueView() {}

    /**
     * @param late how many are past and not finished, shown or not
     * @param finished how many are past and finished
     */
    public record Due(Instant now, List<DueAssignment> assignments, int late, int finished) {}

    /**
     * @param when SOON within seven days, LATER or PAST
     * @param flag where the target stands, in its own measure: score, steps, or items right
     * @param late whether some of it was finished, or is still open, after its date
     * @param resume id of the skill to go on with
     * @param quiz at the end of it, or all of it
     * @param waiting pages of work that wait to be read
     * @param pagesBack those that want more
     * @param check whether it is the starting check
     */
    public record DueAssignment(
            String id,
            String title,
            Instant due,
            String when,
            String target,
            int flag,
            boolean byScore,
            List<String> policy,
            boolean started,
            boolean finished,
            boolean late,
            String resume,
            int waiting,
            List<PageBack> pagesBack,
            boolean check,
            List<DueSkill> skills,
            Optional<QuizService.Summary> quiz) {
        /** @param courses by skill */
        DueAssignment withCourses(Map<String, List<Integer>> courses) {
            return new DueAssignment(
                    id,
                    title,
                    due,
                    when,
                    target,
                    flag,
                    byScore,
                    policy,
                    started,
                    finished,
                    late,
                    resume,
                    waiting,
                    pagesBack,
                    check,
                    skills.stream()
                            .map(s -> s.withCourse(courses.getOrDefault(s.id(), List.of())))
                            .toList(),
                    quiz);
        }
    }

    /**
     * A page that was sent back.
     *
     * @param comment what is still wanted
     */
    public record PageBack(String itemId, String comment) {}

    /**
     * @param known whether it was shown to be known elsewhere, in a check or another assignment
     * @param stands in the measure of the target, without work that waits to be read
     * @param hoped with it
     * @param pagesWaiting how many such pages
     * @param reachedWaiting whether only the reading is missing
     * @param course after each closed item, for the small ridge line
     */
    public record DueSkill(
            String id,
            String name,
            int stands,
            int hoped,
            int pagesWaiting,
            boolean reachedWaiting,
            boolean known,
            boolean started,
            boolean reached,
            boolean late,
            List<Integer> course) {
        DueSkill withCourse(List<Integer> drawn) {
            return new DueSkill(
                    id, name, stands, hoped, pagesWaiting, reachedWaiting, known, started, reached, late, drawn);
        }

        /** Whether the student has done everything, read or not. */
        boolean isDone() {
            return reached || reachedWaiting;
        }
    }
}
