package littlesummit.core.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeysTest {
    private static final Place AT = new Place("parts[1]", 4, 2);

    private static Keys of(String key, String value) {
        return Keys.of(new Node.Mapping(Map.of(key, new Node.Scalar(value, AT)), AT), "A part");
    }

    @Test
    void aKeyThatNobodyTakesIsNamedWithWhatWasPerhapsMeant() {
        Keys keys = of("hnts", "look");
        keys.find("hints");
        keys.find("ask");
        Refused refused = assertThrows(Refused.class, keys::end);
        assertEquals(
                "line 4, parts[1]: “hnts” means nothing here. Is “hints” meant?",
                refused.complaint().toString());
    }

    @Test
    void whatIsFarFromEveryKeyGetsTheListOfThem() {
        Keys keys = of("colour", "red");
        keys.find("hints");
        keys.find("ask");
        Refused refused = assertThrows(Refused.class, keys::end);
        assertTrue(refused.complaint().sentence().endsWith("What can stand here: hints, ask."));
    }

    @Test
    void aMissingKeyIsSaid() {
        Refused refused = assertThrows(Refused.class, () -> of("ask", "x").require("hints"));
        assertEquals("“hints” is missing here.", refused.complaint().sentence());
    }

    /** Examples of the distance as it is usually taught; values from memory. */
    @ParameterizedTest
    @CsvSource({"kitten,sitting,3", "hints,hints,0", "hnts,hints,1", "'',abc,3", "flaw,lawn,2"})
    void theDistanceOfTwoWords(String a, String b, int distance) {
        assertEquals(distance, Keys.distance(a, b));
    }

    @ParameterizedTest
    @CsvSource({"yes,true", "true,true", "no,false", "false,false"})
    void yesAndNo(String text, boolean yes) {
        assertEquals(yes, of("calculator", text).yes("calculator"));
    }

    @Test
    void perhapsIsNeither() {
        assertThrows(Refused.class, () -> of("calculator", "perhaps").yes("calculator"));
    }
}
