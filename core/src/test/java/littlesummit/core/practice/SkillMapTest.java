package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.curriculum.SampleCourse;
import littlesummit.core.practice.SkillMap.Record;
import littlesummit.core.practice.SkillMap.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SkillMapTest {
    private static final Instant NOW = Instant.parse("2030-01-10T09:00:00Z");

    private static Record known(int daysAgo, int refreshes) {
        Optional<Instant> then = Optional.of(NOW.minus(Duration.ofDays(daysAgo)));
        return new Record(true, then, then, refreshes);
    }

    private static SkillMap.Node node(String id, Map<String, Record> records) {
        return SkillMap.of(SampleCourse.COURSE, records, NOW).stream()
                .filter(n -> n.skill().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aSkillIsLockedUntilEveryPrerequisiteIsKnown() {
        assertEquals(Status.LOCKED, node("percent-discount", Map.of()).status());
        assertEquals(
                List.of("percent-parts"), node("percent-discount", Map.of()).missing());
        assertEquals(
                Status.READY,
                node("percent-discount", Map.of("percent-parts", known(1, 0))).status());
    }

    @Test
    void oneBegunIsInProgressEvenWhenLocked() {
        assertEquals(
                Status.IN_PROGRESS,
                node(
                                "percent-discount",
                                Map.of("percent-discount", new Record(true, Optional.empty(), Optional.empty(), 0)))
                        .status());
    }

    @ParameterizedTest
    @CsvSource({
        "6,0,KNOWN",
        "7,0,REFRESH",
        "13,1,KNOWN",
        "14,1,REFRESH",
        "27,2,KNOWN",
        "28,2,REFRESH",
        "55,3,KNOWN",
        "56,3,REFRESH",
        "56,9,REFRESH"
    })
    void refreshesComeAfterOneTwoFourAndEightWeeks(int daysAgo, int refreshes, Status status) {
        assertEquals(
                status,
                node("place-value", Map.of("place-value", known(daysAgo, refreshes)))
                        .status());
    }

    @Test
    void everySkillLiesDeeperThanItsPrerequisites() {
        Map<String, SkillMap.Node> nodes = SkillMap.of(SampleCourse.COURSE, Map.of(), NOW).stream()
                .collect(java.util.stream.Collectors.toMap(n -> n.skill().id(), n -> n));

        assertEquals(28, nodes.size());
        nodes.values().forEach(n -> n.skill()
                .prerequisites()
                .forEach(p ->
                        assertTrue(nodes.get(p).depth() < n.depth(), n.skill().id())));
    }

    @Test
    void theWayToASkillIsAllThatComesBeforeItInAnOrderInWhichItCanBeLearned() {
        assertEquals(
                List.of("fraction-picture", "place-value", "prime-factors", "fraction-lowest", "percent-parts"),
                node("percent-discount", Map.of()).way());
        assertEquals(List.of(), node("place-value", Map.of()).way());
    }

    @Test
    void theWayLeavesOutWhatIsKnownAndAllBelowIt() {
        assertEquals(
                List.of("percent-parts"),
                node("percent-discount", Map.of("fraction-lowest", known(1, 0))).way());
        assertEquals(
                List.of(),
                node("percent-discount", Map.of("percent-parts", known(1, 0))).way());
    }

    /** Whatever is known, each skill of a way comes after those of its prerequisites that are not known. */
    @Test
    void everyWayCanBeLearnedInItsOrder() {
        Map<String, Record> records = Map.of("place-value", known(1, 0), "line-kinds", known(2, 0));
        for (SkillMap.Node node : SkillMap.of(SampleCourse.COURSE, records, NOW)) {
            for (String id : node.way()) {
                assertTrue(
                        node.way()
                                .subList(0, node.way().indexOf(id))
                                .containsAll(SkillMap.missing(SampleCourse.COURSE.require(id), records)),
                        node.skill().id() + " " + node.way());
            }
        }
    }
}
