package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.math.Token.Kind;

/**
 * An entry as its writer sees it, in plain signs and in three pieces, so that a place in it can be shown. What was
 * typed as plain text stays as it is; LaTeX, which math fields write and nobody typed, is turned into the signs it
 * stands for.
 *
 * @param before what stands before the place
 * @param at the sign at the place; empty at the end
 * @param after what stands behind it
 */
public record EntryText(String before, String at, String after) {
    private record Piece(String text, int at) {}

    /** @param at index into the entry as it was sent, from 0; its length for the end */
    public static EntryText around(String entry, int at, Syntax syntax) {
        int place = Math.clamp(at, 0, entry.length());
        if (entry.indexOf('\\') < 0) {
            int next = Math.min(entry.length(), place + 1);
            return new EntryText(entry.substring(0, place), entry.substring(place, next), entry.substring(next));
        }
        List<Piece> pieces = new Writer(Lexer.tokens(entry, syntax)).all();
        int i = 0;
        while (i < pieces.size() && pieces.get(i).at() < place) {
            i++;
        }
        return new EntryText(
                join(pieces.subList(0, i)),
                i < pieces.size() ? pieces.get(i).text().strip() : "",
                i < pieces.size() ? join(pieces.subList(i + 1, pieces.size())) : "");
    }

    /** The whole of it. */
    public static String plain(String entry, Syntax syntax) {
        return around(entry, entry.length(), syntax).before();
    }

    private static String join(List<Piece> pieces) {
        StringBuilder text = new StringBuilder();
        pieces.forEach(p -> text.append(p.text()));
        return text.toString();
    }

    /**
     * Walks the tokens once; only fractions, roots and powers need to look ahead, for the groups that belong to them.
     */
    private static final class Writer {
        private final List<Token> tokens;
        private final List<Piece> pieces = new ArrayList<>();
        private int next;

        Writer(List<Token> tokens) {
            this.tokens = tokens;
        }

        List<Piece> all() {
            while (!tokens.get(next).is(Kind.END)) {
                one();
            }
            return pieces;
        }

        private void one() {
            Token token = tokens.get(next++);
            switch (token.kind()) {
                case FRACTION -> {
                    group();
                    put("/", token);
                    group();
                }
                case CARET, ROOT_SIGN -> {
                    put(token.is(Kind.CARET) ? "^" : "√", token);
                    group();
                }
                case RELATION, UNION, WITHOUT -> put(" " + sign(token) + " ", token);
                case WORD -> put(" " + token.text() + " ", token);
                case COMMA -> put(", ", token);
                default -> put((token.spaced() && needsSpace() ? " " : "") + sign(token), token);
            }
        }

        private boolean needsSpace() {
            return !pieces.isEmpty() && !pieces.getLast().text().endsWith(" ");
        }

        /** What stands in LaTeX braces, in round brackets where it is more than one sign. */
        private void group() {
            if (!tokens.get(next).is(Kind.OPEN, "{")) {
                return;
            }
            Token open = tokens.get(next++);
            int place = pieces.size();
            int signs = 0;
            while (!tokens.get(next).is(Kind.CLOSE, "}") && !tokens.get(next).is(Kind.END)) {
                one();
                signs++;
            }
            if (!tokens.get(next).is(Kind.END)) {
                Token close = tokens.get(next++);
                if (signs > 1) {
                    pieces.add(place, new Piece("(", open.at()));
                    put(")", close);
                }
            }
        }

        private void put(String text, Token token) {
            pieces.add(new Piece(text, token.at()));
        }

        private static String sign(Token token) {
            return switch (token.kind()) {
                case PI -> "π";
                case INFINITY -> "∞";
                case UNION -> "∪";
                case WITHOUT -> "without";
                case EMPTY_SET -> "∅";
                case REALS -> "ℝ";
                case GAP -> "□";
                case TIMES -> "·";
                case DIVIDE -> "/";
                case MINUS -> "−";
                case PLUS -> "+";
                case UNKNOWN -> token.text().replace("\\", "");
                case RELATION ->
                    switch (token.text()) {
                        case "<=" -> "≤";
                        case ">=" -> "≥";
                        case "!=" -> "≠";
                        default -> token.text();
                    };
                default -> token.text();
            };
        }
    }
}
