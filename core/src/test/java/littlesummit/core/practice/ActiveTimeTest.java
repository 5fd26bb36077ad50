package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ActiveTimeTest {
    private static List<Instant> at(String... times) {
        return Stream.of(times).map(t -> Instant.parse("2026-05-04T" + t + "Z")).toList();
    }

    @Test
    void timeBetweenMomentsIsWork() {
        assertEquals(Duration.ofMinutes(12), ActiveTime.of(at("08:00:00", "08:05:00", "08:12:00")));
    }

    @Test
    void aPauseIsNone() {
        assertEquals(Duration.ofMinutes(5), ActiveTime.of(at("08:00:00", "08:05:00", "08:15:00", "11:00:00")));
    }

    @Test
    void oneMomentAloneIsNoTime() {
        assertEquals(Duration.ZERO, ActiveTime.of(at("08:00:00")));
        assertEquals(Duration.ZERO, ActiveTime.of(List.of()));
    }

    @Test
    void whatReachesOverMidnightCountsForTheLaterDay() {
        List<Instant> night = List.of(
                Instant.parse("2026-05-04T21:58:00Z"),
                Instant.parse("2026-05-04T22:03:00Z"),
                Instant.parse("2026-05-04T22:04:00Z"));
        assertEquals(
                Map.of(LocalDate.of(2026, 5, 5), Duration.ofMinutes(6)),
                ActiveTime.byDay(night, ZoneId.of("Europe/Vienna")));
        assertEquals(Map.of(LocalDate.of(2026, 5, 4), Duration.ofMinutes(6)), ActiveTime.byDay(night, ZoneId.of("Z")));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void theOrderAndTheZoneDoNotMatterForTheSum(long seed) {
        Random random = new Random(seed);
        List<Instant> moments = random.longs(200, 0, 40_000)
                .mapToObj(s -> Instant.parse("2026-05-04T00:00:00Z").plusSeconds(s))
                .toList();
        Duration inOrder = ActiveTime.of(moments.stream().sorted().toList());
        assertEquals(inOrder, ActiveTime.of(moments), "seed " + seed);
        assertEquals(
                inOrder,
                ActiveTime.byDay(moments, ZoneId.of("Asia/Tokyo")).values().stream()
                        .reduce(Duration.ZERO, Duration::plus),
                "seed " + seed);
    }
}
