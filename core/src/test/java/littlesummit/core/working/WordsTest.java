package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        the tank is full; true
        pumpkins cost 12 dollars; true
        she sings two logs; true
        I took 4 apples away; true
        3 dollars each; false
        x = 3 or x = 4; false
        all real numbers; false
        no real solution; false
        sin x cos x tan x; false
        xsinx + ylny + lnx; false
        gcd(4, 6) lcm(4, 6) log 5; false
        \\frac{1}{2} \\cdot \\sqrt{x}; false
        """)
    void threePlainWordsMakeALineOfWords(String line, boolean areWords) {
        assertEquals(areWords, Words.are(line));
    }
}
