package littlesummit.core.math;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Token.Kind;

/**
 * Cuts an entry, plain text or LaTeX, into tokens that know where they stood. Never fails: what it does not know is a
 * token too.
 */
final class Lexer {
    private static final Set<String> WORDS = Set.of(
            "and",
            "or",
            "none",
            "no",
            "solution",
            "solutions",
            "empty",
            "set",
            "all",
            "real",
            "reals",
            "number",
            "numbers",
            "except",
            "for",
            "inf",
            "infinity",
            "infty");

    /** What a sign is called, behind a number. */
    private static final Map<String, Kind> SIGNS_IN_WORDS =
            Map.of("percent", Kind.PERCENT, "degree", Kind.DEGREE, "degrees", Kind.DEGREE);

    /** Behind a number. */
    private static final Map<String, String> LARGE =
            Map.of("hundred", "100", "thousand", "1000", "million", "1000000", "billion", "1000000000");

    /** What a sign is called, in front of a number. */
    private static final Set<String> MINUS_IN_WORDS = Set.of("minus", "negative");

    private final String text;
    private final Syntax syntax;
    /** LaTeX writes a space as a tilde. */
    private final boolean isLatex;
    /** Whether e may be the number. */
    private final boolean hasEuler;

    private final List<Token> tokens = new ArrayList<>();
    private int pos;
    private int end;
    private boolean spaced;

    private Lexer(String text, Syntax syntax) {
        this.text = text;
        this.syntax = syntax;
        this.isLatex = text.indexOf('\\') >= 0;
        this.hasEuler = syntax.euler() || Names.speakOfEuler(text);
    }

    static List<Token> tokens(String text, Syntax syntax) {
        Lexer lexer = new Lexer(text, syntax);
        lexer.run(text.length());
        lexer.add(Kind.END, "", text.length());
        return lexer.tokens;
    }

    private void run(int stop) {
        int outer = end;
        end = stop;
        while (pos < end) {
            char c = Characters.fold(text.charAt(pos));
            if (Characters.isSpace(c) || c == '~' && isLatex && peek(1) != '=') {
                spaced = true;
                pos++;
            } else if (Characters.isDigit(c) || c == '.' && Characters.isDigit(peek(1))) {
                number();
            } else if (Characters.superscript(c) >= 0) {
                superscript();
            } else if (c == '\\') {
                command();
            } else if (Character.isLetter(c) && Characters.symbol(c).isEmpty()) {
                letters();
            } else {
                symbol(c);
            }
        }
        end = outer;
    }

    private char peek(int ahead) {
        return pos + ahead < end ? Characters.fold(text.charAt(pos + ahead)) : '\0';
    }

    private void add(Kind kind, String what, int at) {
        tokens.add(new Token(kind, what, at, spaced));
        spaced = false;
    }

    /** Digits, groups of three, a point, an exponent after e. */
    private void number() {
        int start = pos;
        StringBuilder digits = new StringBuilder(digitRun());
        if (syntax.grouping()
                && !isRootIndex()
                && !isInList()
                && !digits.isEmpty()
                && digits.length() <= 3
                && digits.charAt(0) != '0') {
            for (int skip = groupAt(); skip > 0; skip = groupAt()) {
                pos += skip;
                digits.append(digitRun());
            }
        }
        if (peek(0) == '.') {
            pos++;
            String decimals = digitRun();
            Optional<Repetition> repeats = Repetition.at(text, pos, decimals);
            if (repeats.isPresent()) {
                pos = repeats.get().end();
                digits.append('.').append(repeats.get().once());
                add(Kind.NUMBER, digits + "(" + repeats.get().period() + ")", start);
                return;
            }
            if (!syntax.continued() && Repetition.isAmbiguous(text, pos, decimals)) {
                add(Kind.TWO_READINGS, digits + "." + decimals, start);
                return;
            }
            digits.append('.').append(decimals);
        }
        if ((peek(0) == 'e' || peek(0) == 'E') && !syntax.letters().contains("e")) {
            int sign = peek(1) == '-' || peek(1) == '+' || peek(1) == '\u2212' ? 2 : 1;
            if (Characters.isDigit(peek(sign))) {
                String minus = sign == 2 && peek(1) != '+' ? "-" : "";
                pos += sign;
                digits.append('e').append(minus).append(digitRun());
            }
        }
        add(Kind.NUMBER, digits.toString(), start);
    }

