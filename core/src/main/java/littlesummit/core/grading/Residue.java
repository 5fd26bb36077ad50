package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is left of a whole number when a modulus is taken away as often as it goes: {@code 10 mod 7}, {@code 3 (mod 7)},
 * {@code x ≡ 3 (mod 7)}, {@code 10 \bmod 7}.
 */
record Residue(BigInteger number, BigInteger modulus) {
    private static final Pattern WRITTEN =
            Pattern.compile("\\s*(?:[a-z]\\s*(?:≡|\\\\equiv)\\s*)?([-−]?\\s*\\d{1,60})\\s*"
                    + "(?:\\(\\s*mod\\s*(\\d{1,60})\\s*\\)|\\\\pmod\\s*\\{\\s*(\\d{1,60})\\s*}"
                    + "|(?:\\\\bmod|mod)\\s*(\\d{1,60}))"
                    + "\\s*");

    /** Empty for what is written otherwise, and for a modulus of zero. */
    static Optional<Residue> read(String entry) {
        if (entry.indexOf("mod") < 0) {
            return Optional.empty();
        }
        Matcher found = WRITTEN.matcher(entry);
        return found.matches()
                ? Optional.of(new Residue(
                                whole(found.group(1)),
                                whole(Optional.ofNullable(found.group(2))
                                        .or(() -> Optional.ofNullable(found.group(3)))
                                        .orElseGet(() -> found.group(4)))))
                        .filter(residue -> residue.modulus.signum() > 0)
                : Optional.empty();
    }

    private static BigInteger whole(String digits) {
        return new BigInteger(digits.replace('−', '-').replaceAll("\\s", ""));
    }

    /** From 0 to one less than the modulus. */
    BigInteger least() {
        return number.mod(modulus);
    }

    boolean isLeast() {
        return number.equals(least());
    }
}
