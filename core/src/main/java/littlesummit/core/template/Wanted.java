package littlesummit.core.template;

import java.util.Optional;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.InWords;
import littlesummit.core.grading.Kind;

/** What is said beside a field about the form of its answer, where the author says nothing else. */
final class Wanted {
    private Wanted() {}

    /** Empty where there are no usual words: then the author has to say it. */
    static Optional<String> usual(Kind kind, Form form) {
        return Optional.ofNullable(
                switch (kind) {
                    case NUMBER -> number(form);
                    case EXPRESSION ->
                        switch (form) {
                            case Form.Shape.EXPANDED -> "without brackets";
                            case Form.Shape.FACTORED -> "a product of factors that cannot be split";
                            case Form.Shape.ANY -> "an expression";
                            default -> null;
                        };
                    case EQUATION -> form instanceof Form.Solved(String letter) ? letter + " alone on one side" : null;
                    case PAIR -> "a pair (x, y)";
                    case REMAINDER -> "such as 7 R 2";
                    case TIME -> "hours and minutes, such as 9:05";
                    case DATE -> "a day of the calendar, such as 9 May";
                    case PIECES -> "each rule with its condition, such as 2x if x < 3";
                    case SET -> "all of them, with commas between";
                    case QUANTITY -> form instanceof Form.InUnit(var unit) ? "in " + unit.symbol() : "with its unit";
                    case WORDS, DOMAIN, COMPLEX, MATRIX, CHOICE -> null;
                });
    }

    /** @param example what would get full credit */
    static String words(String example) {
        return InWords.isSaid(example) ? "a sentence or two" : "a word or a number";
    }

    private static String number(Form form) {
        return switch (form) {
            case Form.Shape.ANY -> "a number";
            case Form.Shape.INTEGER -> "a whole number";
            case Form.Shape.DECIMAL -> "a decimal number";
            case Form.Shape.FRACTION -> "a fraction; it need not be in lowest terms";
            case Form.Shape.FRACTION_LOWEST -> "a fraction in lowest terms";
            case Form.Shape.MIXED -> "a mixed number, or a whole number";
            case Form.Shape.PERCENT -> "a number with a percent sign";
            case Form.Shape.SCIENTIFIC -> "a number in scientific notation";
            case Form.Shape.PRIME_FACTORS -> "a product of primes";
            case Form.Shape.SIMPLEST_ROOTS -> "with roots as simple as possible";
            case Form.Rounded(int places, boolean percent) ->
                places == 0
                        ? "rounded to a whole number"
                        : "rounded to " + places + (places == 1 ? " place" : " places") + " after the point";
            default -> null;
        };
    }
}