    /** The number right behind {@code root(}: the comma after it separates. */
    private boolean isRootIndex() {
        int n = tokens.size();
        return n >= 2 && tokens.get(n - 2).is(Kind.ROOT) && tokens.get(n - 1).is(Kind.OPEN);
    }

    /** In the brackets of gcd(240, 360) or C(500, 250) a comma separates. */
    private boolean isInList() {
        int open = 0;
        for (int i = tokens.size() - 1; i > 0; i--) {
            open += tokens.get(i).is(Kind.OPEN) ? 1 : tokens.get(i).is(Kind.CLOSE) ? -1 : 0;
            if (open > 0) {
                Token before = tokens.get(i - 1);
                return before.is(Kind.LETTER, "C") && !syntax.letters().contains("C")
                        || before.is(Kind.FUNCTION)
                                && Fn.named(before.text())
                                        .map(Fn::takesList)
                                        .orElse(before.text().equals("nCr"));
            }
        }
        return false;
    }

    private String digitRun() {
        StringBuilder run = new StringBuilder();
        for (; Characters.isDigit(peek(0)); pos++) {
            run.append(peek(0));
        }
        return run.toString();
    }

    /**
     * Length of what stands between two groups of three digits: a comma, plain or {,}, an apostrophe, or a space that
     * no fraction follows; 0 when there is none.
     */
    private int groupAt() {
        boolean isSpace = Characters.isSpace(peek(0));
        boolean isSign = peek(0) == ',' || peek(0) == '\'' || peek(0) == '’';
        int length = isSign || isSpace ? 1 : text.startsWith("{,}", pos) ? 3 : text.startsWith("\\,", pos) ? 2 : 0;
        if (length == 0) {
            return 0;
        }
        for (int i = 0; i < 3; i++) {
            if (!Characters.isDigit(peek(length + i))) {
                return 0;
            }
        }
        char behind = peek(length + 3);
        return Characters.isDigit(behind) || isSpace && (behind == '/' || behind == '⁄') ? 0 : length;
    }

    private void superscript() {
        int start = pos;
        StringBuilder raised = new StringBuilder();
        for (; Characters.superscript(peek(0)) >= 0; pos++) {
            raised.append((char) Characters.superscript(peek(0)));
        }
        add(Kind.CARET, "^", start);
        add(Kind.OPEN, "(", start);
        Lexer inner = new Lexer(raised.toString(), syntax);
        inner.run(raised.length());
        inner.tokens.forEach(t -> tokens.add(new Token(t.kind(), t.text(), start + t.at(), t.spaced())));
        add(Kind.CLOSE, ")", start);
    }

