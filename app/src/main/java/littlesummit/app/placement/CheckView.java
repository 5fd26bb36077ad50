package littlesummit.app.placement;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.practice.PracticeView.ItemView;

/**
 * Where a student stands with checks.
 *
 * @param running the check that is under way
 * @param refusal why the check over the course cannot be taken now; empty when it can
 * @param due skills for a short check
 * @param last where every skill stands since the last check over the course; empty before the first
 * @param history all checks that are done, the latest first
 */
public record CheckView(
        Optional<RunningCheck> running,
        String refusal,
        int left,
        List<RefreshSkill> due,
        List<SkillVerdict> last,
        List<DoneCheck> history) {
    /**
     * @param answered so far
     * @param most items it can have
     * @param wholeCourse or a short one
     */
    public record RunningCheck(boolean wholeCourse, int answered, int most, ItemView item) {}

    public record RefreshSkill(String id, String name) {}

    /**
     * @param standing as on the map
     * @param why what the check said of it, or what came after
     */
    public record SkillVerdict(String id, String name, String strand, StandingDto standing, String why) {}

    /**
     * @param known names of skills that it showed
     * @param fell names of skills that it put back into practice
     * @param asked in their order
     */
    public record DoneCheck(
            Instant at,
            boolean wholeCourse,
            int items,
            List<String> known,
            List<String> fell,
            List<CheckedItem> asked) {}

    /** @param skill its name */
    public record CheckedItem(String itemId, String skill, Instant at, KindDto kind) {}
}
