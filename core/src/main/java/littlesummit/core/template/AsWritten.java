package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;

/**
 * Mathematics as its author wrote it, with the numbers put in. Nothing is worked out but what {@code value(…)} and the
 * other functions say. Beside letters the usual habits hold: a·x + b with 1 and −4 is x − 4. Among numbers alone
 * everything stays: a + b with 7 and −4 is 7 + (−4).
 */
final class AsWritten {
    /** Who will read it: brackets around a negative number are written as LaTeX or as one types them. */
    enum Style {
        LATEX,
        PLAIN
    }

    private final Evaluator evaluator;
    private final Style style;

    AsWritten(Evaluator evaluator, Style style) {
        this.evaluator = evaluator;
        this.style = style;
    }

    Expr put(Expr expr) {
        return switch (expr) {
            case Expr.Letter(String name) ->
                evaluator.named(name).map(Evaluator::expr).orElseGet(() -> name.equals(Formula.BOX) ? box() : expr);
            case Expr.Applied(String name, List<Expr> args)
            when name.equals(Evaluator.BRACKET) -> bracketed(put(args.getFirst()));
            case Expr.Applied(String name, List<Expr> args) when name.equals(Evaluator.SHOW) -> put(args.getFirst());
            case Expr.Applied a -> Evaluator.expr(evaluator.value(expr));
            case Expr.Sum(List<Expr> terms) -> sum(terms);
            case Expr.Product(List<Expr> factors) -> product(factors);
            case Expr.Quotient(Expr num, Expr den) -> quotient(put(num), put(den));
            case Expr.Power(Expr base, Expr exponent) -> power(put(base), put(exponent), exponent);
            case Expr.Neg(Expr inner) -> negative(put(inner));
            default -> inside(expr);
        };
    }

    private Expr box() {
        return new Expr.Letter(style == Style.LATEX ? "\\square" : "□");
    }

    private Expr inside(Expr expr) {
        Expr changed = expr;
        for (int i = 0; i < expr.children().size(); i++) {
            changed = changed.with(i, put(expr.children().get(i)));
        }
        return changed;
    }

    /** Brackets are no part of a tree: they travel as a letter whose name is the whole text. */
    private Expr bracketed(Expr inner) {
        return new Expr.Letter(
                style == Style.LATEX
                        ? "\\left(" + LatexPrinter.latex(inner) + "\\right)"
                        : "(" + PlainPrinter.plain(inner) + ")");
    }

    private Expr negative(Expr inner) {
        if (inner instanceof Expr.Neg(Expr twice)) {
            return Trees.hasLetter(inner) ? twice : new Expr.Neg(bracketed(inner));
        }
        return new Expr.Neg(inner);
    }

    private Expr sum(List<Expr> terms) {
        List<Expr> put = new ArrayList<>();
        boolean hasLetter = terms.stream().anyMatch(this::speaksOfLetter);
        for (Expr term : terms) {
            Expr one = hasLetter ? unbracketed(term) : put(term);
            boolean isNothing = hasLetter && isZero(one) && !(term instanceof Expr.Num);
            if (!isNothing) {
                boolean isPutIn = put.isEmpty() || term instanceof Expr.Neg;
                Expr shown = hasLetter || isPutIn || !(one instanceof Expr.Neg) ? one : bracketed(one);
                put.addAll(hasLetter && shown instanceof Expr.Sum(List<Expr> inner) ? inner : List.of(shown));
            }
        }
        return put.isEmpty() ? Expr.Num.of(0) : put.size() == 1 ? put.getFirst() : new Expr.Sum(put);
    }

    /** Also where the number before the letter is zero, so that it is not seen any more. */
    private boolean speaksOfLetter(Expr expr) {
        if (expr instanceof Expr.Applied) {
            return Trees.hasLetter(put(expr));
        }
        boolean isFree = expr instanceof Expr.Letter(String name)
                && evaluator
                        .named(name)
                        .map(value -> Trees.hasLetter(Evaluator.expr(value)))
                        .orElse(true);
        return isFree || expr.children().stream().anyMatch(this::speaksOfLetter);
    }

    /** Taking away a negative number beside letters is adding it. */
    private Expr unbracketed(Expr term) {
        if (term instanceof Expr.Neg(Expr inner) && put(inner) instanceof Expr.Neg(Expr twice)) {
            return twice;
        }
        return put(term);
    }

    private Expr product(List<Expr> factors) {
        List<Expr> put = new ArrayList<>(factors.stream().map(this::put).toList());
        boolean hasLetter = put.stream().anyMatch(Trees::hasLetter);
        boolean isNegative = put.getFirst() instanceof Expr.Neg;
        if (isNegative) {
            put.set(0, ((Expr.Neg) put.getFirst()).inner());
        }
        if (hasLetter && put.stream().anyMatch(factor -> isNumber(factor, Rational.ZERO))) {
            return Expr.Num.of(0);
        }
        if (hasLetter) {
            put.removeIf(factor -> isNumber(factor, Rational.ONE));
        }
        Expr size = put.size() == 1 ? put.getFirst() : new Expr.Product(put);
        return isNegative ? new Expr.Neg(size) : size;
    }

    private static Expr quotient(Expr num, Expr den) {
        return isNumber(den, Rational.ONE) && Trees.hasLetter(num) ? num : new Expr.Quotient(num, den);
    }

    private static Expr power(Expr base, Expr exponent, Expr written) {
        boolean isFirst = isNumber(exponent, Rational.ONE) && !(written instanceof Expr.Num);
        return isFirst && Trees.hasLetter(base) ? base : new Expr.Power(base, exponent);
    }

    private static boolean isZero(Expr expr) {
        return isNumber(expr instanceof Expr.Neg(Expr inner) ? inner : expr, Rational.ZERO);
    }

    private static boolean isNumber(Expr expr, Rational value) {
        return expr instanceof Expr.Num n && n.value().equals(value);
    }
}
