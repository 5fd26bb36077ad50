package littlesummit.app.review;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What is known, to be practised once more.
 *
 * @param skills known ones, those that are due first
 * @param most skills that one set can have
 * @param set the mixed set that the student is in, or was in last
 */
public record ReviewView(Instant now, List<KnownSkill> skills, int most, Optional<SetView> set) {
    /**
     * @param since when it was first shown
     * @param shownAt when last
     * @param dueAt when it should be looked at once more
     */
    public record KnownSkill(
            String id, String name, String strand, Instant since, Instant shownAt, Instant dueAt, boolean isDue) {}

    /** @param current index of the place that is asked now, −1 when the set is done */
    public record SetView(List<SetPlace> places, int current) {}

    /** @param outcome left out for what is still to come */
    public record SetPlace(String skillId, String skill, Optional<OutcomeDto> outcome) {}
}
