package littlesummit.core.math;

import java.util.Collections;
import java.util.List;
import littlesummit.core.math.Token.Kind;

/** Cuts commands of LaTeX and the groups that belong to them. */
final class LatexLexer {
    private final Scan scan;
    private final Lexer lexer;

    LatexLexer(Scan scan, Lexer lexer) {
        this.scan = scan;
        this.lexer = lexer;
    }

    /** LaTeX writes a degree sign as a raised circle. */
    boolean degreeFollows() {
        for (String raised : List.of("\\circ", "{\\circ}", "{\\degree}", "\\degree")) {
            if (scan.text.startsWith(raised, scan.pos)) {
                scan.pos += raised.length();
                return true;
            }
        }
        return false;
    }

    void command() {
        int start = scan.pos++;
        int stop = scan.pos;
        while (stop < scan.text.length() && Characters.isAsciiLetter(scan.text.charAt(stop))) {
            stop++;
        }
        String name = stop == scan.pos && scan.pos < scan.text.length()
                ? scan.text.substring(scan.pos, scan.pos + 1)
                : scan.text.substring(scan.pos, stop);
        scan.pos += name.length();
        switch (LatexCommand.of(name)) {
            case LatexCommand.Space() -> scan.space();
            case LatexCommand.Ignored() -> {}
            case LatexCommand.Sized() -> skipEmptyDelimiter();
            case LatexCommand.Symbol(Kind kind, String meaning) -> {
                scan.add(kind, meaning, start);
                if (kind == Kind.BOUNDED) {
                    bounds();
                }
            }
            case LatexCommand.Function(String function) -> lexer.function(function, start);
            case LatexCommand.Choose() -> {
                scan.add(Kind.FUNCTION, "binom", start);
                argument();
                argument();
            }
            case LatexCommand.Fraction() -> {
                scan.add(Kind.FRACTION, "\\frac", start);
                argument();
                argument();
            }
            case LatexCommand.RootSign() -> {
                scan.add(Kind.ROOT_SIGN, "\\sqrt", start);
                if (scan.peek(0) != '[') {
                    argument();
                }
            }
            case LatexCommand.Textual() -> textual();
            case LatexCommand.Gap() -> {
                scan.add(Kind.GAP, "", start);
                if (scan.peek(0) == '{') {
                    scan.pos = Math.min(closingBrace() + 1, scan.end);
                }
            }
            case LatexCommand.Blackboard() -> {
                scan.add(scan.text.startsWith("{R}", scan.pos) ? Kind.REALS : Kind.UNKNOWN, "R", start);
                scan.pos = Math.min(closingBrace() + 1, scan.end);
            }
            case LatexCommand.Unknown() -> scan.add(Kind.UNKNOWN, "\\" + name, start);
        }
    }

    /** What stands below and above a sign of summation, in either order; what is below comes first. */
    void bounds() {
        int from = scan.tokens.size();
        lowered();
        int middle = scan.tokens.size();
        scan.skipSpaces();
        if (scan.peek(0) == '^') {
            scan.add(Kind.CARET, "^", scan.pos++);
            argument();
        }
        if (middle == from) {
            int raised = scan.tokens.size();
            lowered();
            Collections.rotate(scan.tokens.subList(from, scan.tokens.size()), scan.tokens.size() - raised);
        }
    }

    private void lowered() {
        scan.skipSpaces();
        if (scan.peek(0) == '_') {
            scan.add(Kind.BASE, "_", scan.pos++);
            argument();
        }
    }

    private void skipEmptyDelimiter() {
        if (scan.peek(0) == '.') {
            scan.pos++;
        }
    }

    /** One argument of a command: a group in braces, or a single character. */
    void argument() {
        scan.skipSpaces();
        if (scan.peek(0) == '\0' || scan.peek(0) == '}') {
            return;
        }
        int start = scan.pos;
        if (scan.peek(0) == '{') {
            int close = closingBrace();
            scan.pos++;
            scan.add(Kind.OPEN, "{", start);
            lexer.run(close);
            if (close < scan.end) {
                scan.add(Kind.CLOSE, "}", close);
                scan.pos = close + 1;
            }
        } else {
            scan.add(Kind.OPEN, "{", start);
            if (scan.peek(0) == '\\') {
                command();
            } else {
                lexer.run(scan.pos + 1);
            }
            scan.add(Kind.CLOSE, "}", start);
        }
    }

    private void textual() {
        if (scan.peek(0) == '{') {
            int close = closingBrace();
            scan.pos++;
            lexer.run(close);
            scan.pos = Math.min(close + 1, scan.end);
        }
    }

    /** Index of the brace that closes the one at {@code pos}; the end when none does. */
    private int closingBrace() {
        int open = 0;
        for (int i = scan.pos; i < scan.end; i++) {
            char c = scan.text.charAt(i);
            if (c == '\\') {
                i++;
            } else if (c == '{') {
                open++;
            } else if (c == '}' && --open == 0) {
                return i;
            }
        }
        return scan.end;
    }
}
