package littlesummit.app.people;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.app.web.Digest;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/**
 * Knows a browser again, by a secret in a cookie that no script can read. Only its hash is kept. Whoever has it gets no
 * further without the password; it only keeps others from locking its owner out (device cookies, OWASP "Slow Down
 * Online Guessing Attacks").
 */
record BrowserToken(String secret) {
    private static final String NAME = "summit-browser";
    private static final Duration KEPT = Duration.ofDays(180);
    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    static Optional<BrowserToken> of(HttpServletRequest request) {
        return Stream.ofNullable(request.getCookies())
                .flatMap(Arrays::stream)
                .filter(c -> c.getName().equals(NAME))
                .map(Cookie::getValue)
                .filter(v -> v.matches("[0-9a-f]{" + 2 * BYTES + "}"))
                .map(BrowserToken::new)
                .findFirst();
    }

    static BrowserToken fresh() {
        byte[] secret = new byte[BYTES];
        RANDOM.nextBytes(secret);
        return new BrowserToken(HexFormat.of().formatHex(secret));
    }

    String hash() {
        return Digest.of(secret);
    }

    void send(HttpServletRequest request, HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(NAME, secret)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Lax")
                        .path("/api/session")
                        .maxAge(KEPT)
                        .build()
                        .toString());
    }
}
