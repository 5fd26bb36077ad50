package littlesummit.app.assignment;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;

/** @param skills ids, in the order in which they are worked; @param due empty for practice of one's own choice */
public record Assignment(String id, String title, List<String> skills, Target target, Policy policy, Optional<Instant> due) {
    /** Whether it comes late. */
    public boolean isPast(Instant now) {
        return due.filter(d -> d.isBefore(now)).isPresent();
    }
}
