package littlesummit.core.template;

import java.util.Optional;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.NumberWords;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Tex;

/** How a value is written among words: {@code {total as money}}. */
sealed interface Look {
    String ALL = "money, percent, fraction, mixed, plain, 2 places, clock, words, Words, one, many, a, A, list";

    /** As one would write it: a number with commas between groups, a word that agrees. */
    record Usual() implements Look {}

    /** Dollars, with cents where there are any. */
    record Money() implements Look {}

    /** 0.25 as 25%. */
    record Percent() implements Look {}

    /** A fraction in lowest terms, or a whole number. */
    record Fraction() implements Look {}

    record Mixed() implements Look {}

    /** Without commas between groups, as years are written. */
    record Plain() implements Look {}

    /** So many digits after the point. */
    record Places(int count) implements Look {}

    /** Minutes since midnight as a time of day: 845 is 14:05. */
    record Clock() implements Look {}

    /**
     * A whole number in words.
     *
     * @param capital at the beginning of a sentence
     */
    record InWords(boolean capital) implements Look {}

    /** One of a word, whatever number stands before it. */
    record One() implements Look {}

    record Many() implements Look {}

    /** A word with its article; in capitals at the beginning of a sentence. */
    record WithArticle(boolean capital) implements Look {}

    /** Numbers of a list, with commas and a last “and”. */
    record Listed() implements Look {}

    static Optional<Look> of(String name) {
        if (name.matches("\\d places?")) {
            return Optional.of(new Places(name.charAt(0) - '0'));
        }
        return Optional.ofNullable(
                switch (name) {
                    case "money" -> new Money();
                    case "percent" -> new Percent();
                    case "fraction" -> new Fraction();
                    case "mixed" -> new Mixed();
                    case "plain" -> new Plain();
                    case "clock" -> new Clock();
                    case "words" -> new InWords(false);
                    case "Words" -> new InWords(true);
                    case "one" -> new One();
                    case "many" -> new Many();
                    case "a" -> new WithArticle(false);
                    case "A" -> new WithArticle(true);
                    case "list" -> new Listed();
                    default -> null;
                });
    }

    /** A number among words; mathematics stands between dollar signs. */
    default String write(Value.Number number) {
        Rational value = number.value();
        return switch (this) {
            case Money m -> money(value);
            case Percent p -> usual(new Value.Number(value.times(Rational.of(100)), number.isDecimal() ? 0 : -1)) + "%";
            case Fraction f -> inline(Expr.fraction(value));
            case Mixed m -> inline(mixed(value));
            case Plain p -> plain(number);
            case Clock c -> clock(value);
            case InWords(boolean capital) -> inWords(value, capital);
            case Places(int count) -> Tex.plain(exact(value, count), count);
            default -> usual(number);
        };
    }

    private static String plain(Value.Number number) {
        String latex = LatexPrinter.latex(number.expr());
        return number.value().signum() < 0 ? "$" + latex + "$" : latex;
    }

    private static String clock(Rational minutes) {
        if (!minutes.isInteger() || minutes.signum() < 0 || minutes.compareTo(Rational.of(24 * 60)) >= 0) {
            throw new Stuck("time of day " + minutes + " minutes after midnight");
        }
        int all = minutes.intValueExact();
        return all / 60 + ":" + (all % 60 < 10 ? "0" : "") + all % 60;
    }

    private static String inWords(Rational value, boolean capital) {
        if (!value.isInteger()) {
            throw new Stuck("words for " + value + "; only whole numbers have them");
        }
        String words = NumberWords.of(value.num())
                .orElseThrow(() -> new Stuck("words for " + value + "; they go from zero to 999,999,999"));
        return capital ? Character.toUpperCase(words.charAt(0)) + words.substring(1) : words;
    }

    private static String money(Rational value) {
        Rational exact = exact(value, 2);
        return exact.signum() < 0 ? "−" + Tex.money(exact.negate()) : Tex.money(exact);
    }

    private static Rational exact(Rational value, int places) {
        if (!value.roundHalfUp(places).equals(value)) {
            throw new Stuck("exact way to write " + value + " with " + places + " places; round it first");
        }
        return value;
    }

    private static String usual(Value.Number number) {
        Rational value = number.value();
        if (value.signum() < 0) {
            return inline(number.expr());
        }
        if (value.isInteger() && !number.isDecimal()) {
            return Tex.grouped(value);
        }
        if (number.isDecimal() && value.terminates()) {
            int places =
                    Math.max(number.places(), Math.max(0, value.toBigDecimal().scale()));
            String digits = Tex.plain(value, places);
            int point = digits.indexOf('.');
            return Tex.grouped(value.truncate(0)) + (point < 0 ? "" : digits.substring(point));
        }
        return inline(number.expr());
    }

    /** With its wholes before it; a whole number, or less than a whole, as it is. */
    static Expr mixed(Rational value) {
        Rational size = value.abs();
        if (size.isInteger() || size.compareTo(Rational.ONE) < 0) {
            return Expr.fraction(value);
        }
        Rational part = size.minus(Rational.of(size.floor()));
        Expr written = new Expr.Mixed(size.floor(), part.num(), part.den());
        return value.signum() < 0 ? new Expr.Neg(written) : written;
    }

    private static String inline(Expr expr) {
        return "$" + Latex.of(expr) + "$";
    }
}
