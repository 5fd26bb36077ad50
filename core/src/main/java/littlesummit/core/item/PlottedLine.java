package littlesummit.core.item;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/** The line through two points of a grid. */
public final class PlottedLine {
    private record Point(Rational x, Rational y) {}

    private PlottedLine() {}

    /**
     * @param points two pairs such as {@code (0, 1), (2, 5)}
     * @return an equation in x and y, empty for fewer than two different points
     */
    public static String equation(String points) {
        if (!(Parser.read(points, Syntax.list())
                        instanceof Reading.Understood(Statement.Sequence(var joiner, List<Statement> items)))
                || items.size() != 2) {
            return "";
        }
        Optional<Point> a = point(items.get(0));
        Optional<Point> b = point(items.get(1));
        return a.isEmpty() || b.isEmpty() || a.equals(b) ? "" : through(a.get(), b.get());
    }

    private static String through(Point a, Point b) {
        Rational dx = b.x.minus(a.x);
        Rational dy = b.y.minus(a.y);
        Polynomial left =
                Polynomial.letter("x").times(dy).minus(Polynomial.letter("y").times(dx));
        Rational right = a.x.times(dy).minus(a.y.times(dx));
        return PolynomialText.plain(left) + " = " + right;
    }

    private static Optional<Point> point(Statement item) {
        if (item instanceof Statement.Delimited(char open, List<Statement> xy, char close) && xy.size() == 2) {
            Optional<Rational> x = number(xy.get(0));
            Optional<Rational> y = number(xy.get(1));
            return x.isPresent() && y.isPresent() ? Optional.of(new Point(x.get(), y.get())) : Optional.empty();
        }
        return Optional.empty();
    }

    private static Optional<Rational> number(Statement item) {
        try {
            return item instanceof Statement.Value(Expr expr)
                    ? Canonical.of(expr).asRational()
                    : Optional.empty();
        } catch (MathProblem notANumber) {
            return Optional.empty();
        }
    }
}
