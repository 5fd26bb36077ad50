package littlesummit.core.item;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class TablesTest {
    @Test
    void columnsAreThoseOfTheHead() {
        assertEquals(3, Tables.columns(List.of("a", "b", "c"), List.of(List.of("1", "2", "3"))));
        assertEquals(2, Tables.columns(List.of("a", "b"), List.of()));
    }

    @Test
    void withoutAHeadTheyAreThoseOfTheLongestRow() {
        assertEquals(2, Tables.columns(List.of(), List.of(List.of("1"), List.of("1", "2"))));
        assertEquals(0, Tables.columns(List.of(), List.of()));
    }
}
