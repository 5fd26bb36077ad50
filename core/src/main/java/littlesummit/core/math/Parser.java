package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Statement.Joiner;
import littlesummit.core.math.Statement.Relation;
import littlesummit.core.math.Token.Kind;

/**
 * The one grammar of entries, plain text and LaTeX alike. Accepted, for example: {@code 820,000}, {@code 2 1/2}, {@code
 * 7.2x10^-6}, {@code 2x(x+1)}, {@code y = 2x + 1}, {@code (3, -2)}, {@code {2, 3}}, {@code (-inf, -4) U (-4, inf)},
 * {@code x != 2, x != 7}, {@code all real numbers except -4}, {@code 1.5 kg}. docs/grading.md has the whole of it.
 */
public final class Parser {
    private final Cursor cursor;
    private final Syntax syntax;
    private final ExprParser exprs;
    private final UnitParser units;

    private Parser(Cursor cursor, Syntax syntax) {
        this.cursor = cursor;
        this.syntax = syntax;
        this.exprs = new ExprParser(cursor, syntax.letters());
        this.units = new UnitParser(cursor);
    }

    /** Reads a whole entry; what cannot be read is a value that says where and why, never an exception. */
    public static Reading read(String entry, Syntax syntax) {
        if (entry.length() > Limits.ENTRY_LENGTH) {
            return new Reading.Stopped(Problem.TOO_LONG, Limits.ENTRY_LENGTH);
        }
        List<Token> tokens = Lexer.tokens(entry, syntax);
        if (tokens.getFirst().is(Kind.END)) {
            return new Reading.Stopped(Problem.BLANK, 0);
        }
        try {
            Parser parser = new Parser(new Cursor(tokens), syntax);
            Statement statement = parser.whole();
            return new Reading.Understood(statement);
        } catch (Cursor.Stop stop) {
            Reading.Stopped stopped = stop.reading();
            return Unread.in(entry, stopped.problem())
                    .map(named -> new Reading.Stopped(named, stopped.at()))
                    .orElse(stopped);
        }
    }

    /**
     * Reads our own text.
     *
     * @throws IllegalArgumentException when it cannot be read: that is our bug
     */
    public static Statement require(String text, Syntax syntax) {
        return switch (read(text, syntax)) {
            case Reading.Understood(Statement statement) -> statement;
            case Reading.Stopped(Problem problem, int at) ->
                throw new IllegalArgumentException("cannot read \"" + text + "\" at " + at + ": " + problem);
        };
    }

    /**
     * Reads our own expression.
     *
     * @throws IllegalArgumentException when it is none
     */
    public static Expr expr(String text, Syntax syntax) {
        if (require(text, syntax) instanceof Statement.Value(Expr expr)) {
            return expr;
        }
        throw new IllegalArgumentException("not an expression: \"" + text + "\"");
    }

    /**
     * Where an entry stops being a plain expression: its first relation sign, comma, word or union; 0 when there is
     * none.
     */
    public static int placeOfStructure(String entry, Syntax syntax) {
        return Lexer.tokens(entry, syntax).stream()
                .filter(t -> t.is(Kind.RELATION) || t.is(Kind.COMMA) || t.is(Kind.WORD) || t.is(Kind.UNION))
                .mapToInt(Token::at)
                .findFirst()
                .orElse(0);
    }

    private Statement whole() {
        Statement statement;
        if (syntax.continued() && cursor.at(Kind.RELATION)) {
            Relation sign = relation(cursor.take());
            statement = new Statement.Continued(sign, alternatives());
        } else {
            statement = alternatives();
        }
        if (!cursor.at(Kind.END)) {
            throw cursor.unexpected();
        }
        return statement;
    }

    private Statement alternatives() {
        Statement first = together();
        if (!cursor.at(Kind.WORD, "or")) {
            return first;
        }
        List<Statement> items = new ArrayList<>(List.of(first));
        while (cursor.takeIf(Kind.WORD, "or")) {
            items.add(together());
        }
        return new Statement.Sequence(Joiner.OR, items);
    }

    private Statement together() {
        Statement first = listed();
        if (!cursor.at(Kind.WORD, "and")) {
            return first;
        }
        List<Statement> items = new ArrayList<>(List.of(first));
        while (cursor.takeIf(Kind.WORD, "and")) {
            items.add(listed());
        }
        return new Statement.Sequence(Joiner.AND, items);
    }

    /** A comma may stand before a last "and" or "or". */
    private Statement listed() {
        Statement first = union();
        if (!cursor.at(Kind.COMMA)) {
            return first;
        }
        List<Statement> items = new ArrayList<>(List.of(first));
        while (cursor.at(Kind.COMMA) && !cursor.peek(1).is(Kind.WORD, "or")) {
            if (cursor.peek(1).is(Kind.WORD, "and")) {
                cursor.take();
                break;
            }
            cursor.take();
            items.add(union());
        }
        if (cursor.at(Kind.COMMA)) {
            cursor.take();
        }
        return items.size() == 1 ? first : new Statement.Sequence(Joiner.COMMA, items);
    }

