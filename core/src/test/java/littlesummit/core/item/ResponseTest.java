package littlesummit.core.item;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class ResponseTest {
    @Test
    void digitsStandBelowDigits() {
        Response.WriteInColumns columns = new Response.WriteInColumns(List.of("1245", "78"), "+", 5, 0);
        assertEquals(List.of(false, false, false, false, false), columns.points());
        assertEquals(List.of(List.of("", "1", "2", "4", "5"), List.of("", "", "", "7", "8")), columns.rows());
    }

    @Test
    void pointsStandBelowPoints() {
        Response.WriteInColumns columns = new Response.WriteInColumns(List.of("12.50", "3.75"), "−", 2, 2);
        assertEquals(List.of(false, false, true, false, false), columns.points());
        assertEquals(List.of(List.of("1", "2", ".", "5", "0"), List.of("", "3", ".", "7", "5")), columns.rows());
    }

    @Test
    void anOrderIsRarelyGuessed() {
        List<Option> four = List.of(Option.of("a", "1"), Option.of("b", "2"), Option.of("c", "3"), Option.of("d", "4"));
        assertEquals(1.0 / 24, new Response.PutInOrder(four).guessChance());
        assertEquals(four, new Response.PutInOrder(four).options());
    }
}
