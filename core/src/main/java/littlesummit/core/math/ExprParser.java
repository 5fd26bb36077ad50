package littlesummit.core.math;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Token.Kind;

/**
 * Sums, products, powers and what they are made of. Implicit and written multiplication and division bind alike, from
 * left to right: {@code 1/2x} is (1/2)·x. A sign binds weaker than a power and a product: {@code -x^2} is −(x²).
 */
final class ExprParser {
    private static final Set<Kind> STARTS_FACTOR = EnumSet.of(
            Kind.LETTER,
            Kind.PI,
            Kind.OPEN,
            Kind.ROOT_SIGN,
            Kind.ROOT,
            Kind.ABS,
            Kind.FRACTION,
            Kind.FUNCTION,
            Kind.APPLIED,
            Kind.BOUNDED,
            Kind.EULER);

    private final Cursor cursor;
    private final Set<String> letters;
    private final FunctionParser functions;
    private final BoundedParser bounded;
    private final NumberParser numbers;
    private final RootParser roots;
    private int openBars;

    ExprParser(Cursor cursor, Set<String> letters) {
        this.cursor = cursor;
        this.letters = letters;
        this.functions = new FunctionParser(cursor, this);
        this.bounded = new BoundedParser(cursor, this);
        this.numbers = new NumberParser(cursor, this);
        this.roots = new RootParser(cursor, this);
    }

    Expr sum() {
        cursor.enter();
        Expr first = term();
        Expr sum = isSign(cursor.peek()) ? added(first) : first;
        cursor.leave();
        return sum;
    }

    private Expr added(Expr first) {
        List<Expr> terms = new ArrayList<>(List.of(first));
        while (isSign(cursor.peek())) {
            terms.add(cursor.at(Kind.PLUS) ? plus() : term());
        }
        return new Expr.Sum(terms);
    }

    private static boolean isSign(Token t) {
        return t.is(Kind.PLUS) || t.is(Kind.MINUS) || t.is(Kind.PLUS_MINUS);
    }

    private Expr plus() {
        cursor.take();
        return term();
    }

    /** A product with its sign. */
    private Expr term() {
        return switch (cursor.peek().kind()) {
            case MINUS -> new Expr.Neg(signed());
            case PLUS_MINUS -> new Expr.PlusMinus(signed());
            case PLUS -> signed();
            default -> product();
        };
    }

    private Expr signed() {
        cursor.take();
        cursor.enter();
        Expr inner = term();
        cursor.leave();
        return inner;
    }

    Expr product() {
        Expr left = factor();
        List<Expr> factors = new ArrayList<>(List.of(left));
        while (true) {
            if (cursor.at(Kind.DIVIDE) && !cursor.peek(1).is(Kind.UNIT)) {
                cursor.take();
                left = new Expr.Quotient(joined(factors), signedFactor());
                factors = new ArrayList<>(List.of(left));
            } else if (timesHere()) {
                cursor.take();
                factors.add(signedFactor());
            } else if (startsFactor()) {
                factors.add(factor());
            } else {
                refuseNeighbour();
                return joined(factors);
            }
        }
    }

    private static Expr joined(List<Expr> factors) {
        return factors.size() == 1 ? factors.getFirst() : new Expr.Product(factors);
    }

    /** A written sign of multiplication, or an x between two plain numbers or before a power of ten. */
    private boolean timesHere() {
        Token here = cursor.peek();
        if (here.is(Kind.TIMES)) {
            return true;
        }
        if (!here.is(Kind.LETTER, "x") && !here.is(Kind.LETTER, "X")) {
            return false;
        }
        boolean powerOfTen =
                cursor.peek(1).is(Kind.NUMBER, "10") && cursor.peek(2).is(Kind.CARET);
        return powerOfTen || cursor.peek(1).is(Kind.NUMBER) && !letters.contains(here.text());
    }

    private boolean startsFactor() {
        Kind kind = cursor.peek().kind();
        return STARTS_FACTOR.contains(kind) && !endsInterval()
                || kind == Kind.BAR && openBars == 0
                || kind == Kind.NUMBER && afterBracket();
    }

    /** The bracket of [2, 5[ opens nothing. */
    private boolean endsInterval() {
        if (!cursor.at(Kind.OPEN, "[")) {
            return false;
        }
        Token next = cursor.peek(1);
        return next.is(Kind.END) || next.is(Kind.UNION) || next.is(Kind.WORD) || next.is(Kind.COMMA);
    }

    private boolean afterBracket() {
        return cursor.peek(-1).is(Kind.CLOSE) || cursor.peek(-1).is(Kind.FACTORIAL);
    }

    private void refuseNeighbour() {
        if (cursor.at(Kind.NUMBER) || cursor.at(Kind.VULGAR)) {
            throw new Cursor.Stop(neighbour(), cursor.peek().at());
        }
    }

    /** What is wrong with a number right behind something else. */
    private Problem neighbour() {
        Token before = cursor.peek(-1);
        if (before.is(Kind.LETTER)) {
            return Problem.NUMBER_BEHIND_LETTER;
        }
        return before.is(Kind.NUMBER) && cursor.peek().text().startsWith(".")
                ? Problem.TWO_POINTS
                : Problem.TWO_NUMBERS;
    }

    private Expr signedFactor() {
        return switch (cursor.peek().kind()) {
            case MINUS -> new Expr.Neg(signFactor());
            case PLUS -> signFactor();
            default -> factor();
        };
    }

    private Expr signFactor() {
        cursor.take();
        cursor.enter();
        Expr inner = signedFactor();
        cursor.leave();
        return inner;
    }

