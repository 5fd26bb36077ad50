package littlesummit.app.people;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FullNameTest {
    @ParameterizedTest
    @CsvSource({
        "Wim Tarrow, '', Wim, Tarrow",
        "Ann Mary Stone, '', Ann Mary, Stone",
        "Ann van der Alm, van der Alm, Ann, van der Alm",
        "Öhi, '', Öhi, ''",
        "Öhi, Öhi, Öhi, ''"
    })
    void aNameFallsIntoTwoParts(String name, String said, String given, String family) {
        assertEquals(new FullName(given, family), FullName.of(name, said));
    }
}
