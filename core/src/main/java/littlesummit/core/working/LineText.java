package littlesummit.core.working;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line as it is typed, without what only connects it: “so”, an arrow, “case 1:”, a number in front, a tick behind, an
 * operation noted behind a bar. A division with its remainder is multiplied back.
 *
 * @param whole as it is typed
 * @param mathematics what is left
 * @param offset how many characters were left out in front
 */
record LineText(String whole, String mathematics, int offset) {
    private static final Pattern IN_FRONT = Pattern.compile(
            "\\s*(?:(?:so|then|thus|hence|therefore|and so|check|proof|case(?: \\d|"
                    + " [a-dA-D])?|first|second|now|next|also)(?:\\s*[:,.]\\s*|\\s+(?=\\S))"
                    + "|⇒|→|⟹|⇔|⟺|↔|∴|=>|->|-->|==>|<=>"
                    + "|\\\\(?:Rightarrow|rightarrow|implies|iff|to|therefore|Leftrightarrow)(?![a-zA-Z])"
                    + "|\\d{1,2}\\)|[a-h]\\))\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TICK = Pattern.compile("\\s*[✓✔☑√]\\s*$");
    private static final Pattern NOTED = Pattern.compile("\\|\\s*[-+*/:·×÷−–][^|=<>]*$");
    private static final Pattern INDEXED = Pattern.compile("([A-Za-z])(_\\{?[0-9]\\}?|[₀-₉])");

    private static final Pattern WITH_REMAINDER =
            Pattern.compile("\\s*(\\d{1,18})\\s*[:/÷]\\s*(\\d{1,18})\\s*=\\s*(\\d{1,18})\\s*,?\\s*"
                    + "(?:R|r|rem\\.?|remainder)\\s*(\\d{1,18})\\s*");

    static LineText of(String line) {
        int start = 0;
        Matcher front = IN_FRONT.matcher(line);
        while (front.region(start, line.length()).lookingAt() && front.end() < line.length()) {
            start = front.end();
        }
        String rest = TICK.matcher(line.substring(start)).replaceFirst("");
        return new LineText(line, multipliedBack(withoutIndices(withoutNote(rest))), start);
    }

    /** 17 : 5 = 3 R 2 says that 17 is 3 times 5 and 2; what remains is less than the divisor. */
    private static String multipliedBack(String line) {
        Matcher division = WITH_REMAINDER.matcher(line);
        return division.matches() && Long.parseLong(division.group(4)) < Long.parseLong(division.group(2))
                ? division.group(1) + " = " + division.group(3) + "*" + division.group(2) + " + " + division.group(4)
                : line;
    }

    /** A bar that closes no absolute value, with an operation behind it. */
    private static String withoutNote(String line) {
        boolean isOpen = line.chars().filter(c -> c == '|').count() % 2 == 1;
        Matcher noted = NOTED.matcher(line);
        return isOpen && noted.find() ? line.substring(0, noted.start()).stripTrailing() : line;
    }

    /** x₁ = 2, x₂ = 3 are two values of x; where an indexed letter stands in anything else it keeps its index. */
    private static String withoutIndices(String line) {
        Matcher indexed = INDEXED.matcher(line);
        StringBuilder plain = new StringBuilder(line);
        while (indexed.find()) {
            String behind = line.substring(indexed.end()).stripLeading();
            if (!behind.startsWith("=") && !behind.startsWith("≈")) {
                return line;
            }
            for (int i = indexed.start(2); i < indexed.end(2); i++) {
                plain.setCharAt(i, ' ');
            }
        }
        return plain.toString();
    }
}
