package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Divisions with a remainder among the lines. */
class RemainderLinesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "17 : 5 = 3 R 2         | follows",
                "17/5 = 3 r 2           | follows",
                "17 ÷ 5 = 3 remainder 2 | follows",
                "17 : 5 = 3, rem. 2     | follows",
                "15 : 5 = 3 R 0         | follows",
                "17 : 5 = 4 R 2         | does-not-follow",
                "17 : 5 = 3 R 3         | does-not-follow",
                "17 : 5 = 2 R 7         | unreadable",
            })
    void isMultipliedBack(String line, String verdict) {
        assertEquals(
                verdict,
                WorkCheck.check("2x = 34", Set.of("x"), List.of(line))
                        .getFirst()
                        .verdict()
                        .code());
    }
}
