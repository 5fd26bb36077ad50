package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Rational;

/**
 * Words with places: {@code {n}} for a value, {@code {total as money}} for one that is written in its own way, {@code
 * {n of hour|hours}} for words that agree with a number, and {@code $a*x + b$} for mathematics with the numbers put in.
 * A dollar sign of money is written {@code \$}, a place for a field of a sentence <code>{{id}}</code>.
 */
record TextPattern(List<Piece> pieces, Place at) {
    sealed interface Piece {
        record Words(String text) implements Piece {}

        record Written(Formula value, Look look) implements Piece {}

        record Agreeing(Formula count, String one, String many) implements Piece {}

        record Mathematics(Formula formula) implements Piece {}
    }

    private static final Pattern PLACE =
            Pattern.compile("\\\\\\$|\\{\\{[^{}]*}}|\\{([^{}]*)}|\\$((?:[^$\\\\]|\\\\.)*)\\$|\\$|\\{|}");
    private static final Pattern AGREEING = Pattern.compile("(.*) of ([^|]*)\\|([^|]*)");
    private static final Pattern COUNTED = Pattern.compile(
            "(?:^|.*\\s)(?:(\\d[\\d,]*)|one|a|an|each|every|another|per|this|that|One|A|An|Each|Every) $");

    TextPattern {
        pieces = List.copyOf(pieces);
    }

    static TextPattern read(Node.Scalar node, Formula.Names names) {
        List<Piece> pieces = new ArrayList<>();
        Matcher place = PLACE.matcher(node.text());
        int done = 0;
        while (place.find()) {
            if (place.start() > done) {
                pieces.add(new Piece.Words(node.text().substring(done, place.start())));
            }
            pieces.add(piece(place, node.at(), names));
            done = place.end();
        }
        if (done < node.text().length()) {
            pieces.add(new Piece.Words(node.text().substring(done)));
        }
        return new TextPattern(pieces, node.at());
    }

    private static Piece piece(Matcher place, Place at, Formula.Names names) {
        if (place.group(1) != null) {
            return value(place.group(1), at, names);
        }
        if (place.group(2) != null) {
            return new Piece.Mathematics(Formula.read(place.group(2), at, names));
        }
        return switch (place.group()) {
            case "$" ->
                throw new Refused(
                        at, "A dollar sign stands alone. Mathematics is written $…$, an amount of money \\$.");
            case "{", "}" -> throw new Refused(at, "A brace stands alone. A value is written {name}.");
            default -> new Piece.Words(place.group());
        };
    }

    private static Piece value(String text, Place at, Formula.Names names) {
        Matcher agreeing = AGREEING.matcher(text);
        if (agreeing.matches()) {
            return new Piece.Agreeing(Formula.read(agreeing.group(1), at, names), agreeing.group(2), agreeing.group(3));
        }
        int as = text.lastIndexOf(" as ");
        if (as < 0) {
            return new Piece.Written(Formula.read(text, at, names), new Look.Usual());
        }
        String name = text.substring(as + 4).strip();
        Look look = Look.of(name)
                .orElseThrow(() ->
                        new Refused(at, "A value can be written as " + Look.ALL + ", and not as “" + name + "”."));
        return new Piece.Written(Formula.read(text.substring(0, as), at, names), look);
    }

    String write(Evaluator evaluator) {
        StringBuilder text = new StringBuilder();
        Optional<Rational> count = Optional.empty();
        for (Piece piece : pieces) {
            Optional<Rational> before = count;
            count = Optional.empty();
            switch (piece) {
                case Piece.Words(String words) -> {
                    text.append(words);
                    count = words.equals(" ") ? before : Optional.empty();
                }
                case Piece.Mathematics(Formula formula) ->
                    text.append('$').append(latex(formula, evaluator)).append('$');
                case Piece.Agreeing(Formula number, String one, String many) ->
                    text.append(evaluator.number(number).isOne() ? one : many);
                case Piece.Written(Formula formula, Look look) -> {
                    Value value = evaluator.value(formula);
                    text.append(written(value, look, before.or(() -> countIn(text)), formula));
                    count = value instanceof Value.Number number ? Optional.of(number.value()) : Optional.empty();
                }
            }
        }
        return text.toString();
    }

    static String written(Formula formula, Look look, Evaluator evaluator) {
        return written(evaluator.value(formula), look, Optional.empty(), formula);
    }

    static String latex(Formula formula, Evaluator evaluator) {
        return Latex.of(evaluator.put(formula, AsWritten.Style.LATEX));
    }

    /** The number that a text ends in, “one” and “each” among them. */
    private static Optional<Rational> countIn(CharSequence text) {
        Matcher counted = COUNTED.matcher(text);
        if (!counted.matches()) {
            return Optional.empty();
        }
        String digits = counted.group(1);
        return Optional.of(digits == null ? Rational.ONE : Rational.of(Long.parseLong(digits.replace(",", ""))));
    }

    private static String written(Value value, Look look, Optional<Rational> count, Formula formula) {
        try {
            return switch (value) {
                case Value.Number number -> look.write(number);
                case Value.Written(var expr) -> "$" + Latex.of(expr) + "$";
                case Value.Said(String words) -> words;
                case Value.Several(List<Value> items) -> list(items, look, formula);
                case Value.Named(Word word) -> word(word, look, count);
            };
        } catch (Stuck stuck) {
            throw new Unmade(formula.at(), "“" + formula.text() + "”: there is no " + stuck.getMessage() + ".");
        }
    }

    private static String list(List<Value> items, Look look, Formula formula) {
        List<String> written = items.stream()
                .map(item -> written(item, new Look.Usual(), Optional.empty(), formula))
                .toList();
        boolean hasAnd = look instanceof Look.Listed && written.size() > 1;
        return hasAnd
                ? String.join(", ", written.subList(0, written.size() - 1)) + " and " + written.getLast()
                : String.join(", ", written);
    }

    private static String word(Word word, Look look, Optional<Rational> count) {
        return switch (look) {
            case Look.One o -> word.one();
            case Look.Many m -> word.many();
            case Look.WithArticle(boolean capital) ->
                (capital ? capital(word.article()) : word.article()) + " " + word.one();
            default -> count.map(word::with).orElse(word.one());
        };
    }

    private static String capital(String word) {
        return word.isEmpty() ? word : Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
