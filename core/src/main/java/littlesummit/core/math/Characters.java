package littlesummit.core.math;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.core.math.Token.Kind;

/** One character at a time: the many ways in which keyboards and documents write the same sign. */
final class Characters {
    /** @param meaning the sign in the form that the parser compares with */
    record Symbol(String text, Kind kind, String meaning) {}

    private static final List<Symbol> TWO_CHARACTERS = List.of(
            new Symbol("<=", Kind.RELATION, "<="),
            new Symbol("=<", Kind.RELATION, "<="),
            new Symbol(">=", Kind.RELATION, ">="),
            new Symbol("=>", Kind.RELATION, ">="),
            new Symbol("!=", Kind.RELATION, "!="),
            new Symbol("<>", Kind.RELATION, "!="),
            new Symbol("~=", Kind.RELATION, "≈"));

    private static final int ASCII = 128;
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻⁽⁾";
    private static final String LOWERED = "0123456789+-()";
    private static final Map<Character, Optional<Symbol>> SYMBOLS = new HashMap<>();
    /** Those of the ASCII characters, which are looked up most. */
    private static final List<Optional<Symbol>> OF_ASCII;

    static {
        symbols(Kind.PLUS, "+", "+");
        symbols(Kind.MINUS, "-", "-−–—‐‑‒﹣");
        symbols(Kind.PLUS_MINUS, "±", "±");
        symbols(Kind.TIMES, "*", "*×·⋅∙∗•✕✖");
        symbols(Kind.DIVIDE, "/", "/÷∕⁄");
        symbols(Kind.COLON, ":", ":");
        symbols(Kind.CARET, "^", "^");
        symbols(Kind.FACTORIAL, "!", "!");
        symbols(Kind.OPEN, "(", "(");
        symbols(Kind.OPEN, "[", "[");
        symbols(Kind.OPEN, "{", "{");
        symbols(Kind.CLOSE, ")", ")");
        symbols(Kind.CLOSE, "]", "]");
        symbols(Kind.CLOSE, "}", "}");
        symbols(Kind.BAR, "|", "|∣");
        symbols(Kind.COMMA, ",", ",;");
        symbols(Kind.RELATION, "=", "=");
        symbols(Kind.RELATION, "<", "<");
        symbols(Kind.RELATION, ">", ">");
        symbols(Kind.RELATION, "<=", "≤⩽≦");
        symbols(Kind.RELATION, ">=", "≥⩾≧");
        symbols(Kind.RELATION, "!=", "≠");
        symbols(Kind.RELATION, "≈", "≈");
        symbols(Kind.PERCENT, "%", "%");
        for (Currency currency : Currency.values()) {
            symbols(Kind.CURRENCY, currency.sign(), currency.sign());
        }
        symbols(Kind.UNIT, "¢", "¢");
        symbols(Kind.DEGREE, "°", "°º˚");
        symbols(Kind.ROOT_SIGN, "√", "√");
        symbols(Kind.ROOT_SIGN, "∛", "∛");
        symbols(Kind.ROOT_SIGN, "∜", "∜");
        symbols(Kind.BOUNDED, "+", "∑Σ");
        symbols(Kind.BOUNDED, "*", "∏");
        symbols(Kind.PI, "pi", "π");
        symbols(Kind.INFINITY, "inf", "∞");
        symbols(Kind.UNION, "U", "∪⋃");
        symbols(Kind.WITHOUT, "without", "∖");
        symbols(Kind.EMPTY_SET, "none", "∅⌀");
        symbols(Kind.REALS, "R", "ℝ");
        symbols(Kind.WORD, "or", "∨");
        symbols(Kind.WORD, "and", "∧");
        OF_ASCII = IntStream.range(0, ASCII)
                .mapToObj(c -> SYMBOLS.getOrDefault((char) c, Optional.empty()))
                .toList();
    }

    private Characters() {}

    private static void symbols(Kind kind, String meaning, String characters) {
        for (char c : characters.toCharArray()) {
            SYMBOLS.put(c, Optional.of(new Symbol(String.valueOf(c), kind, meaning)));
        }
    }

    static Optional<Symbol> symbol(char c) {
        return c < ASCII ? OF_ASCII.get(c) : SYMBOLS.getOrDefault(c, Optional.empty());
    }

    /** The sign that two characters make together: ≤ may be typed as {@code <=}. */
    static Optional<Symbol> symbol(char first, char second) {
        if (second != '=' && second != '<' && second != '>') {
            return Optional.empty();
        }
        for (Symbol two : TWO_CHARACTERS) {
            if (first == two.text().charAt(0) && second == two.text().charAt(1)) {
                return Optional.of(two);
            }
        }
        return Optional.empty();
    }

    /** Full-width forms stand for the ASCII characters; everything else for itself. */
    static char fold(char c) {
        return c >= '\uFF01' && c <= '\uFF5E' ? (char) (c - 0xFEE0) : c;
    }

    /** ASCII digits only, once folded: those of other scripts are not read. */
    static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    static boolean isAsciiLetter(char c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
    }

    static boolean isSpace(char c) {
        if (c > ' ' && c < ASCII) {
            return false;
        }
        return Character.isWhitespace(c) || Character.isSpaceChar(c) || c == '\u200B' || c == '\u2060' || c == '\uFEFF';
    }

    /** The plain character that a raised one stands for, or −1. */
    static int superscript(char c) {
        if (c < ASCII) {
            return -1;
        }
        int i = RAISED.indexOf(c);
        return i < 0 ? -1 : LOWERED.charAt(i);
    }

    /** The digit that a lowered one stands for, or −1. */
    static int subscript(char c) {
        return c >= '₀' && c <= '₉' ? c - '₀' : -1;
    }

    /** {@code 1/2} for ½ and so on; empty for any other character. */
    static String vulgarFraction(char c) {
        if (c != '½' && c != '¼' && c != '¾' && (c < '\u2150' || c > '\u215E')) {
            return "";
        }
        return Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKC).replace('\u2044', '/');
    }
}
