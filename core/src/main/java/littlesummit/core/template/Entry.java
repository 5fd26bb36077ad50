package littlesummit.core.template;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.math.Expr;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Statement;
import littlesummit.core.skill.Tex;

/** An answer, right or wrong, as one would type it: a formula that is worked out, or a line with values in it. */
sealed interface Entry {
    record Computed(Formula formula) implements Entry {}

    record Line(Texts texts) implements Entry {}

    /** An entry as it is, with nothing to put in. */
    record Kept(String entry) implements Entry {}

    /** From {@code key: formula}, or {@code entry: line}, where several lines may have conditions. */
    static Entry read(Keys keys, String key, Formula.Names names) {
        return keys.find("entry")
                .<Entry>map(node -> new Line(Texts.read(node, names)))
                .orElseGet(() -> new Computed(Formula.read(keys.scalar(key), names)));
    }

    default String write(Kind kind, Form form, Evaluator evaluator) {
        return switch (this) {
            case Computed(Formula formula) -> computed(formula, kind, form, evaluator);
            case Line(Texts texts) -> line(chosen(texts, evaluator), evaluator);
            case Kept(String entry) -> entry;
        };
    }

    private static String computed(Formula formula, Kind kind, Form form, Evaluator evaluator) {
        if (kind == Kind.NUMBER
                && formula.statement() instanceof Statement.Value
                && evaluator.value(formula) instanceof Value.Number number) {
            return number(number, form, formula);
        }
        return PlainStatement.of(evaluator.workedOut(formula));
    }

    private static String number(Value.Number number, Form form, Formula formula) {
        Rational value = number.value();
        return switch (form) {
            case Form.Shape.FRACTION, Form.Shape.FRACTION_LOWEST -> PlainPrinter.plain(Expr.fraction(value));
            case Form.Shape.MIXED -> mixed(value);
            case Form.Shape.PERCENT -> decimal(value.times(Rational.of(100))) + "%";
            case Form.Shape.SCIENTIFIC -> scientific(value);
            case Form.Shape.PRIME_FACTORS -> primeFactors(value, formula);
            default -> decimal(value);
        };
    }

    /** Digits where they end, else a fraction. */
    private static String decimal(Rational value) {
        return value.terminates() ? Tex.plain(value) : PlainPrinter.plain(Expr.fraction(value));
    }

    private static String mixed(Rational value) {
        BigInteger whole = value.abs().floor();
        Rational part = value.abs().minus(Rational.of(whole));
        if (whole.signum() == 0 || part.isZero()) {
            return PlainPrinter.plain(Expr.fraction(value));
        }
        return (value.signum() < 0 ? "-" : "") + whole + " " + part.num() + "/" + part.den();
    }

    private static String scientific(Rational value) {
        int exponent = value.isZero() ? 0 : value.decimalExponent();
        return decimal(value.times(Rational.of(10).power(-exponent))) + " x 10^" + exponent;
    }

    private static String primeFactors(Rational value, Formula formula) {
        Map<Value, Integer> powers = new LinkedHashMap<>();
        if (!value.isInteger()
                || !(Functions.apply("primes", new Arguments(List.of(Value.Number.of(value))))
                        instanceof Value.Several(List<Value> primes))) {
            throw new Unmade(formula.at(), "“" + formula.text() + "” is no whole number, and has no prime factors.");
        }
        primes.forEach(p -> powers.merge(p, 1, Integer::sum));
        List<String> factors = new ArrayList<>();
        powers.forEach(
                (p, power) -> factors.add(PlainPrinter.plain(Evaluator.expr(p)) + (power == 1 ? "" : "^" + power)));
        return String.join(" * ", factors);
    }

    private static TextPattern chosen(Texts texts, Evaluator evaluator) {
        return texts.chosenPattern(evaluator)
                .orElseThrow(() -> new Unmade(texts.at(), "No condition of this entry holds for these numbers."));
    }

    private static String line(TextPattern pattern, Evaluator evaluator) {
        StringBuilder line = new StringBuilder();
        for (TextPattern.Piece piece : pattern.pieces()) {
            line.append(
                    switch (piece) {
                        case TextPattern.Piece.Words(String words) -> words;
                        case TextPattern.Piece.Written(Formula formula, Look.Clock clock) ->
                            TextPattern.written(formula, clock, evaluator);
                        case TextPattern.Piece.Written(Formula formula, Look look) ->
                            plain(evaluator.value(formula), formula);
                        case TextPattern.Piece.Mathematics(Formula formula) ->
                            PlainStatement.of(evaluator.put(formula, AsWritten.Style.PLAIN));
                        case TextPattern.Piece.Agreeing(Formula count, String one, String many) ->
                            evaluator.number(count).isOne() ? one : many;
                    });
        }
        return line.toString();
    }

    private static String plain(Value value, Formula formula) {
        return switch (value) {
            case Value.Said(String words) -> words;
            case Value.Named(Word word) -> word.one();
            case Value.Several(List<Value> items) ->
                String.join(
                        ", ", items.stream().map(item -> plain(item, formula)).toList());
            default -> PlainPrinter.plain(Evaluator.expr(value));
        };
    }
}
