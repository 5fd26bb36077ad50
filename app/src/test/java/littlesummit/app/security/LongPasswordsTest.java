package littlesummit.app.security;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

class LongPasswordsTest {
    private final LongPasswords passwords = new LongPasswords(4);

    @ParameterizedTest
    @ValueSource(ints = {1, 8, 71, 72, 73, 200})
    void everyLetterOfALongOneCounts(int length) {
        String password = "a".repeat(length - 1) + "b";
        String kept = passwords.encode(password);
        assertTrue(passwords.matches(password, kept));
        assertFalse(passwords.matches("a".repeat(length), kept));
        assertFalse(passwords.matches(password + "b", kept));
    }

    /** 30 of these letters are 90 bytes. */
    @Test
    void lettersOfSeveralBytesAreTakenToo() {
        String password = "雪".repeat(30);
        assertTrue(passwords.matches(password, passwords.encode(password)));
        assertFalse(passwords.matches("雪".repeat(29), passwords.encode(password)));
    }

    @Test
    void whatWasKeptBeforeStillOpens() {
        String kept = new BCryptPasswordEncoder(4).encode("kettle snow rope");
        assertTrue(passwords.matches("kettle snow rope", kept));
        assertEquals(60, passwords.encode("a".repeat(200)).length());
    }
}
