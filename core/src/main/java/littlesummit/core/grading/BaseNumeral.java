package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Chars;

/**
 * A whole number written in another base: {@code 1011_2}, {@code (1011)_2}, {@code 1011₂}, {@code 0b1011}, {@code
 * 2F_16}.
 *
 * @param digits as they were typed
 * @param value what they are worth
 */
record BaseNumeral(String digits, BigInteger value) {
    private static final Pattern WRITTEN = Pattern.compile(
            "\\s*\\(?\\s*([0-9A-F]{1,200})\\s*\\)?\\s*(?:_\\s*\\{?\\s*(\\d{1,2})\\s*}?|([₀-₉]{1,2}))\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BINARY = Pattern.compile("\\s*0b([01]{1,200})\\s*", Pattern.CASE_INSENSITIVE);

    /** Empty for what is written otherwise, and for digits that the base does not have. */
    static Optional<BaseNumeral> read(String entry) {
        if (!Chars.any(entry, c -> c == '_' || c == 'b' || c == 'B' || c >= '₀' && c <= '₉')) {
            return Optional.empty();
        }
        Matcher binary = BINARY.matcher(entry);
        if (binary.matches()) {
            return of(binary.group(1), 2);
        }
        Matcher found = WRITTEN.matcher(entry);
        return found.matches() ? of(found.group(1), base(found)) : Optional.empty();
    }

    private static int base(Matcher found) {
        if (found.group(2) != null) {
            return Integer.parseInt(found.group(2));
        }
        int base = 0;
        for (char c : found.group(3).toCharArray()) {
            base = 10 * base + c - '₀';
        }
        return base;
    }

    private static Optional<BaseNumeral> of(String digits, int base) {
        boolean fits = base >= 2
                && base <= 16
                && digits.chars().allMatch(c -> Character.digit(c, 16) >= 0 && Character.digit(c, 16) < base);
        return fits ? Optional.of(new BaseNumeral(digits, new BigInteger(digits, base))) : Optional.empty();
    }
}