    /** A run of letters: a keyword, a unit, or letters one by one with sqrt, root and pi among them. */
    private void letters() {
        int start = pos;
        int stop = pos;
        while (stop < end
                && Character.isLetter(Characters.fold(text.charAt(stop)))
                && Characters.symbol(Characters.fold(text.charAt(stop))).isEmpty()) {
            stop++;
        }
        String run = text.substring(start, stop);
        String word = run.toLowerCase(Locale.ROOT);
        if (WORDS.contains(word) && !syntax.letters().contains(run)) {
            pos = stop;
            add(word.startsWith("inf") ? Kind.INFINITY : Kind.WORD, word, start);
        } else if (SIGNS_IN_WORDS.containsKey(word) && !tokens.isEmpty()) {
            pos = stop;
            add(SIGNS_IN_WORDS.get(word), word, start);
        } else if (!syntax.units() && isCurrency(run)) {
            pos = stop;
            add(Kind.CURRENCY, Currency.word(run).orElseThrow().sign(), start);
        } else if (LARGE.containsKey(word)
                && !tokens.isEmpty()
                && tokens.getLast().is(Kind.NUMBER)) {
            pos = stop;
            add(Kind.TIMES, "*", start);
            add(Kind.NUMBER, LARGE.get(word), start);
        } else if (word.equals("per") && isPerCent(stop) && !tokens.isEmpty()) {
            pos = text.toLowerCase(Locale.ROOT).indexOf("cent", stop) + "cent".length();
            add(Kind.PERCENT, "%", start);
        } else if (word.equals("of") && isBehindShare()) {
            pos = stop;
            add(Kind.TIMES, "*", start);
        } else if (MINUS_IN_WORDS.contains(word)) {
            pos = stop;
            add(Kind.MINUS, "-", start);
        } else if (syntax.sets() && word.equals("u") && !syntax.letters().contains(run)) {
            pos = stop;
            add(Kind.UNION, "U", start);
        } else if (!syntax.units() && Names.areThere(run, syntax, hasEuler)) {
            names(run, stop);
        } else if (syntax.units() && Names.other(word, 0).isEmpty() && !word.equals("x")) {
            pos = stop;
            unit(run, start);
        } else {
            while (pos < stop) {
                oneOf(run.substring(pos - start));
            }
        }
    }

    /** Behind a number by any of its names, before one by its code. */
    private boolean isCurrency(String run) {
        return Currency.word(run)
                .filter(c -> !tokens.isEmpty() || run.equals(c.code()))
                .isPresent();
    }

    /** 20% of 50 and 3/4 of 20 are products; 3 of 5 is none. */
    private boolean isBehindShare() {
        if (tokens.isEmpty()) {
            return false;
        }
        Token last = tokens.getLast();
        boolean isFraction = tokens.size() > 2
                && last.is(Kind.NUMBER)
                && tokens.get(tokens.size() - 2).is(Kind.DIVIDE)
                && tokens.get(tokens.size() - 3).is(Kind.NUMBER);
        return last.is(Kind.PERCENT) || last.is(Kind.VULGAR) || isFraction;
    }

    /** A run with names of functions among its letters, such as {@code xsinx}. */
    private void names(String run, int stop) {
        int start = pos;
        while (pos < stop) {
            Optional<String> name = Names.at(run, pos - start, syntax);
            if (name.isEmpty()) {
                oneOf(run.substring(pos - start));
            } else {
                int at = pos;
                pos += name.get().length();
                function(name.get(), at);
            }
        }
    }

    /** A function, with the base that stands below a logarithm. */
    private void function(String name, int start) {
        add(Kind.FUNCTION, name, start);
        boolean isLowered = Characters.subscript(peek(0)) >= 0;
        if (!name.equals("log") || peek(0) != '_' && !isLowered) {
            return;
        }
        add(Kind.BASE, "_", pos);
        if (isLowered) {
            int at = pos;
            StringBuilder digits = new StringBuilder();
            for (; Characters.subscript(peek(0)) >= 0; pos++) {
                digits.append(Characters.subscript(peek(0)));
            }
            add(Kind.OPEN, "{", at);
            add(Kind.NUMBER, digits.toString(), at);
            add(Kind.CLOSE, "}", at);
            return;
        }
        pos++;
        if (isLatex || peek(0) == '{' || !Characters.isDigit(peek(0))) {
            argument();
        } else {
            int at = pos;
            add(Kind.OPEN, "{", at);
            add(Kind.NUMBER, digitRun(), at);
            add(Kind.CLOSE, "}", at);
        }
    }

    private boolean isPerCent(int from) {
        return text.substring(from).stripLeading().toLowerCase(Locale.ROOT).startsWith("cent");
    }

