package littlesummit.app.practice;

import java.time.Instant;
import java.util.Optional;

/** What lists show of a row of progress, without its state; times that are not there yet are null in the database. */
record Summary(
        String personId,
        String assignmentId,
        String skill,
        int stands,
        int hoped,
        int pagesWaiting,
        boolean reachedWaiting,
        boolean reached,
        Instant reachedAt,
        Instant shownAt,
        Instant lastAt) {
    PracticeRecord.Standing standing() {
        return new PracticeRecord.Standing(
                personId,
                assignmentId,
                skill,
                stands,
                new PracticeRecord.Unread(hoped, pagesWaiting, reachedWaiting),
                reached,
                Optional.ofNullable(reachedAt),
                Optional.ofNullable(shownAt),
                Optional.ofNullable(lastAt));
    }
}
