package littlesummit.core.grading;

import java.util.List;
import littlesummit.core.math.ComplexNumber;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;

/** One complex number, in which i is the imaginary unit. */
final class ComplexGrader {
    private static final Expr I = Expr.letter("i");

    private ComplexGrader() {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        ComplexNumber right = ComplexNumber.of(value(expected));
        Expr typed = value(entry);
        ComplexNumber value = ComplexNumber.of(typed);
        if (value.isSame(right)) {
            return spec.form() == Form.Shape.CARTESIAN && !isCartesian(typed)
                    ? Verdict.form(Reason.CARTESIAN_WANTED)
                    : Verdict.CORRECT;
        }
        if (value.isSame(right.negate())) {
            return Verdict.slip(Reason.SIGN);
        }
        return value.isSame(right.conjugate()) ? Verdict.slip(Reason.CONJUGATE) : Verdict.incorrect();
    }

    private static Expr value(Statement statement) {
        if (Numbers.unnamed(statement) instanceof Statement.Value(Expr expr) && Numbers.isOne(expr)) {
            return expr;
        }
        throw new Entries.WrongKind(Reason.COMPLEX_WANTED);
    }

    /** At most one term without i, and one that is a number times i; 5i/3 and (5/3)i are alike. */
    private static boolean isCartesian(Expr expr) {
        List<Expr> terms = expr instanceof Expr.Sum(List<Expr> all) ? all : List.of(expr);
        long real = terms.stream().filter(ComplexGrader::isReal).count();
        long imaginary = terms.stream().filter(ComplexGrader::isMultipleOfI).count();
        return real <= 1 && imaginary <= 1 && real + imaginary == terms.size();
    }

    /** Without i, and nothing left to add up. */
    private static boolean isReal(Expr term) {
        return !term.has(I) && !term.any(Expr.Sum.class::isInstance) && !term.any(ComplexGrader::isRootOfNegative);
    }

    private static boolean isMultipleOfI(Expr term) {
        return switch (term) {
            case Expr.Neg(Expr inner) -> isMultipleOfI(inner);
            case Expr.Letter letter -> letter.equals(I);
            case Expr.Product(List<Expr> factors) ->
                factors.stream().filter(ComplexGrader::isMultipleOfI).count() == 1
                        && factors.stream().filter(f -> !f.has(I)).allMatch(ComplexGrader::isReal)
                        && factors.stream().filter(f -> f.has(I)).count() == 1;
            case Expr.Quotient(Expr num, Expr den) -> isMultipleOfI(num) && isReal(den);
            default -> false;
        };
    }

    private static boolean isRootOfNegative(Expr expr) {
        return expr instanceof Expr.Root(int index, Expr radicand) && index % 2 == 0 && radicand instanceof Expr.Neg;
    }
}
