package littlesummit.core.figure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClipTest {
    private static final Box BOX = new Box(0, 0, 10, 10);

    @ParameterizedTest
    @CsvSource({
        "1,1,9,9, 1,1,9,9",
        "-5,5,15,5, 0,5,10,5",
        "5,-5,5,5, 5,0,5,5",
        "-5,0,5,10, 0,5,5,10",
        "5,5,25,25, 5,5,10,10"
    })
    void keepsThePartInside(double x1, double y1, double x2, double y2, double a, double b, double c, double d) {
        assertEquals(
                Optional.of(new Clip.Segment(new Point(a, b), new Point(c, d))),
                Clip.segment(new Point(x1, y1), new Point(x2, y2), BOX));
    }

    @ParameterizedTest
    @CsvSource({"-5,5,-1,9", "11,0,12,10", "-5,5,5,15.5", "0,-1,10,-1", "-1,1,1,-1"})
    void whatMissesTheBoxIsNothing(double x1, double y1, double x2, double y2) {
        assertEquals(Optional.empty(), Clip.segment(new Point(x1, y1), new Point(x2, y2), BOX));
    }

    @Test
    void aStrokeKeepsItsOrderAndFallsIntoPieces() {
        List<List<Point>> pieces =
                Clip.stroke(List.of(new Point(1, 5), new Point(5, 15), new Point(9, 5), new Point(9, 1)), BOX);
        assertEquals(
                List.of(
                        List.of(new Point(1, 5), new Point(3, 10)),
                        List.of(new Point(7, 10), new Point(9, 5), new Point(9, 1))),
                pieces);
    }

    @Test
    void everyPieceOfARandomStrokeIsInside() {
        Random random = new Random(41);
        for (int run = 0; run < 500; run++) {
            List<Point> stroke = IntStream.range(0, 12)
                    .mapToObj(i -> new Point(random.nextDouble() * 30 - 10, random.nextDouble() * 30 - 10))
                    .toList();
            Clip.stroke(stroke, BOX).forEach(piece -> assertTrue(BOX.holds(Box.around(piece)), piece.toString()));
        }
    }
}
