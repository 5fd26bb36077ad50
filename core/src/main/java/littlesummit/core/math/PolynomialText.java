package littlesummit.core.math;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** An ordinary polynomial as the tree that a person would write: descending powers, no needless ones. */
public final class PolynomialText {
    private PolynomialText() {}

    public static Expr expr(Polynomial p) {
        List<Map.Entry<Monomial, Rational>> terms = new ArrayList<>(p.terms().entrySet());
        terms.sort(Map.Entry.<Monomial, Rational>comparingByKey(
                        Comparator.comparingInt(Monomial::degree).thenComparing(Comparator.naturalOrder()))
                .reversed());
        if (terms.isEmpty()) {
            return Expr.Num.of(0);
        }
        List<Expr> written =
                terms.stream().map(t -> term(t.getKey(), t.getValue())).toList();
        return written.size() == 1 ? written.getFirst() : new Expr.Sum(written);
    }

    private static Expr term(Monomial m, Rational c) {
        List<Expr> factors = new ArrayList<>();
        if (!c.abs().isOne() || m.size() == 0) {
            factors.add(Expr.fraction(c.abs()));
        }
        for (int i = 0; i < m.size(); i++) {
            Expr letter = new Expr.Letter(((Atom.Letter) m.atom(i)).name());
            factors.add(m.exponent(i) == 1 ? letter : Expr.power(letter, m.exponent(i)));
        }
        Expr size = factors.size() == 1 ? factors.getFirst() : new Expr.Product(factors);
        return c.signum() < 0 ? new Expr.Neg(size) : size;
    }

    public static String latex(Polynomial p) {
        return LatexPrinter.latex(expr(p));
    }

    public static String plain(Polynomial p) {
        return PlainPrinter.plain(expr(p));
    }
}
