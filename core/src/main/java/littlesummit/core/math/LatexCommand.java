package littlesummit.core.math;

import java.util.HashMap;
import java.util.Map;
import littlesummit.core.math.Token.Kind;

/** What a LaTeX command, as math fields write them, means to the {@link Lexer}. */
sealed interface LatexCommand {
    record Symbol(Kind kind, String meaning) implements LatexCommand {}

    record Space() implements LatexCommand {}

    /** Changes the looks only. */
    record Ignored() implements LatexCommand {}

    /** left and right: the delimiter follows, a point for none. */
    record Sized() implements LatexCommand {}

    record Fraction() implements LatexCommand {}

    record Function(String name) implements LatexCommand {}

    record Choose() implements LatexCommand {}

    record RootSign() implements LatexCommand {}

    /** Its argument is read as plain text. */
    record Textual() implements LatexCommand {}

    /** An empty box that waits to be filled. */
    record Gap() implements LatexCommand {}

    /** A number set by its double-struck letter. */
    record Blackboard() implements LatexCommand {}

    record Unknown() implements LatexCommand {}

    static LatexCommand of(String name) {
        return Table.COMMANDS.getOrDefault(name, new Unknown());
    }

    /** The commands by name. */
    final class Table {
        private static final Map<String, LatexCommand> COMMANDS = new HashMap<>();

        static {
            all(new Space(), ",", ";", ":", "!", " ", ">", "quad", "qquad", "enspace", "thinspace");
            all(new Ignored(), "displaystyle", "textstyle", "limits", "nolimits", "bigl", "bigr", "big", "Big");
            all(new Sized(), "left", "right", "mleft", "mright");
            all(new Fraction(), "frac", "dfrac", "tfrac", "cfrac");
            all(new RootSign(), "sqrt");
            for (String name : Names.FUNCTIONS) {
                all(new Function(name), name);
            }
            all(new Choose(), "binom", "dbinom", "tbinom");
            all(
                    new Textual(),
                    "text",
                    "mathrm",
                    "operatorname",
                    "mathit",
                    "textrm",
                    "textit",
                    "mathbf",
                    "mbox",
                    "mathnormal");
            all(new Gap(), "placeholder");
            symbol(Kind.TIMES, "*", "times", "cdot", "ast", "cdotp");
            symbol(Kind.DIVIDE, "/", "div", "slash");
            symbol(Kind.PLUS_MINUS, "±", "pm");
            symbol(Kind.RELATION, "<", "lt");
            symbol(Kind.RELATION, ">", "gt");
            symbol(Kind.RELATION, "<=", "le", "leq", "leqslant");
            symbol(Kind.RELATION, ">=", "ge", "geq", "geqslant");
            symbol(Kind.RELATION, "!=", "ne", "neq");
            symbol(Kind.RELATION, "≈", "approx", "approxeq");
            symbol(Kind.PI, "pi", "pi");
            symbol(Kind.INFINITY, "inf", "infty");
            symbol(Kind.UNION, "U", "cup");
            symbol(Kind.WITHOUT, "without", "setminus", "backslash", "smallsetminus");
            symbol(Kind.EMPTY_SET, "none", "emptyset", "varnothing", "O");
            symbol(Kind.REALS, "R", "R", "Reals", "reals");
            symbol(Kind.OPEN, "{", "{", "lbrace");
            symbol(Kind.CLOSE, "}", "}", "rbrace");
            symbol(Kind.OPEN, "[", "lbrack");
            symbol(Kind.CLOSE, "]", "rbrack");
            symbol(Kind.BAR, "|", "vert", "lvert", "rvert", "mid", "|");
            symbol(Kind.PERCENT, "%", "%");
            symbol(Kind.CURRENCY, "$", "$", "textdollar");
            symbol(Kind.CURRENCY, "€", "euro", "texteuro");
            symbol(Kind.CURRENCY, "£", "pounds", "textsterling");
            symbol(Kind.DEGREE, "°", "degree", "textdegree");
            symbol(Kind.BOUNDED, "+", "sum");
            symbol(Kind.BOUNDED, "*", "prod");
            symbol(Kind.WORD, "or", "lor", "vee");
            symbol(Kind.WORD, "and", "land", "wedge");
            String greek = "αβγδεθλμρσφω";
            String[] names = "alpha beta gamma delta epsilon theta lambda mu rho sigma varphi omega".split(" ");
            for (int i = 0; i < names.length; i++) {
                symbol(Kind.LETTER, greek.substring(i, i + 1), names[i]);
            }
            symbol(Kind.LETTER, "φ", "phi");
            symbol(Kind.LETTER, "ε", "varepsilon");
            all(new Blackboard(), "mathbb");
        }

        private Table() {}

        private static void all(LatexCommand command, String... names) {
            for (String name : names) {
                COMMANDS.put(name, command);
            }
        }

        private static void symbol(Kind kind, String meaning, String... names) {
            all(new Symbol(kind, meaning), names);
        }
    }
}
