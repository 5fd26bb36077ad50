package littlesummit.core.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OptionLawTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "$x = 100 - 25$;$x = 0.75\\cdot 100$;true",
                "$x = 120 - 25$;$x = 0.75\\cdot 120$;false",
                "$2x = 6$;$x = 3$;true",
                "$5x + 9 = 15.25$;$5 + x + 9 = 15.25$;true",
                "$5x + 9 = 15$;$5 + x + 9 = 15$;false",
                "$x > 3$;$2x > 6$;true",
                "$x > 3$;$x < 3$;false",
                "$(x+1)^2$;$x^2+2x+1$;true",
                "$(x+1)^2$;$x^2+1$;false",
                "$\\frac{2}{4}$;$0.5$;true",
                "$x + y = 3$;$y = 3 - x$;false",
                "a ray;a ray;false",
                "about $3$;$3$;false"
            })
    void itSeesWhatSaysTheSame(String one, String other, boolean same) {
        assertEquals(same, OptionLaw.sayTheSame(one, other));
    }
}