    /** A power with what may stand behind it. */
    Expr factor() {
        if (cursor.at(Kind.CURRENCY)) {
            cursor.take();
            return new Expr.Money(signedFactor());
        }
        Expr base = primary();
        while (cursor.at(Kind.FACTORIAL)) {
            cursor.take();
            base = new Expr.Call(Fn.FACTORIAL, List.of(base));
        }
        if (cursor.at(Kind.CARET)) {
            cursor.take();
            cursor.enter();
            base = new Expr.Power(base, exponent());
            cursor.leave();
        }
        while (signBehind()) {
            base = switch (cursor.take().kind()) {
                case PERCENT -> new Expr.Percent(base);
                case DEGREE -> new Expr.Degrees(base);
                default -> new Expr.Money(base);
            };
        }
        return base;
    }

    /** A dollar sign before a number belongs to that number. */
    private boolean signBehind() {
        return cursor.at(Kind.PERCENT)
                || cursor.at(Kind.DEGREE)
                || cursor.at(Kind.CURRENCY) && !cursor.peek(1).is(Kind.NUMBER);
    }

    /** Powers of powers go from right to left. */
    Expr exponent() {
        if (cursor.at(Kind.MINUS)) {
            cursor.take();
            cursor.enter();
            Expr inner = exponent();
            cursor.leave();
            return new Expr.Neg(inner);
        }
        if (cursor.at(Kind.PLUS)) {
            cursor.take();
            return exponent();
        }
        Expr base = primary();
        if (!cursor.at(Kind.CARET)) {
            return base;
        }
        cursor.take();
        cursor.enter();
        Expr power = new Expr.Power(base, exponent());
        cursor.leave();
        return power;
    }

    Expr primary() {
        return switch (cursor.peek().kind()) {
            case NUMBER -> isChoice(1) ? choice() : numbers.number();
            case FUNCTION -> functions.call();
            case APPLIED -> functions.applied();
            case BOUNDED -> bounded.written();
            case EULER -> {
                cursor.take();
                yield new Expr.Euler();
            }
            case VULGAR -> NumberParser.vulgar(cursor.take());
            case LETTER -> letter();
            case PI -> {
                cursor.take();
                yield new Expr.Pi();
            }
            case INFINITY -> {
                cursor.take();
                yield new Expr.Infinity();
            }
            case OPEN -> bracket();
            case BAR -> bars();
            case ROOT_SIGN -> roots.sign();
            case ABS -> {
                cursor.take();
                yield new Expr.Abs(bracket());
            }
            case ROOT -> roots.root();
            case FRACTION -> fraction();
            default -> throw cursor.unexpected();
        };
    }

    /** 10C3 or C(10, 3), where C is no letter of the item. */
    private boolean isChoice(int ahead) {
        boolean isC = cursor.peek(ahead).is(Kind.LETTER, "C") && !letters.contains("C");
        return isC
                && (ahead == 1 && NumberParser.isWhole(cursor.peek(0)) && NumberParser.isWhole(cursor.peek(2))
                        || ahead == 0 && cursor.peek(1).is(Kind.OPEN, "("));
    }

    private Expr choice() {
        Expr from = NumberParser.literal(cursor.take().text());
        cursor.take();
        return new Expr.Call(
                Fn.BINOMIAL, List.of(from, NumberParser.literal(cursor.take().text())));
    }

    private Expr letter() {
        if (isChoice(0)) {
            cursor.take();
            return functions.listed(Fn.BINOMIAL);
        }
        if (!letters.contains(cursor.peek().text())
                && !bounded.counts(cursor.peek().text())) {
            throw new Cursor.Stop(unknown(), cursor.peek().at());
        }
        return new Expr.Letter(cursor.take().text());
    }

    /** What is wrong with a letter that the entry should not have. */
    private Problem unknown() {
        if (letters.contains(cursor.peek().text().toLowerCase(Locale.ROOT))) {
            return Problem.LARGE_LETTER;
        }
        return beginsWord() ? Problem.WORD : Problem.UNKNOWN_LETTER;
    }

    /** Three letters or more without a gap, none of which may stand there, and no name before brackets. */
    private boolean beginsWord() {
        int start = cursor.peek().at();
        int length = 0;
        while (cursor.peek(length).is(Kind.LETTER)
                && cursor.peek(length).at() == start + length
                && !letters.contains(cursor.peek(length).text())) {
            length++;
        }
        return length > 2 && !cursor.peek(length).is(Kind.OPEN);
    }

    Expr bracket() {
        Token open = cursor.take();
        int outerBars = openBars;
        openBars = 0;
        if (cursor.at(Kind.CLOSE)) {
            throw new Cursor.Stop(Problem.INCOMPLETE, cursor.peek().at());
        }
        Expr inner = sum();
        close(open);
        openBars = outerBars;
        return inner;
    }

    void close(Token open) {
        String wanted =
                switch (open.text()) {
                    case "(" -> ")";
                    case "[" -> "]";
                    default -> "}";
                };
        if (!cursor.takeIf(Kind.CLOSE, wanted)) {
            throw cursor.at(Kind.END)
                    ? new Cursor.Stop(Problem.NOT_CLOSED, cursor.peek().at())
                    : cursor.unexpected();
        }
    }

    private Expr bars() {
        cursor.take();
        openBars++;
        Expr inner = sum();
        if (!cursor.at(Kind.BAR)) {
            throw cursor.at(Kind.END)
                    ? new Cursor.Stop(Problem.NOT_CLOSED, cursor.peek().at())
                    : cursor.unexpected();
        }
        cursor.take();
        openBars--;
        return new Expr.Abs(inner);
    }

    Expr fraction() {
        cursor.take();
        Expr num = argument();
        return new Expr.Quotient(num, argument());
    }

    Expr argument() {
        if (!cursor.at(Kind.OPEN)) {
            throw cursor.unexpected();
        }
        return bracket();
    }
}
