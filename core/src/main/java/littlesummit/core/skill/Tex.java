package littlesummit.core.skill;

import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;

/** Numbers as stems and worked steps show them. */
public final class Tex {
    private Tex() {}

    /** An exact decimal number with commas between groups of three digits, for text outside mathematics. */
    public static String grouped(Rational value) {
        String digits = PlainPrinter.plain(Expr.decimal(value.abs()));
        int point = digits.indexOf('.');
        String whole = point < 0 ? digits : digits.substring(0, point);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < whole.length(); i++) {
            text.append(i > 0 && (whole.length() - i) % 3 == 0 ? "," : "").append(whole.charAt(i));
        }
        return (value.signum() < 0 ? "-" : "") + text + (point < 0 ? "" : digits.substring(point));
    }

    public static String grouped(long value) {
        return grouped(Rational.of(value));
    }

    /** The same for inside mathematics. */
    public static String number(Rational value) {
        return grouped(value).replace(",", "{,}");
    }

    /** An amount of money with cents where there are any, for text outside mathematics. */
    public static String money(Rational dollars) {
        return "\\$" + (dollars.isInteger() ? grouped(dollars) : grouped(dollars.truncate(0)) + cents(dollars));
    }

    private static String cents(Rational dollars) {
        String two = PlainPrinter.plain(Expr.decimal(dollars.minus(dollars.truncate(0)), 2));
        return two.substring(two.indexOf('.'));
    }

    /** Mathematics inside a text. */
    public static String inline(Expr expr) {
        return "$" + LatexPrinter.latex(expr) + "$";
    }

    public static String latex(Expr expr) {
        return LatexPrinter.latex(expr);
    }

    /** As an entry that could be typed. */
    public static String plain(Rational decimal) {
        return PlainPrinter.plain(Expr.decimal(decimal));
    }

    /**
     * The same with so many places after the point, zeros at the end among them.
     *
     * @param decimal has no more places than that
     */
    public static String plain(Rational decimal, int places) {
        return PlainPrinter.plain(Expr.decimal(decimal, places));
    }
}
