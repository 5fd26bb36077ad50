package littlesummit.core.math;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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
        return Optional.ofNullable(WORDS.get(written.toLowerCase(Locale.ROOT)));
    }

    private static final Map<String, Currency> WORDS = new HashMap<>();
    private static final Pattern WORD = Pattern.compile("[A-Za-z]{2,}");

    static {
        for (Currency currency : values()) {
            for (String word : List.of(currency.code.toLowerCase(Locale.ROOT), currency.one, currency.many())) {
                WORDS.put(word, currency);
            }
        }
    }

    /** Those whose sign, code or name stands in a text. */
    public static List<Currency> in(String text) {
        boolean maybeSigns = Chars.any(text, c -> c == '$' || c > '~');
        boolean maybeWords = Chars.any(text, Character::isLetter);
        if (!maybeSigns && !maybeWords) {
            return List.of();
        }
        Set<Currency> found = EnumSet.noneOf(Currency.class);
        for (Currency currency : values()) {
            if (maybeSigns && text.contains(currency.sign)) {
                found.add(currency);
            }
        }
        for (Matcher run = WORD.matcher(text); maybeWords && run.find(); ) {
            word(run.group()).ifPresent(found::add);
        }
        return List.copyOf(found);
    }
}