    /** A degree sign with C or F behind it is one unit. */
    private void unit(String run, int start) {
        String scale = run.length() > 1 ? run.substring(0, 1).toUpperCase(Locale.ROOT) : run;
        boolean isScale = Set.of("c", "f", "celsius", "fahrenheit").contains(run.toLowerCase(Locale.ROOT));
        if (isScale && !tokens.isEmpty() && tokens.getLast().is(Kind.DEGREE)) {
            Token degree = tokens.removeLast();
            tokens.add(new Token(Kind.UNIT, "°" + scale.toUpperCase(Locale.ROOT), degree.at(), degree.spaced()));
            spaced = false;
        } else if (isScale) {
            add(Kind.UNIT, "°" + scale.toUpperCase(Locale.ROOT), start);
        } else {
            add(Units.isWord(run) ? Kind.UNIT : Kind.UNKNOWN_UNIT, run, start);
        }
    }

    private void oneOf(String rest) {
        int start = pos;
        if (rest.startsWith("sqrt")) {
            pos += 4;
            add(Kind.ROOT_SIGN, "sqrt", start);
        } else if (rest.startsWith("root")) {
            pos += 4;
            add(Kind.ROOT, "root", start);
        } else if (rest.startsWith("cbrt")) {
            pos += 4;
            add(Kind.ROOT_SIGN, "∛", start);
        } else if (rest.startsWith("abs") && Characters.fold(peek(3)) == '(') {
            pos += 3;
            add(Kind.ABS, "abs", start);
        } else if (rest.startsWith("pi")
                && !syntax.letters().contains("p")
                && !syntax.letters().contains("i")) {
            pos += 2;
            add(Kind.PI, "pi", start);
        } else if (Characters.fold(rest.charAt(0)) == 'e'
                && hasEuler
                && !syntax.letters().contains("e")) {
            pos++;
            add(Kind.EULER, "e", start);
        } else {
            pos++;
            add(Kind.LETTER, String.valueOf(Characters.fold(rest.charAt(0))), start);
        }
    }

    private void symbol(char c) {
        int start = pos;
        if (isPlusMinus()) {
            pos += text.startsWith("+/-", pos) ? 3 : 2;
            add(Kind.PLUS_MINUS, "±", start);
            return;
        }
        for (Characters.Symbol two : Characters.TWO_CHARACTERS) {
            if (c == two.text().charAt(0) && peek(1) == two.text().charAt(1)) {
                pos += 2;
                add(two.kind(), two.meaning(), start);
                return;
            }
        }
        pos++;
        String fraction = Characters.vulgarFraction(c);
        if (!fraction.isEmpty()) {
            add(Kind.VULGAR, fraction, start);
        } else if (c == '^' && degreeFollows()) {
            add(Kind.DEGREE, "°", start);
        } else {
            Characters.symbol(c)
                    .map(s -> s.kind() == Kind.COLON && isDivision() ? new Characters.Symbol(":", Kind.DIVIDE, ":") : s)
                    .map(s -> s.kind() == Kind.CURRENCY && syntax.units()
                            ? new Characters.Symbol(s.text(), Kind.UNIT, s.meaning())
                            : s)
                    .ifPresentOrElse(
                            s -> add(s.kind(), s.meaning(), start), () -> add(Kind.UNKNOWN, String.valueOf(c), start));
            if (tokens.getLast().is(Kind.BOUNDED)) {
                bounds();
            }
        }
    }

    /** A colon divides, but for the one in {x : x &lt; 4}. */
    private boolean isDivision() {
        return !syntax.sets() && tokens.stream().noneMatch(t -> t.is(Kind.OPEN, "{")) && !tokens.isEmpty();
    }

    /** {@code +/-} anywhere, and {@code +-} in front of a member of a list; elsewhere a negative number is added. */
    private boolean isPlusMinus() {
        boolean inFront = tokens.isEmpty()
                || tokens.getLast().is(Kind.OPEN)
                || tokens.getLast().is(Kind.COMMA)
                || tokens.getLast().is(Kind.RELATION);
        return text.startsWith("+/-", pos)
                || (syntax.sets() || syntax.continued()) && inFront && text.startsWith("+-", pos);
    }

    /** LaTeX writes a degree sign as a raised circle. */
    private boolean degreeFollows() {
        for (String raised : List.of("\\circ", "{\\circ}", "{\\degree}", "\\degree")) {
            if (text.startsWith(raised, pos)) {
                pos += raised.length();
                return true;
            }
        }
        return false;
    }

