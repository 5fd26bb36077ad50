package littlesummit.core.math;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Money that is read: by its sign, by its code (ISO 4217), or by its name. Amounts of two currencies are never
 * compared: what one is worth in the other changes by the day.
 */
public enum Currency {
    DOLLAR("$", "USD", "dollar", "cent"),
    EURO("€", "EUR", "euro", "cent"),
    POUND("£", "GBP", "pound", "penny"),
    FRANC("₣", "CHF", "franc", "centime"),
    RUPEE("₹", "INR", "rupee", "paisa"),
    YEN("¥", "JPY", "yen", "sen");

    private final String sign;
    private final String code;
    private final String one;
    private final String hundredth;

    Currency(String sign, String code, String one, String hundredth) {
        this.sign = sign;
        this.code = code;
        this.one = one;
        this.hundredth = hundredth;
    }

    /** One character. */
    String sign() {
        return sign;
    }

    String code() {
        return code;
    }

    String one() {
        return one;
    }

    String many() {
        return this == YEN ? one : one + "s";
    }

    /** What a hundredth of it is called. */
    String hundredth() {
        return hundredth;
    }

    /** Where the hundredths are several. */
    List<String> hundredths() {
        return switch (this) {
            case POUND -> List.of("pence", "pennies", "p");
            case DOLLAR, EURO -> List.of("cents", "ct", "¢");
            default -> List.of(hundredth + "s");
        };
    }

    /** By its code or name, in any case of letters. */
    static Optional<Currency> word(String written) {
        String word = written.toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(c ->
                        word.equals(c.code.toLowerCase(Locale.ROOT)) || word.equals(c.one) || word.equals(c.many()))
                .findFirst();
    }

    /** Those whose sign, code or name stands in a text. */
    public static List<Currency> in(String text) {
        List<String> words = List.of(text.split("[^A-Za-z]+"));
        return Arrays.stream(values())
                .filter(c -> text.contains(c.sign)
                        || words.stream()
                                .anyMatch(w -> word(w).filter(c::equals).isPresent()))
                .toList();
    }
}
