package littlesummit.app.security;

import java.nio.charset.StandardCharsets;
import littlesummit.app.web.Digest;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * bcrypt for passwords of any length: it takes 72 bytes, so of a longer one the SHA-256 goes in, in which every letter
 * counts.
 */
final class LongPasswords implements PasswordEncoder {
    private static final int MOST_BYTES = 72;
    private final PasswordEncoder bcrypt;

    /** @param strength of bcrypt, 4 to 31: one more takes twice as long */
    LongPasswords(int strength) {
        this.bcrypt = new BCryptPasswordEncoder(strength);
    }

    @Override
    public String encode(CharSequence password) {
        return bcrypt.encode(fitting(password.toString()));
    }

    @Override
    public boolean matches(CharSequence password, String encoded) {
        return bcrypt.matches(fitting(password.toString()), encoded);
    }

    private static String fitting(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length <= MOST_BYTES
                ? password
                : "sha256:" + Digest.of(password);
    }
}