    private void command() {
        int start = pos++;
        int stop = pos;
        while (stop < text.length() && Characters.isAsciiLetter(text.charAt(stop))) {
            stop++;
        }
        String name = stop == pos && pos < text.length() ? text.substring(pos, pos + 1) : text.substring(pos, stop);
        pos += name.length();
        switch (LatexCommand.of(name)) {
            case LatexCommand.Space() -> spaced = true;
            case LatexCommand.Ignored() -> {}
            case LatexCommand.Sized() -> skipEmptyDelimiter();
            case LatexCommand.Symbol(Kind kind, String meaning) -> {
                add(kind, meaning, start);
                if (kind == Kind.BOUNDED) {
                    bounds();
                }
            }
            case LatexCommand.Function(String function) -> function(function, start);
            case LatexCommand.Choose() -> {
                add(Kind.FUNCTION, "binom", start);
                argument();
                argument();
            }
            case LatexCommand.Fraction() -> {
                add(Kind.FRACTION, "\\frac", start);
                argument();
                argument();
            }
            case LatexCommand.RootSign() -> {
                add(Kind.ROOT_SIGN, "\\sqrt", start);
                if (peek(0) != '[') {
                    argument();
                }
            }
            case LatexCommand.Textual() -> textual();
            case LatexCommand.Gap() -> {
                add(Kind.GAP, "", start);
                if (peek(0) == '{') {
                    pos = Math.min(closingBrace() + 1, end);
                }
            }
            case LatexCommand.Blackboard() -> {
                add(text.startsWith("{R}", pos) ? Kind.REALS : Kind.UNKNOWN, "R", start);
                pos = Math.min(closingBrace() + 1, end);
            }
            case LatexCommand.Unknown() -> add(Kind.UNKNOWN, "\\" + name, start);
        }
    }

    /** What stands below and above a sign of summation, in either order; what is below comes first. */
    private void bounds() {
        int from = tokens.size();
        lowered();
        int middle = tokens.size();
        skipSpaces();
        if (peek(0) == '^') {
            add(Kind.CARET, "^", pos++);
            argument();
        }
        if (middle == from) {
            int raised = tokens.size();
            lowered();
            Collections.rotate(tokens.subList(from, tokens.size()), tokens.size() - raised);
        }
    }

    private void lowered() {
        skipSpaces();
        if (peek(0) == '_') {
            add(Kind.BASE, "_", pos++);
            argument();
        }
    }

    private void skipSpaces() {
        while (Characters.isSpace(peek(0))) {
            pos++;
        }
    }

    private void skipEmptyDelimiter() {
        if (peek(0) == '.') {
            pos++;
        }
    }

    /** One argument of a command: a group in braces, or a single character. */
    private void argument() {
        skipSpaces();
        if (peek(0) == '\0' || peek(0) == '}') {
            return;
        }
        int start = pos;
        if (peek(0) == '{') {
            int close = closingBrace();
            pos++;
            add(Kind.OPEN, "{", start);
            run(close);
            if (close < end) {
                add(Kind.CLOSE, "}", close);
                pos = close + 1;
            }
        } else {
            add(Kind.OPEN, "{", start);
            if (peek(0) == '\\') {
                command();
            } else {
                run(pos + 1);
            }
            add(Kind.CLOSE, "}", start);
        }
    }

    private void textual() {
        if (peek(0) == '{') {
            int close = closingBrace();
            pos++;
            run(close);
            pos = Math.min(close + 1, end);
        }
    }

    /** Index of the brace that closes the one at {@code pos}; the end when none does. */
    private int closingBrace() {
        int open = 0;
        for (int i = pos; i < end; i++) {
            char c = text.charAt(i);
            if (c == '\\') {
                i++;
            } else if (c == '{') {
                open++;
            } else if (c == '}' && --open == 0) {
                return i;
            }
        }
        return end;
    }
}
