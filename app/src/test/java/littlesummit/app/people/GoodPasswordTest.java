package littlesummit.app.people;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import littlesummit.app.web.Problem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GoodPasswordTest {
    private static final List<String> OWN = List.of("orlafennimer");
    /** A hundred letters that each could stand for another: without a limit the guesser would try them all. */
    private static final String LONG =
            "4@8({[<3691!|0$57+x%2z4@8({[<3691!|0$57+x%2z4@8({[<3691!|0$57+x%2z4@8({[<3691!|0$57+x%2z4@8({[<3691!|0$57";

    private static String refusal(String password) {
        return assertThrows(Problem.class, () -> GoodPassword.require(password, OWN), password)
                .getMessage();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "short7!", "1234567", "OrlaFennimer"})
    void whatIsTooShortOrTheName(String password) {
        assertTrue(refusal(password).contains("at least 8"));
    }

    /** Common practice: the lists of passwords that were found in breaches begin with these. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "password",
                "12345678",
                "qwertyuiop",
                "iloveyou",
                "Password1",
                "aaaaaaaaaa",
                "orlafennimer1",
                "abcdefgh",
                "11112222",
                "p4ssw0rd"
            })
    void whatIsGuessedSoon(String password) {
        assertTrue(refusal(password).contains("guess"), password);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"kettle snow rope", "lantern-goat-bell", "ich mag Ziegenkäse", "雪の小屋と山羊の鈴", "x7#Lw-92vq", LONG})
    void whatIsGood(String password) {
        assertDoesNotThrow(() -> GoodPassword.require(password, OWN));
    }
}
