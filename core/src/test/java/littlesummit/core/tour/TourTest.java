package littlesummit.core.tour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.practice.PracticeEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TourTest {
    static Stream<Tour.Stop> stops() {
        return Tour.stops().stream();
    }

    @ParameterizedTest
    @MethodSource("stops")
    void whatIsToldToEnterIsRight(Tour.Stop stop) {
        Map<String, String> entries = new HashMap<>();
        stop.part()
                .fields()
                .forEach(f -> entries.put(
                        f.id(),
                        f.id().equals("answer") && stop.id().equals("line")
                                ? "(0,1),(2,3)"
                                : f.response().sentFor(f.answer().key())));

        assertEquals(
                PracticeEvent.Result.CORRECT, PartCheck.of(stop.part(), entries).result());
    }

    @ParameterizedTest
    @MethodSource("stops")
    void nothingEnteredIsNotUnderstood(Tour.Stop stop) {
        assertEquals(
                PracticeEvent.Result.UNREADABLE,
                PartCheck.of(stop.part(), Map.of()).result());
    }

    @Test
    void everyStopHasItsOwnName() {
        assertEquals(
                Tour.stops().size(),
                Tour.stops().stream()
                        .map(Tour.Stop::id)
                        .collect(Collectors.toSet())
                        .size());
        assertTrue(Tour.stops().size() >= 18);
    }
}
