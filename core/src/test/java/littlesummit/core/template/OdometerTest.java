package littlesummit.core.template;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class OdometerTest {
    @Test
    void allWaysAreMetOnceEvenWhereOneAnswerLeadsToMoreQuestions() {
        Odometer odometer = new Odometer();
        List<String> ways = new ArrayList<>();
        do {
            int first = odometer.pick(3);
            ways.add(first == 1 ? first + "" + odometer.pick(2) + odometer.pick(2) : "" + first);
        } while (odometer.turn());
        assertEquals(List.of("0", "100", "101", "110", "111", "2"), ways);
    }

    @Test
    void whereNothingIsAskedThereIsOneWay() {
        Odometer odometer = new Odometer();
        int count = 0;
        do {
            count++;
        } while (odometer.turn());
        assertEquals(1, count);
        assertEquals(1, odometer.ways());
    }
}
