package littlesummit.core.math;

/**
 * @param text what the token stands for, in plain ASCII where there is such a form
 * @param at index in the entry of its first character
 * @param spaced whether white space stands before it
 */
record Token(Kind kind, String text, int at, boolean spaced) {
    enum Kind {
        NUMBER,
        VULGAR,
        LETTER,
        PI,
        INFINITY,
        WORD,
        UNIT,
        UNKNOWN_UNIT,
        PLUS,
        MINUS,
        PLUS_MINUS,
        TIMES,
        DIVIDE,
        CARET,
        OPEN,
        CLOSE,
        BAR,
        COMMA,
        COLON,
        RELATION,
        PERCENT,
        CURRENCY,
        DEGREE,
        ROOT_SIGN,
        ABS,
        /** A function by its name, see {@link Fn}; {@code exp} and {@code binom} too. */
        FUNCTION,
        /** A function of the vocabulary, see {@link Syntax.Vocabulary}. */
        APPLIED,
        /** A sum or product with bounds: a base and a raised group follow, both in braces. */
        BOUNDED,
        /** What stands lowered, such as the base of a logarithm; it follows in braces. */
        BASE,
        EULER,
        FACTORIAL,
        ROOT,
        FRACTION,
        UNION,
        WITHOUT,
        EMPTY_SET,
        REALS,
        GAP,
        /** Decimals with a bracket right behind: a factor, or digits that repeat. */
        TWO_READINGS,
        UNKNOWN,
        END
    }

    boolean is(Kind other) {
        return kind == other;
    }

    boolean is(Kind other, String itsText) {
        return kind == other && text.equals(itsText);
    }
}
