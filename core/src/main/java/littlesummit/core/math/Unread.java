package littlesummit.core.math;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import littlesummit.core.math.Reading.Problem;

/** School mathematics that is not read here, known by how it is written, so that a refusal can say its name. */
final class Unread {
    /** Where reading may have stopped because of it. */
    private static final Set<Problem> MAYBE = Set.of(
            Problem.UNEXPECTED,
            Problem.UNKNOWN_LETTER,
            Problem.INCOMPLETE,
            Problem.WORD,
            Problem.LARGE_LETTER,
            Problem.TWO_NUMBERS,
            Problem.NUMBER_BEHIND_LETTER,
            Problem.TWO_POINTS,
            Problem.NOT_CLOSED,
            Problem.UNKNOWN_UNIT);

    private static final Map<Problem, Pattern> SIGNS = new EnumMap<>(Problem.class);

    static {
        sign(Problem.ABOUT, "^\\s*(?:≈|\\\\approx|(?:about|approximately|approx)(?![a-z]))|or so\\s*$");
        sign(Problem.SET_BY_RULE, "(?:^|[=\\s\\\\])\\{[^}]*(?:\\||:|∣|\\\\mid|\\.\\.|…)[^}]*}");
        sign(Problem.MATRIX, "\\\\begin\\{\\w*(matrix|array)\\*?}");
        sign(Problem.SUM_SIGN, "\\\\sum|\\\\prod|[∑Σ∏]|(?<![a-z])sum(?![a-z])");
        sign(Problem.INTEGRAL, "\\\\int|∫");
        sign(Problem.LIMIT, "\\\\lim|(?<![a-z])lim(?![a-z])");
        sign(Problem.PIECES, "\\\\begin\\{cases}|(?<![a-z])if(?![a-z])");
        sign(Problem.VECTOR, "\\\\vec|\\\\overrightarrow|\\\\l?angle|⟨|^\\s*<.*,.*>\\s*$");
        sign(Problem.CONGRUENCE, "\\\\(p|b)?mod|\\\\equiv|≡|(?<![a-z])mod(?![a-z])");
        sign(Problem.CURRENCY, "[₩₽₺₴₪฿]|(?<![A-Za-z])(CNY|SEK|NOK|DKK|PLN|CZK)(?![A-Za-z])");
        sign(Problem.REMAINDER, "\\d\\s*(R|r|rem|remainder)\\.?\\s*\\d");
        sign(
                Problem.CALENDAR,
                "(?i)(?<![a-z])(jan|feb|mar|apr|may|june?|july?|aug|sept?|oct|nov|dec)(?![a-z])"
                        + "|(?:January|February|March|April|August|September|October|November|December)");
        sign(Problem.CLOCK, "\\d\\s*(a\\.?m|p\\.?m|o['’]clock)");
    }

    private Unread() {}

    private static void sign(Problem problem, String pattern) {
        SIGNS.put(problem, Pattern.compile(pattern));
    }

    /** @param met what reading stopped at */
    static Optional<Problem> in(String entry, Problem met) {
        return MAYBE.contains(met)
                ? SIGNS.entrySet().stream()
                        .filter(sign -> sign.getValue().matcher(entry).find())
                        .map(Map.Entry::getKey)
                        .findFirst()
                : Optional.empty();
    }
}
