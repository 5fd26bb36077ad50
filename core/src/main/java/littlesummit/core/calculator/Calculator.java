package littlesummit.core.calculator;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.grading.Reader;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Limits;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Rounding;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Syntax;

/** Exact arithmetic for a student: one expression, or the sum or the mean of a list. */
public final class Calculator {
    /** Digits after the point of a decimal that does not end. */
    private static final int PLACES = 8;

    private static final Pattern OF_LIST = Pattern.compile("\\s*(sum|mean)\\s*\\((.*)\\)\\s*");

    private Calculator() {}

    /** What came out. */
    public sealed interface Result {
        /**
         * @param exact as an entry: a whole number, a fraction, or as typed where it is irrational
         * @param rounded whether the decimal was
         */
        record Value(String exact, String decimal, boolean rounded) implements Result {}

        /**
         * @param message what to do about it
         * @param at index from 0 where reading stopped, −1 for nowhere
         */
        record Unclear(String message, int at) implements Result {}
    }

    /** Brackets that are still open at the end are closed. */
    public static Result compute(String typed) {
        String entry = closed(typed);
        Matcher list = OF_LIST.matcher(entry);
        try {
            return list.matches() ? ofList(list.group(1).equals("mean"), list.group(2)) : expression(entry);
        } catch (MathProblem impossible) {
            return new Result.Unclear("This cannot be worked out: a division by zero, or a number too large.", -1);
        }
    }

    private static String closed(String typed) {
        long open = typed.chars().filter(c -> c == '(').count()
                - typed.chars().filter(c -> c == ')').count();
        return typed.isBlank() ? typed : typed + ")".repeat(Math.clamp(open, 0, Limits.NESTING));
    }

    private static Result expression(String entry) {
        return switch (Parser.read(entry, Syntax.number())) {
            case Reading.Understood(Statement.Value(Expr expr)) -> value(Canonical.of(expr), entry);
            case Reading.Understood u ->
                new Result.Unclear("Enter one expression without an equals sign, or sum(...) or mean(...).", -1);
            case Reading.Stopped s ->
                new Result.Unclear(Reader.read(entry, Syntax.number()).message(), s.at());
        };
    }

    private static Result ofList(boolean mean, String entries) {
        List<RationalFunction> values = new ArrayList<>();
        for (String entry : entries.split("[,;]")) {
            if (!(Parser.read(entry, Syntax.number()) instanceof Reading.Understood(Statement.Value(Expr expr)))) {
                return new Result.Unclear(
                        "\"" + entry.strip() + "\" is no number. Separate the numbers by commas.", -1);
            }
            values.add(Canonical.of(expr));
        }
        RationalFunction sum = values.stream().reduce(RationalFunction.ZERO, RationalFunction::plus);
        return value(mean ? sum.over(RationalFunction.of(Rational.of(values.size()))) : sum, entries);
    }

    private static Result value(RationalFunction value, String typed) {
        String exact = value.asRational().map(Calculator::fraction).orElse(typed);
        boolean ends = value.asRational().filter(Rational::terminates).isPresent();
        Rational decimal = ends ? value.asRational().orElseThrow() : Rounding.halfUp(value, PLACES);
        return new Result.Value(exact, PlainPrinter.plain(Expr.decimal(decimal)), !ends);
    }

    private static String fraction(Rational value) {
        return value.isInteger() ? value.num().toString() : value.num() + "/" + value.den();
    }
}
