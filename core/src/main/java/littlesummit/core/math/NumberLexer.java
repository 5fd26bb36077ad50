package littlesummit.core.math;

import java.util.Optional;
import littlesummit.core.math.Token.Kind;

/** Cuts numbers: digits, groups of three, a point, digits that repeat, an exponent after e. */
final class NumberLexer {
    private final Scan scan;

    NumberLexer(Scan scan) {
        this.scan = scan;
    }

    void number() {
        int start = scan.pos;
        StringBuilder digits = new StringBuilder(scan.digitRun());
        if (scan.syntax.grouping()
                && !digits.isEmpty()
                && digits.length() <= 3
                && digits.charAt(0) != '0'
                && groupAt() > 0
                && !isRootIndex()
                && !isInList()) {
            for (int skip = groupAt(); skip > 0; skip = groupAt()) {
                scan.pos += skip;
                digits.append(scan.digitRun());
            }
        }
        if (scan.peek(0) == '.') {
            scan.pos++;
            String decimals = scan.digitRun();
            Optional<Repetition> repeats = Repetition.at(scan.text, scan.pos, decimals);
            if (repeats.isPresent()) {
                scan.pos = repeats.get().end();
                digits.append('.').append(repeats.get().once());
                scan.add(Kind.NUMBER, digits + "(" + repeats.get().period() + ")", start);
                return;
            }
            if (!scan.syntax.continued() && Repetition.isAmbiguous(scan.text, scan.pos, decimals)) {
                scan.add(Kind.TWO_READINGS, digits + "." + decimals, start);
                return;
            }
            digits.append('.').append(decimals);
        }
        if ((scan.peek(0) == 'e' || scan.peek(0) == 'E')
                && !scan.syntax.letters().contains("e")) {
            int sign = scan.peek(1) == '-' || scan.peek(1) == '+' || scan.peek(1) == '\u2212' ? 2 : 1;
            if (Characters.isDigit(scan.peek(sign))) {
                String minus = sign == 2 && scan.peek(1) != '+' ? "-" : "";
                scan.pos += sign;
                digits.append('e').append(minus).append(scan.digitRun());
            }
        }
        scan.add(Kind.NUMBER, digits.toString(), start);
    }

    /** The number right behind {@code root(}: the comma after it separates. */
    private boolean isRootIndex() {
        int n = scan.tokens.size();
        return n >= 2
                && scan.tokens.get(n - 2).is(Kind.ROOT)
                && scan.tokens.get(n - 1).is(Kind.OPEN);
    }

    /** In the brackets of gcd(240, 360) or C(500, 250) a comma separates. */
    private boolean isInList() {
        int open = 0;
        for (int i = scan.tokens.size() - 1; i > 0; i--) {
            open += scan.tokens.get(i).is(Kind.OPEN) ? 1 : scan.tokens.get(i).is(Kind.CLOSE) ? -1 : 0;
            if (open > 0) {
                Token before = scan.tokens.get(i - 1);
                return before.is(Kind.LETTER, "C") && !scan.syntax.letters().contains("C")
                        || before.is(Kind.FUNCTION)
                                && Fn.named(before.text())
                                        .map(Fn::takesList)
                                        .orElse(before.text().equals("nCr"));
            }
        }
        return false;
    }

    /**
     * Length of what stands between two groups of three digits: a comma, plain or {,}, an apostrophe, or a space that
     * no fraction follows; 0 when there is none.
     */
    private int groupAt() {
        boolean isSpace = Characters.isSpace(scan.peek(0));
        boolean isSign = scan.peek(0) == ',' || scan.peek(0) == '\'' || scan.peek(0) == '’';
        int length = isSign || isSpace
                ? 1
                : scan.text.startsWith("{,}", scan.pos) ? 3 : scan.text.startsWith("\\,", scan.pos) ? 2 : 0;
        if (length == 0) {
            return 0;
        }
        for (int i = 0; i < 3; i++) {
            if (!Characters.isDigit(scan.peek(length + i))) {
                return 0;
            }
        }
        char behind = scan.peek(length + 3);
        return Characters.isDigit(behind) || isSpace && (behind == '/' || behind == '⁄') ? 0 : length;
    }
}