    private Statement union() {
        Statement first = element();
        if (!cursor.at(Kind.UNION)) {
            return first;
        }
        List<Statement> parts = new ArrayList<>(List.of(first));
        while (cursor.at(Kind.UNION)) {
            cursor.take();
            parts.add(element());
        }
        return new Statement.Union(parts);
    }

    private Statement element() {
        return switch (cursor.peek().kind()) {
            case EMPTY_SET -> {
                cursor.take();
                yield new Statement.Nothing();
            }
            case REALS -> {
                cursor.take();
                yield new Statement.Reals(exceptions());
            }
            case WORD -> words();
            case CLOSE -> turnedBracket();
            case LETTER -> isNamedPoint() ? namedPoint() : relations();
            case OPEN -> opened();
            default -> relations();
        };
    }

    private Statement words() {
        Token first = cursor.peek();
        return switch (first.text()) {
            case "none" -> {
                cursor.take();
                yield new Statement.Nothing();
            }
            case "no", "empty" -> {
                cursor.take();
                cursor.takeIf(Kind.WORD, "real");
                boolean ends = cursor.takeIf(Kind.WORD, "solution")
                        || cursor.takeIf(Kind.WORD, "solutions")
                        || cursor.takeIf(Kind.WORD, "set");
                if (!ends) {
                    throw cursor.unexpected();
                }
                yield new Statement.Nothing();
            }
            case "all", "real", "reals" -> {
                cursor.takeIf(Kind.WORD, "all");
                if (!cursor.takeIf(Kind.WORD, "reals")) {
                    if (!cursor.takeIf(Kind.WORD, "real")) {
                        throw cursor.unexpected();
                    }
                    boolean ends = cursor.takeIf(Kind.WORD, "numbers") || cursor.takeIf(Kind.WORD, "number");
                    if (!ends && !cursor.at(Kind.END)) {
                        throw cursor.unexpected();
                    }
                }
                yield new Statement.Reals(exceptions());
            }
            default -> throw new Cursor.Stop(Problem.UNEXPECTED, first.at());
        };
    }

    /** What follows "except", or a set difference: values, or the letter set equal to values. */
    private List<Expr> exceptions() {
        if (cursor.at(Kind.WITHOUT)) {
            cursor.take();
            if (!cursor.at(Kind.OPEN, "{")) {
                throw cursor.unexpected();
            }
            cursor.take();
            List<Expr> values = values();
            if (!cursor.takeIf(Kind.CLOSE, "}")) {
                throw cursor.unexpected();
            }
            return values;
        }
        if (!cursor.takeIf(Kind.WORD, "except")) {
            return List.of();
        }
        cursor.takeIf(Kind.WORD, "for");
        return values();
    }

    private List<Expr> values() {
        List<Expr> values = new ArrayList<>();
        do {
            if (cursor.at(Kind.LETTER) && cursor.peek(1).is(Kind.RELATION, "=")) {
                exprs.sum();
                cursor.take();
            }
            values.add(exprs.sum());
        } while (separates());
        return values;
    }

    private boolean separates() {
        boolean comma = cursor.at(Kind.COMMA);
        if (comma) {
            cursor.take();
        }
        return cursor.takeIf(Kind.WORD, "and") || cursor.takeIf(Kind.WORD, "or") || comma;
    }

    /** A bracket opens a list when a comma stands directly in it; a brace opens a set where sets are read. */
    private Statement opened() {
        Token open = cursor.peek();
        boolean brace = open.is(Kind.OPEN, "{") && syntax.sets();
        if (!brace && !cursor.commaInBracket()) {
            return relations();
        }
        boolean builder = brace
                && cursor.peek(1).is(Kind.LETTER)
                && (cursor.peek(2).is(Kind.BAR) || cursor.peek(2).is(Kind.COLON));
        cursor.enter();
        cursor.take();
        Statement result = builder ? setBuilder() : delimited(open);
        cursor.leave();
        return result;
    }

    private Statement setBuilder() {
        Token letter = cursor.take();
        if (!syntax.letters().contains(letter.text())) {
            throw new Cursor.Stop(Problem.UNKNOWN_LETTER, letter.at());
        }
        cursor.take();
        Statement condition = alternatives();
        if (!cursor.takeIf(Kind.CLOSE, "}")) {
            throw closing();
        }
        return new Statement.SetBuilder(letter.text(), condition);
    }

