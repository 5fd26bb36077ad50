package littlesummit.core.figure;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SceneFaultsTest {
    private static Shape.Text word(String text, double x) {
        return new Shape.Text(new Point(x, 20), text, 10, Shape.Anchor.START, Shape.Style.PLAIN);
    }

    private static Spot field(String id, double x) {
        return new Spot(Spot.Kind.FIELD, id, "", Drawing.corners(x, 0, 30, 20), false);
    }

    private static List<String> faults(List<Shape> shapes, List<Spot> spots) {
        return SceneFaults.of(new Scene("A picture.", 100, 40, shapes, spots, Optional.empty()));
    }

    @Test
    void nothingIsWrongWithWordsSideBySide() {
        assertEquals(
                List.of(), faults(List.of(word("one", 0), word("two", 40)), List.of(field("a", 0), field("b", 30))));
    }

    @Test
    void wordsOnOneAnotherAreNamed() {
        assertEquals(List.of("“two” lies on “one”."), faults(List.of(word("one", 0), word("two", 5)), List.of()));
    }

    @Test
    void whatLeavesThePictureIsNamed() {
        assertEquals(1, faults(List.of(word("far out", 90)), List.of()).size());
        assertEquals(1, faults(List.of(), List.of(field("a", 80))).size());
    }

    @Test
    void fieldsOnOneAnotherAreNamed() {
        assertEquals(
                List.of("the field b lies on the field a."), faults(List.of(), List.of(field("a", 0), field("b", 20))));
    }

    @Test
    void aPictureIsDescribed() {
        assertEquals(
                List.of("The picture is not described in words."),
                SceneFaults.of(new Scene(" ", 10, 10, List.of(), List.of(), Optional.empty())));
    }
}
