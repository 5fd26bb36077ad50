package littlesummit.app.paper;

import java.security.SecureRandom;
import java.util.Locale;
import java.util.stream.Collectors;

/** Codes of copies: six signs that do not look alike, in two groups, such as {@code k7m-4qx}. */
public final class PaperCode {
    private static final String SIGNS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int SIGNS_IN_ALL = 6;
    private static final SecureRandom RANDOM = new SecureRandom();

    private PaperCode() {}

    /** Some 30 bits: it finds a copy, and opens nothing to who may not see it. */
    public static String next() {
        return grouped(RANDOM.ints(SIGNS_IN_ALL, 0, SIGNS.length())
                .mapToObj(i -> String.valueOf(SIGNS.charAt(i)))
                .collect(Collectors.joining()));
    }

    /** As it is kept: with or without dash, spaces and capitals it is the same; what is no code stays none. */
    static String read(String typed) {
        String plain = typed.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
        return plain.length() == SIGNS_IN_ALL ? grouped(plain) : plain;
    }

    private static String grouped(String plain) {
        return plain.substring(0, SIGNS_IN_ALL / 2) + "-" + plain.substring(SIGNS_IN_ALL / 2);
    }
}