    private Statement delimited(Token open) {
        List<Statement> items = new ArrayList<>();
        if (!cursor.at(Kind.CLOSE)) {
            items.add(union());
            while (cursor.at(Kind.COMMA)) {
                cursor.take();
                items.add(union());
            }
        }
        boolean isTurned = cursor.at(Kind.OPEN, "[") && items.size() == 2 && syntax.sets();
        if (!cursor.at(Kind.CLOSE) && !isTurned) {
            throw closing();
        }
        Token last = cursor.take();
        Token close = isTurned ? new Token(Kind.CLOSE, ")", last.at(), last.spaced()) : last;
        boolean braces = open.text().equals("{") || close.text().equals("}");
        if (braces && !(open.text().equals("{") && close.text().equals("}"))) {
            throw new Cursor.Stop(Problem.UNEXPECTED, close.at());
        }
        return items.isEmpty()
                ? new Statement.Nothing()
                : new Statement.Delimited(
                        open.text().charAt(0), items, close.text().charAt(0));
    }

    /** ]−2, 5] leaves its start out. */
    private Statement turnedBracket() {
        Token open = cursor.peek();
        if (!open.is(Kind.CLOSE, "]") || !syntax.sets()) {
            throw cursor.unexpected();
        }
        cursor.enter();
        cursor.take();
        Statement interval = delimited(new Token(Kind.OPEN, "(", open.at(), open.spaced()));
        cursor.leave();
        return interval;
    }

    /** P(3, −2) is a point with its name. */
    private boolean isNamedPoint() {
        return syntax.sets()
                && syntax.naming().allowed()
                && Character.isUpperCase(cursor.peek().text().charAt(0))
                && cursor.peek(1).is(Kind.OPEN, "(")
                && !syntax.letters().contains(cursor.peek().text());
    }

    private Statement namedPoint() {
        Token name = cursor.take();
        if (!cursor.commaInBracket()) {
            throw new Cursor.Stop(Problem.UNKNOWN_LETTER, name.at());
        }
        return opened();
    }

    private Cursor.Stop closing() {
        return cursor.at(Kind.END)
                ? new Cursor.Stop(Problem.NOT_CLOSED, cursor.peek().at())
                : cursor.unexpected();
    }

    private boolean nameAt(int ahead) {
        Token token = cursor.peek(ahead);
        return token.is(Kind.LETTER) && syntax.naming().takes(token.text());
    }

    /** {@code x = 6} where a value is asked for: the letter, and what stands behind the sign. */
    private Statement named() {
        Expr name = new Expr.Letter(cursor.take().text());
        Relation sign = relation(cursor.take());
        Statement value = element();
        return switch (value) {
            case Statement.Value(Expr expr) -> new Statement.Relations(List.of(name, expr), List.of(sign));
            case Statement.Relations(List<Expr> sides, List<Relation> signs) -> throw cursor.unexpected();
            default -> value;
        };
    }

    private Statement relations() {
        if (nameAt(0) && cursor.peek(1).is(Kind.RELATION)) {
            return named();
        }
        if (units.isMoneyHere()) {
            Unit money = units.money();
            Expr amount = exprs.sum();
            return measures(new Statement.Measure(amount, units.goingOn(money)));
        }
        Expr first = exprs.sum();
        if (units.isHere()) {
            return measures(new Statement.Measure(first, units.unit()));
        }
        if (!cursor.at(Kind.RELATION)) {
            return syntax.units() && first instanceof Expr.Degrees(Expr amount)
                    ? new Statement.Measure(amount, Units.DEGREE)
                    : new Statement.Value(first);
        }
        List<Expr> sides = new ArrayList<>(List.of(first));
        List<Relation> signs = new ArrayList<>();
        while (cursor.at(Kind.RELATION)) {
            signs.add(relation(cursor.take()));
            sides.add(nameAt(0) ? new Expr.Letter(cursor.take().text()) : exprs.sum());
        }
        return new Statement.Relations(sides, signs);
    }

    private Statement measures(Statement.Measure first) {
        List<Statement.Measure> parts = new ArrayList<>(List.of(first));
        while (cursor.at(Kind.NUMBER)
                || cursor.at(Kind.WORD, "and") && cursor.peek(1).is(Kind.NUMBER)) {
            cursor.takeIf(Kind.WORD, "and");
            Expr amount = exprs.sum();
            if (!units.isHere()) {
                throw cursor.unexpected();
            }
            parts.add(new Statement.Measure(amount, Units.beside(first.unit(), units.unit())));
        }
        return parts.size() == 1 ? parts.getFirst() : new Statement.Measures(parts);
    }

    private static Relation relation(Token token) {
        for (Relation relation : Relation.values()) {
            if (relation.sign().equals(token.text())) {
                return relation;
            }
        }
        throw new IllegalStateException("relation token " + token.text());
    }
}
