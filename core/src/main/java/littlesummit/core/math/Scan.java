package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.math.Token.Kind;

/** An entry while it is cut into tokens: how far it is cut, and what came of it. */
final class Scan {
    final String text;
    final Syntax syntax;
    /** LaTeX writes a space as a tilde. */
    final boolean isLatex;
    /** Whether e may be the number. */
    final boolean hasEuler;

    final List<Token> tokens;
    /** Of the next character. */
    int pos;
    /** Behind the last character of what is cut now: the whole, or a group in it. */
    int end;

    private boolean spaced;

    Scan(String text, Syntax syntax) {
        this.text = text;
        this.tokens = new ArrayList<>(text.length() + 1);
        this.syntax = syntax;
        this.isLatex = text.indexOf('\\') >= 0;
        this.hasEuler = syntax.euler() || Names.speakOfEuler(text);
    }

    /** The character so far ahead, folded; NUL behind the end. */
    char peek(int ahead) {
        return pos + ahead < end ? Characters.fold(text.charAt(pos + ahead)) : '\0';
    }

    /** A space stands before the next token. */
    void space() {
        spaced = true;
    }

    void add(Kind kind, String what, int at) {
        tokens.add(new Token(kind, what, at, spaced));
        spaced = false;
    }

    /** The last token becomes part of a longer one. */
    void replaceLast(Kind kind, String what) {
        Token last = tokens.removeLast();
        tokens.add(new Token(kind, what, last.at(), last.spaced()));
        spaced = false;
    }

    String digitRun() {
        int start = pos;
        boolean isPlain = true;
        for (; Characters.isDigit(peek(0)); pos++) {
            isPlain &= Characters.isDigit(text.charAt(pos));
        }
        return isPlain ? text.substring(start, pos) : folded(start);
    }

    private String folded(int start) {
        StringBuilder run = new StringBuilder();
        for (int i = start; i < pos; i++) {
            run.append(Characters.fold(text.charAt(i)));
        }
        return run.toString();
    }

    void skipSpaces() {
        while (Characters.isSpace(peek(0))) {
            pos++;
        }
    }
}
