package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/**
 * Coordinates as vectors are written: in angle brackets, as a column, behind a letter with an arrow, or as a sum of i,
 * j and k. Each becomes the pair or triple in round brackets that it means, character under character, so that places
 * stay.
 */
final class VectorText {
    private static final Pattern ARROW = Pattern.compile(
            "^\\s*(\\\\(?:vec|overrightarrow|mathbf|boldsymbol)\\s*(?:\\{\\s*[A-Za-z]{1,2}\\s*}|[A-Za-z]))\\s*=(?!=)");
    private static final Pattern ANGLES = Pattern.compile("^(\\s*)([<⟨〈]|\\\\langle)(.*,.*)([>⟩〉]|\\\\rangle)(\\s*)$");
    private static final Pattern COLUMN = Pattern.compile(
            "^(\\s*)(\\\\begin\\{[pbv]?(?:matrix|array)}(?:\\{c})?)(.*)(\\\\end\\{[pbv]?(?:matrix|array)})(\\s*)$",
            Pattern.DOTALL);
    /** P(3|−2), as a point is written in some countries. */
    private static final Pattern BAR = Pattern.compile("^(\\s*[A-Z]?\\s*\\([^|()]+)\\|([^|()]+\\)\\s*)$");

    private static final Pattern UNIT_VECTOR =
            Pattern.compile("\\\\(?:mathbf|vec|hat|boldsymbol)\\s*\\{?\\s*\\\\?([ijk])(?:math)?\\s*}?");
    private static final List<String> UNITS = List.of("i", "j", "k");

    private VectorText() {}

    /** With round brackets for others; any other text as it is. */
    static String plain(String entry) {
        Matcher arrow = ARROW.matcher(entry);
        String text = arrow.find() ? " ".repeat(arrow.end()) + entry.substring(arrow.end()) : entry;
        Matcher angles = ANGLES.matcher(text);
        if (angles.matches()) {
            return bracketed(angles, angles.group(3));
        }
        Matcher bar = BAR.matcher(text);
        if (bar.matches()) {
            return bar.group(1) + "," + bar.group(2);
        }
        Matcher column = COLUMN.matcher(text);
        return column.matches() && column.group(3).indexOf('&') < 0
                ? bracketed(column, column.group(3).replace("\\\\", ", "))
                : text;
    }

    private static String bracketed(Matcher found, String inside) {
        return found.group(1) + "(" + " ".repeat(found.group(2).length() - 1) + inside
                + " ".repeat(found.group(4).length() - 1) + ")" + found.group(5);
    }

    /**
     * A sum of multiples of i, j and k, such as 3i − 2j; empty for what is none.
     *
     * @param size how many coordinates are asked for
     */
    static Optional<Statement> ofUnits(String entry, int size) {
        String text = UNIT_VECTOR.matcher(entry).replaceAll("$1");
        boolean mayBe = size <= UNITS.size() && text.indexOf(',') < 0 && text.matches("(?s).*[ijk].*");
        return mayBe
                        && Parser.read(text, Syntax.expression(Set.copyOf(UNITS.subList(0, size))))
                                instanceof Reading.Understood(Statement.Value(Expr sum))
                        && isSumOfUnits(sum)
                ? Optional.of(new Statement.Delimited(
                        '(',
                        UNITS.subList(0, size).stream()
                                .map(unit -> coordinate(sum, unit))
                                .toList(),
                        ')'))
                : Optional.empty();
    }

    /** Whether every term has one unit vector, to the first power. */
    private static boolean isSumOfUnits(Expr sum) {
        try {
            Polynomial terms = Canonical.of(sum).asPolynomial().orElse(Polynomial.ONE);
            return terms.degree() == 1
                    && UNITS.stream()
                            .reduce(
                                    terms,
                                    (rest, unit) -> rest.substitute(unit, Polynomial.ZERO),
                                    (one, other) -> other)
                            .isZero();
        } catch (MathProblem problem) {
            return false;
        }
    }

    private static Statement coordinate(Expr sum, String unit) {
        Expr value = sum;
        for (String other : UNITS) {
            value = value.with(other, other.equals(unit) ? Rational.ONE : Rational.ZERO);
        }
        return new Statement.Value(value);
    }
}
