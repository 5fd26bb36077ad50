package littlesummit.content.code.power;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.item.Field;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Mistakes;
import littlesummit.core.skill.Tex;

/** A number times a power of ten; the number in front may be anything. */
record Tens(Rational front, int exponent) {
    /** The same value with a number in front from 1 up to 10. */
    Tens inForm() {
        int hops = front.decimalExponent();
        return new Tens(front.over(Rational.of(10).power(hops)), exponent + hops);
    }

    Rational value() {
        return front.times(Rational.of(10).power(exponent));
    }

    private Expr expr() {
        return Expr.product(Expr.decimal(front), Expr.power(Expr.integer(10), exponent));
    }

    String latex() {
        return LatexPrinter.latex(expr());
    }

    String plain() {
        return PlainPrinter.plain(expr());
    }

    /** Something in scientific notation to type. */
    static Field field(String label, AnswerSpec answer, Mistakes mistakes) {
        return Field.typed(
                "answer",
                label,
                "a number from 1 up to but not including 10, times a power of ten",
                answer,
                mistakes.list());
    }

    String frontLatex() {
        return Tex.number(front);
    }
}
