package littlesummit.app.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Codes that open an account once: short enough to be copied from a slip of paper, with no signs that look alike. */
final class FirstCode {
    private static final String SIGNS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int GROUPS = 3;
    private static final int IN_A_GROUP = 4;
    private static final SecureRandom RANDOM = new SecureRandom();

    private FirstCode() {}

    /** Some 59 bits. */
    static String next() {
        return IntStream.range(0, GROUPS).mapToObj(g -> group()).collect(Collectors.joining("-"));
    }

    /** Whether this is the code, with or without its dashes, spaces and capitals. */
    static boolean matches(String code, String typed) {
        return MessageDigest.isEqual(
                plain(code).getBytes(StandardCharsets.UTF_8), plain(typed).getBytes(StandardCharsets.UTF_8));
    }

    private static String plain(String code) {
        return code.toLowerCase(Locale.ROOT).replaceAll("[\\s-]", "");
    }

    private static String group() {
        return RANDOM.ints(IN_A_GROUP, 0, SIGNS.length())
                .mapToObj(i -> String.valueOf(SIGNS.charAt(i)))
                .collect(Collectors.joining());
    }
}
