package littlesummit.core.math;

import java.math.BigInteger;
import java.util.List;
import littlesummit.core.math.Token.Kind;

/** Numbers as they are written: digits, mixed numbers, digits that repeat, powers of ten. */
final class NumberParser {
    /** So many digits fit into a long, whatever they are. */
    private static final int OF_LONG = 18;

    private final Cursor cursor;
    private final ExprParser exprs;

    NumberParser(Cursor cursor, ExprParser exprs) {
        this.cursor = cursor;
        this.exprs = exprs;
    }

    Expr number() {
        Token token = cursor.take();
        if (token.text().endsWith(")")) {
            return repeating(token.text());
        }
        int e = token.text().indexOf('e');
        if (e >= 0) {
            return scientific(token, e);
        }
        Expr.Num number = literal(token.text());
        return number.places() == 0 && !token.text().endsWith(".") ? withFraction(number) : number;
    }

    /** {@code 2 1/3}, {@code 2⅓} and a number before a LaTeX fraction of whole numbers are mixed numbers. */
    private Expr withFraction(Expr.Num whole) {
        if (cursor.at(Kind.VULGAR)) {
            Expr.Quotient part = vulgar(cursor.take());
            return mixed(whole, part);
        }
        if (isWhole(cursor.peek()) && cursor.peek(1).is(Kind.DIVIDE) && isWhole(cursor.peek(2))) {
            Expr.Num num = literal(cursor.take().text());
            cursor.take();
            return mixed(whole, new Expr.Quotient(num, literal(cursor.take().text())));
        }
        boolean latex = cursor.at(Kind.FRACTION)
                && isWhole(cursor.peek(2))
                && cursor.peek(3).is(Kind.CLOSE)
                && isWhole(cursor.peek(5))
                && cursor.peek(6).is(Kind.CLOSE);
        return latex && exprs.fraction() instanceof Expr.Quotient q ? mixed(whole, q) : whole;
    }

    private Expr mixed(Expr.Num whole, Expr.Quotient part) {
        if (part.num() instanceof Expr.Num n && part.den() instanceof Expr.Num d) {
            return new Expr.Mixed(whole.digits(), n.digits(), d.digits());
        }
        throw cursor.unexpected();
    }

    static boolean isWhole(Token t) {
        return t.is(Kind.NUMBER) && Chars.all(t.text(), c -> c >= '0' && c <= '9');
    }

    static Expr.Num literal(String digits) {
        int point = digits.indexOf('.');
        return point < 0
                ? new Expr.Num(whole(digits), 0)
                : new Expr.Num(whole(digits.replace(".", "")), digits.length() - point - 1);
    }

    private static BigInteger whole(String digits) {
        return digits.length() <= OF_LONG ? BigInteger.valueOf(Long.parseLong(digits)) : new BigInteger(digits);
    }

    /** Written 0.3(18), with the digits that repeat in brackets. */
    private static Expr repeating(String text) {
        int open = text.indexOf('(');
        int period = text.length() - open - 2;
        Expr.Num digits = literal(text.substring(0, open) + text.substring(open + 1, text.length() - 1));
        return new Expr.Repeating(digits.digits(), digits.places(), period);
    }

    private static Expr scientific(Token token, int e) {
        BigInteger exponent = new BigInteger(token.text().substring(e + 1));
        return new Expr.Product(List.of(
                literal(token.text().substring(0, e)), new Expr.Power(Expr.Num.of(10), Expr.integer(exponent))));
    }

    static Expr.Quotient vulgar(Token token) {
        String[] parts = token.text().split("/");
        return new Expr.Quotient(literal(parts[0]), literal(parts[1]));
    }
}
