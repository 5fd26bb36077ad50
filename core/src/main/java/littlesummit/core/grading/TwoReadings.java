package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What may be meant in two ways, and would be wrong in the one that is read: it is asked back, and costs no try. */
final class TwoReadings {
    /** Written closely, as a mixed number is: 2-3/4. */
    private static final Pattern MIXED_OR_MINUS = Pattern.compile("\\s*[-−]?\\d{1,9}[-−–](\\d{1,9})/(\\d{1,9})\\s*");

    private TwoReadings() {}

    /** Empty for what can be meant in one way only. */
    static Optional<Verdict> of(AnswerSpec spec, String entry) {
        return DecimalComma.at(spec, entry)
                .<Verdict>map(at -> new Verdict.Unreadable(Reason.COMMA_OR_POINT, at))
                .or(() -> isMixedOrMinus(spec, entry)
                        ? Optional.of(new Verdict.Unreadable(Reason.MIXED_OR_MINUS, 0))
                        : Optional.empty());
    }

    private static boolean isMixedOrMinus(AnswerSpec spec, String entry) {
        if (spec.kind() != Kind.NUMBER || entry.indexOf('/') < 0) {
            return false;
        }
        Matcher found = MIXED_OR_MINUS.matcher(entry);
        return found.matches() && new BigInteger(found.group(1)).compareTo(new BigInteger(found.group(2))) < 0;
    }
}
