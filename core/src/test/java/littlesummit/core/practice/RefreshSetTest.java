package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.curriculum.SampleCourse;
import org.junit.jupiter.api.Test;

class RefreshSetTest {
    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    private static SkillMap.Record shown(int daysAgo, int refreshes) {
        Instant at = NOW.minus(Duration.ofDays(daysAgo));
        return new SkillMap.Record(true, Optional.of(at), Optional.of(at), refreshes);
    }

    private static List<SkillMap.Node> map(Map<String, SkillMap.Record> records) {
        return SkillMap.of(SampleCourse.COURSE, records, NOW);
    }

    private static List<String> ids(List<SkillMap.Node> nodes) {
        return nodes.stream().map(n -> n.skill().id()).toList();
    }

    @Test
    void theLongestWaitingComeFirstAndWhatIsFreshOrUnknownDoesNotCome() {
        Map<String, SkillMap.Record> records = Map.of(
                "mean",
                shown(9, 0),
                "place-value",
                shown(30, 0),
                "absolute-value",
                shown(3, 0),
                "prime-factors",
                shown(20, 2),
                "both-sides",
                new SkillMap.Record(true, Optional.empty(), Optional.of(NOW.minus(Duration.ofDays(50))), 0));
        assertEquals(List.of("place-value", "mean"), ids(RefreshSet.due(map(records), NOW)));
    }

    @Test
    void theWeeksBetweenRefreshesDouble() {
        for (int refreshes = 0; refreshes < 4; refreshes++) {
            int days = 7 << refreshes;
            assertTrue(SkillMap.isDue(shown(days, refreshes), NOW), "after " + days);
            assertEquals(
                    NOW.plus(Duration.ofDays(1)),
                    SkillMap.dueAt(shown(days - 1, refreshes)).orElseThrow());
        }
        assertEquals(Optional.of(NOW), SkillMap.dueAt(shown(56, 9)));
    }

    @Test
    void aSetHasNotTooManySkills() {
        Map<String, SkillMap.Record> records = new HashMap<>();
        SampleCourse.COURSE.skills().forEach(s -> records.put(s.id(), shown(10, 0)));
        assertEquals(RefreshSet.MOST, RefreshSet.due(map(records), NOW).size());
    }

    @Test
    void noTwoOfAStrandFollowEachOtherWhereThatCanBeHelped() {
        Map<String, SkillMap.Record> records = Map.of(
                "place-value",
                shown(9, 0),
                "compare-whole",
                shown(9, 0),
                "prime-factors",
                shown(9, 0),
                "mean",
                shown(9, 0),
                "tile-length",
                shown(9, 0));
        List<String> mixed = RefreshSet.of(RefreshSet.due(map(records), NOW)).places().stream()
                .map(RefreshSet.Place::skill)
                .toList();
        assertEquals(5, mixed.size());
        for (int i = 1; i < mixed.size(); i++) {
            assertNotEquals(
                    SampleCourse.COURSE.require(mixed.get(i)).strand(),
                    SampleCourse.COURSE.require(mixed.get(i - 1)).strand(),
                    mixed.toString());
        }
    }

    @Test
    void oneSkillAfterTheOtherUntilTheSetIsDone() {
        RefreshSet set =
                RefreshSet.of(RefreshSet.due(map(Map.of("mean", shown(9, 0), "place-value", shown(30, 0))), NOW));
        assertEquals(Optional.of("place-value"), set.current());
        RefreshSet next = set.after(Outcome.MISSED);
        assertEquals(Optional.of("mean"), next.current());
        RefreshSet done = next.after(Outcome.UNAIDED_FIRST);
        assertEquals(Optional.empty(), done.current());
        assertEquals(
                List.of(Outcome.MISSED, Outcome.UNAIDED_FIRST),
                done.places().stream().map(p -> p.outcome().orElseThrow()).toList());
        assertEquals(done, done.after(Outcome.MISSED));
    }
}
