package littlesummit.core.math;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Token.Kind;

/**
 * Cuts an entry, plain text or LaTeX, into tokens that know where they stood. Never fails: what it does not know is a
 * token too.
 */
final class Lexer {
    private final Scan scan;
    private final NumberLexer numbers;
    private final WordLexer words;
    private final LatexLexer latex;

    private Lexer(String text, Syntax syntax) {
        this.scan = new Scan(text, syntax);
        this.numbers = new NumberLexer(scan);
        this.latex = new LatexLexer(scan, this);
        this.words = new WordLexer(scan, latex);
    }

    static List<Token> tokens(String text, Syntax syntax) {
        Lexer lexer = new Lexer(text, syntax);
        lexer.run(text.length());
        lexer.scan.add(Kind.END, "", text.length());
        return lexer.scan.tokens;
    }

    void run(int stop) {
        int outer = scan.end;
        scan.end = stop;
        while (scan.pos < scan.end) {
            char c = Characters.fold(scan.text.charAt(scan.pos));
            if (Characters.isSpace(c) || c == '~' && scan.isLatex && scan.peek(1) != '=') {
                scan.space();
                scan.pos++;
            } else if (Characters.isDigit(c) || c == '.' && Characters.isDigit(scan.peek(1))) {
                numbers.number();
            } else if (Characters.superscript(c) >= 0) {
                superscript();
            } else if (c == '\\') {
                latex.command();
            } else if (Character.isLetter(c) && Characters.symbol(c).isEmpty()) {
                words.letters();
            } else {
                symbol(c);
            }
        }
        scan.end = outer;
    }

    /** A function by its name, as a command of LaTeX calls it. */
    void function(String name, int start) {
        words.function(name, start);
    }

    private void superscript() {
        int start = scan.pos;
        StringBuilder raised = new StringBuilder();
        for (; Characters.superscript(scan.peek(0)) >= 0; scan.pos++) {
            raised.append((char) Characters.superscript(scan.peek(0)));
        }
        boolean isIndex = scan.peek(0) == '√'
                && (raised.toString().equals("3") || raised.toString().equals("4"));
        if (isIndex && !isBehindOperand()) {
            scan.pos++;
            scan.add(Kind.ROOT_SIGN, raised.toString().equals("3") ? "∛" : "∜", start);
            return;
        }
        scan.add(Kind.CARET, "^", start);
        scan.add(Kind.OPEN, "(", start);
        Lexer inner = new Lexer(raised.toString(), scan.syntax);
        inner.run(raised.length());
        inner.scan.tokens.forEach(t -> scan.tokens.add(new Token(t.kind(), t.text(), start + t.at(), t.spaced())));
        scan.add(Kind.CLOSE, ")", start);
    }

    /** x³√2 is a power of x; at the beginning, and behind a sign, ³√ is a cube root. */
    private boolean isBehindOperand() {
        return !scan.tokens.isEmpty()
                && List.of(Kind.NUMBER, Kind.LETTER, Kind.CLOSE, Kind.PI, Kind.EULER)
                        .contains(scan.tokens.getLast().kind());
    }

    private void symbol(char c) {
        int start = scan.pos;
        if (c == '+' && isPlusMinus()) {
            scan.pos += scan.text.startsWith("+/-", scan.pos) ? 3 : 2;
            scan.add(Kind.PLUS_MINUS, "±", start);
            return;
        }
        Optional<Characters.Symbol> two = Characters.symbol(c, scan.peek(1));
        if (two.isPresent()) {
            scan.pos += 2;
            scan.add(two.get().kind(), two.get().meaning(), start);
            return;
        }
        scan.pos++;
        String fraction = Characters.vulgarFraction(c);
        if (!fraction.isEmpty()) {
            scan.add(Kind.VULGAR, fraction, start);
        } else if (c == '^' && latex.degreeFollows()) {
            scan.add(Kind.DEGREE, "°", start);
        } else {
            Characters.symbol(c)
                    .ifPresentOrElse(
                            s -> scan.add(kind(s), s.meaning(), start),
                            () -> scan.add(Kind.UNKNOWN, String.valueOf(c), start));
            if (scan.tokens.getLast().is(Kind.BOUNDED)) {
                latex.bounds();
            }
        }
    }

    /** What a sign is in this field. */
    private Kind kind(Characters.Symbol sign) {
        return switch (sign.kind()) {
            case COLON -> isDivision() ? Kind.DIVIDE : Kind.COLON;
            case CURRENCY -> scan.syntax.units() ? Kind.UNIT : Kind.CURRENCY;
            default -> sign.kind();
        };
    }

    /** A colon divides, but for the one in {x : x &lt; 4}. */
    private boolean isDivision() {
        return !scan.syntax.sets()
                && scan.tokens.stream().noneMatch(t -> t.is(Kind.OPEN, "{"))
                && !scan.tokens.isEmpty();
    }

    /** {@code +/-} anywhere, and {@code +-} in front of a member of a list; elsewhere a negative number is added. */
    private boolean isPlusMinus() {
        boolean inFront = scan.tokens.isEmpty()
                || scan.tokens.getLast().is(Kind.OPEN)
                || scan.tokens.getLast().is(Kind.COMMA)
                || scan.tokens.getLast().is(Kind.RELATION);
        return scan.text.startsWith("+/-", scan.pos)
                || (scan.syntax.sets() || scan.syntax.continued()) && inFront && scan.text.startsWith("+-", scan.pos);
    }
}
