package littlesummit.core.grading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Currency;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Gcd;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Statement;

/**
 * The right answer of a field, read and brought to its canonical form. A class enters much that is compared with one
 * answer, and each mistake that is foreseen is compared with it as well: it is kept for a while, unless it is large.
 *
 * @param statement what it says
 * @param worth what it is worth, where it is one value that has a canonical form
 * @param currencies of the answer and of what the field shows behind it
 */
record KnownAnswer(Statement statement, Optional<Worth> worth, List<Currency> currencies) {
    static final int MOST_KEPT = 1000;

    private static final int MOST_CHARACTERS = 200;
    private static final int MOST_TERMS = 20;
    private static final Map<AnswerSpec, KnownAnswer> KEPT = new ConcurrentHashMap<>();

    /**
     * @param form what is said of its form, where an expression is written just as the answer is
     * @param divisor degree of what it is divided by in lowest terms; −1 where nobody asks
     */
    record Worth(Expr expr, RationalFunction value, Optional<Verdict> form, int divisor) {
        private static final int NOT_ASKED = -1;

        static Worth of(AnswerSpec spec, Expr expr) {
            RationalFunction value = Canonical.of(expr);
            int divisor = spec.form() == Form.Shape.LOWEST_TERMS ? divisor(value) : NOT_ASKED;
            Optional<Verdict> form = spec.kind() == Kind.EXPRESSION
                    ? Optional.of(ExpressionGrader.form(spec.form(), expr, divisor))
                    : Optional.empty();
            return new Worth(expr, value, form, divisor);
        }

        private static int divisor(RationalFunction value) {
            return value.num().isOrdinary() && value.den().isOrdinary()
                    ? value.den().degree() - Gcd.of(value.num(), value.den()).degree()
                    : NOT_ASKED;
        }
    }

    /** @throws IllegalArgumentException when our own answer cannot be read */
    static KnownAnswer of(AnswerSpec spec) {
        KnownAnswer kept = KEPT.get(spec);
        return kept == null ? read(spec) : kept;
    }

    private static KnownAnswer read(AnswerSpec spec) {
        Statement statement = spec.expectedStatement();
        KnownAnswer answer =
                new KnownAnswer(statement, worth(spec, statement), Currency.in(spec.suffix() + " " + spec.expected()));
        if (answer.isSmall(spec)) {
            if (KEPT.size() >= MOST_KEPT) {
                KEPT.clear();
            }
            KEPT.put(spec, answer);
        }
        return answer;
    }

    private static Optional<Worth> worth(AnswerSpec spec, Statement statement) {
        try {
            return statement instanceof Statement.Value(Expr expr)
                    ? Optional.of(Worth.of(spec, expr))
                    : Optional.empty();
        } catch (MathProblem saidWhenItIsAskedFor) {
            return Optional.empty();
        }
    }

    private boolean isSmall(AnswerSpec spec) {
        return spec.expected().length() <= MOST_CHARACTERS
                && worth.map(Worth::value)
                        .filter(v -> v.num().size() + v.den().size() > MOST_TERMS)
                        .isEmpty();
    }

    static int kept() {
        return KEPT.size();
    }

    /**
     * The canonical form of the answer, or of a part of it.
     *
     * @throws MathProblem when it has none
     */
    RationalFunction canonical(Expr part) {
        return worth.filter(w -> w.expr() == part).map(Worth::value).orElseGet(() -> Canonical.of(part));
    }
}
