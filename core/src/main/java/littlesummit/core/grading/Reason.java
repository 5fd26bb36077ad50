package littlesummit.core.grading;

import java.util.Locale;

/**
 * Why an entry is not simply right, with what to do about it, said to a ten-year-old. No message contains an answer.
 */
public enum Reason {
    // Right value, another form
    INTEGER_WANTED("Write it as a whole number, without a fraction or a calculation."),
    DIGITS_WANTED("Write the number in digits."),
    WORK_OUT("write-as-fraction", "Work it out and write the number itself."),
    WORK_OUT_DECIMAL("write-as-decimal", "Work it out and write the number itself."),
    WRITE_AS_FRACTION("Write it as a fraction: one whole number over another."),
    NOT_LOWEST_TERMS("The top and the bottom still share a factor. Divide both by it."),
    IMPROPER_WANTED("Write it as one fraction, with no whole number in front."),
    DENOMINATOR_ONE("A fraction over 1 is a whole number. Write just that."),
    TWO_MINUS_SIGNS("Two minus signs cancel. Write it without them."),
    MIXED_WANTED("Write it as a mixed number: a whole number and a fraction side by side, like 3 1/4."),
    FRACTION_PART_TOO_LARGE("The fraction part is still one whole or more. Move the wholes to the front."),
    WRITE_AS_DECIMAL("Write it as a decimal number, with a point and no fraction."),
    NOT_ROUNDED("There are more digits than asked. Round to the places asked for."),
    ROUNDED_TOO_FAR("Rounded too far. Keep as many places as asked."),
    WRITE_AS_PERCENT("Write it as a percent, out of a hundred."),
    PERCENT_SIGN_MISSING("Put the percent sign behind the number."),
    NOT_SCIENTIFIC("Write it as a number times a power of ten, like 3.1 x 10^5."),
    COEFFICIENT_RANGE(
            "The number in front must be at least 1 and less than 10. Move its point and let the exponent follow."),
    NOT_NUMERAL("Write it out with plain digits, without powers or fractions."),
    USE_EXPONENTS("Gather equal factors into one power."),
    NOT_PRIME("One of the factors is not a prime number. Break it down further."),
    PRODUCT_WANTED("Write it as a product of prime numbers."),
    POWER_WANTED("Write it as one power: a base with an exponent that is not 1."),
    LIKE_TERMS("Some terms are alike. Put them together."),
    NOT_EXPANDED("There are brackets or products left. Multiply them out."),
    FACTOR_FURTHER("One of the factors comes apart further. Keep going."),
    NOT_FACTORED("Write it as a product of factors."),
    SINGLE_FRACTION_WANTED("Write it as one fraction: one top and one bottom, without a fraction inside."),
    COMMON_FACTOR("The top and the bottom still share a factor. Cancel it."),
    NEGATIVE_EXPONENT("Write it without negative exponents."),
    ROOT_COMES_OUT("A factor of the number under the root can still come out."),
    ROOT_BELOW_THE_LINE("No root may stay below the line. Multiply above and below by what takes it away."),
    FRACTION_UNDER_THE_ROOT("root-comes-out", "A whole number belongs under the root. Take the root above and below."),
    WORK_OUT_UNDER_THE_ROOT("root-comes-out", "Work out the number under the root first."),
    ROOTS_APART("root-comes-out", "Two roots are multiplied here. Put their numbers under one root."),
    ROOT_WANTED("Write it with a sign of a root."),
    SOLVED_WANTED("Put the letter asked for alone on one side."),
    INTERVAL_WANTED("Write it with intervals, like (2, 5] or (-inf, 3) U (3, inf)."),
    INEQUALITY_WANTED("Write it with signs such as < or <= and the letter."),
    UNIT_MISSING("Add the unit: a number alone does not say how much it is."),
    WRONG_UNIT("The amount is right. Give it in the unit asked for."),

    // Another value, with a slip that shows
    SIGN("Look at the sign: yours is the opposite."),
    RECIPROCAL("It looks as if top and bottom have changed places."),
    RATIO_LOWEST("not-lowest-terms", "The numbers of the ratio still share a factor. Divide all of them by it."),
    SWAPPED("It looks as if the two numbers have changed places."),
    DIVIDED_THE_OTHER_WAY("reciprocal", "It looks as if you divided the other way round."),
    POWER_OF_TEN("The digits are right, but not their place. Check the exponent of the ten."),
    DIGIT_PLACES("power-of-ten", "The digits are right, but not their place. Check the zeros and the decimal point."),
    PERCENT_SIGN_EXTRA("The number alone is asked for here. The percent sign makes it a hundredth of that."),
    TRUNCATED("The digits were cut off. Look at the next digit before you round."),
    MISSING_ELEMENT("What you have is right, but something is missing. Look for more."),
    ELEMENT_WRONG("missing-element", "Not all of these are right. Check each of yours."),
    NO_ELEMENT("missing-element", "There is something to find. Look once more."),
    EXTRA_ELEMENT("There are too many. Check each of yours."),
    ORDER_NOT_WHOLE("Put all of them in order, each once."),
    ORDER_REVERSED("That is the other way round. Look where it has to begin."),
    ORDER_SWAPPED("Nearly: two that stand side by side have changed places."),
    CHOICE_MISSING("missing-element", "What you chose fits, but it is not all. Look for more."),
    CHOICE_EXTRA(
            "extra-element", "You chose everything that fits, and something that does not. Look at each one again."),
    CHOICE_MIXED(
            "missing-element",
            "Something that you chose does not fit, and something that fits is missing. Look at each one again."),
    OTHER_KIND_OF_UNIT("Your unit measures something else than what is asked for."),
    OTHER_UNIT("The number and the unit do not fit together. Look at the unit that you wrote."),
    OTHER_VALUE("This is another value. Look at your own work once more, line by line."),

    // Not read
    BLANK("Nothing is entered yet."),
    TOO_LONG("This is longer than 500 characters. Shorten it."),
    FEW_WORDS("Say it in a few words, in a sentence that somebody else understands."),
    TOO_DEEP("Too many brackets inside one another. Simplify it."),
    TOO_LARGE("This is too large to be worked with. Check the exponents and the number of digits."),
    SYNTAX("This could not be read from the marked place on."),
    INCOMPLETE("Something is missing at the marked place."),
    NOT_CLOSED("A bracket is open and not closed."),
    UNKNOWN_VARIABLE("The letter at the marked place does not belong here."),
    WORD("unknown-variable", "Words are not read here. Type the answer without them, and numbers in digits."),
    LARGE_LETTER("unknown-variable", "The letter at the marked place is written small here."),
    TWO_NUMBERS("Two numbers stand side by side. Put a sign between them, or remove the space."),
    NUMBER_BEHIND_LETTER(
            "two-numbers",
            "A number stands behind a letter. To multiply write it before the letter, as in 2x; for a power write"
                    + " x^2."),
    TWO_POINTS(
            "two-numbers", "A number has one point at most, before its decimals. Leave out points between thousands."),
    REPEATING_OR_TIMES(
            "This can be read in two ways. Put a sign of multiplication before the bracket, or write digits that"
                    + " repeat with three dots behind, like 0.31818..."),
    FUNCTION_WITHOUT_BRACKETS(
            "It is not clear how far the function reaches. Put brackets around what it is taken of, like sin(x/2) or"
                    + " sin(x)/2."),
    DEGREE_SIGN("An angle without a sign is taken in radians. For degrees write the sign behind it, like sin(30°)."),
    RATIO_WANTED("Write all numbers of the ratio with colons between them, like 2 : 5."),
    BASE_KNOWN("Write the digits alone: the base is known here."),
    MIXED_OR_MINUS(
            "Is this a mixed number, or is the fraction taken away? Put a space into a mixed number, like 3 1/4, and"
                    + " work a subtraction out."),
    COMMA_OR_POINT(
            "Does the comma stand before decimals, or between thousands? Write a point before decimals, and no comma"
                    + " between thousands."),
    SET_BY_RULE("A set given by a rule is not read here. Write its numbers one by one, or as an interval."),
    ABOUT("An exact answer is asked for here. Write it alone, without “about” or ≈."),
    MATRIX("Matrices are not read here."),
    SUM_SIGN("This sum or product cannot be read here. Its bounds are whole numbers, as in ∑_{k=1}^{5} k; else write"
            + " out the terms, or the value."),
    INTEGRAL("Integral signs are not read here. Write what comes out."),
    LIMIT("Limits are not read here. Write what comes out."),
    PIECES("Functions given in pieces are not read here."),
    VECTOR("Arrows and angles are not read here. Write coordinates in round brackets, like (3, -2)."),
    CONGRUENCE("Congruences are not read here."),
    CURRENCY("This currency is not read here. Write the amount without it."),
    REMAINDER("A quotient with a remainder is not read here."),
    DIGIT_MISSING("A digit is missing. Fill the columns from the right, without a gap."),
    RAY_NOT_WHOLE("The ray is not whole yet. It has an end, which belongs to it or not, and it runs one way."),
    CALENDAR("Days of the calendar are not read here."),
    CLOCK("Times of day are not read here."),
    DIRECTION("It looks as if the sign points the other way."),
    BOUNDARY("Does the boundary belong to it? Look at the sign once more."),
    ONE_INEQUALITY_WANTED("Type one inequality, like y < 2x + 1."),
    REMAINDER_WANTED("Type the quotient, an R, and what remains, like 7 R 2."),
    REMAINDER_MISSING("Something remains. Write it behind the quotient, like 7 R 2."),
    REMAINDER_TOO_LARGE("The divisor goes into your remainder once more."),
    TIME_WANTED("Type a time of day, like 14:30 or 2:30 p.m."),
    AM_OR_PM("Say whether it is before or after noon: write a.m. or p.m., or count the hours to 24."),
    DATE_WANTED("Type one day of the calendar, like 24 December."),
    NO_SUCH_DAY("The calendar has no such day."),
    DAY_OR_MONTH("Two days can be meant by this. Write the month as a word."),
    YEAR_WANTED("Type the year, too."),
    YEAR_EXTRA("Type the day and the month alone, without a year."),
    A_DAY_OFF("That is one day off. Think whether the first day counts."),
    HALF_A_DAY("It looks as if a.m. and p.m. have changed places."),
    CARTESIAN_WANTED("Write it as a + bi: one number without i, and one multiple of i."),
    COMPLEX_WANTED("Type one complex number, like 3 + 2i."),
    CONJUGATE("It looks as if the sign before i has changed."),
    MATRIX_WANTED("Type the rows in brackets, like [[1, 2], [3, 4]]."),
    MATRIX_SIZE("Your matrix has another number of rows or columns."),
    TRANSPOSED("It looks as if rows and columns have changed places."),
    PIECES_WANTED("Give each rule with its condition, like x^2 if x < 0; 2x if x >= 0."),
    PIECES_OVERLAP("Two of your rules give different values for the same number. Look where the conditions meet."),
    PIECE_MISSING("missing-element", "Your rules fit, but some numbers have none yet. Look at the conditions."),
    PIECES_SWAPPED("swapped", "It looks as if the rules have changed places."),
    RULE("The conditions are right. Check each rule."),
    OTHER_CURRENCY("This is another currency than the one asked for."),
    UNKNOWN_UNIT("The unit at the marked place is not known here."),
    NUMBER_MISSING("Write the number before the unit."),
    SIGN_TWICE("The same sign stands there twice. Write it once."),
    DECIMAL_POINT("one-number-wanted", "Type one number, with a point before the decimals, like 3.5, and not a comma."),
    VALUE_ONLY("Type the value only, without an equals sign or a letter."),
    EQUATION_WANTED("Type an equation, with an equals sign between two sides."),
    EXPRESSION_WANTED("Type one expression, without a relation sign and without commas."),
    ONE_NUMBER_WANTED("Type one number."),
    PAIR_WANTED("Type two numbers with a comma between them, like (2, 5)."),
    COORDINATES_WANTED("pair-wanted", "Type every coordinate, with commas between them, like (2, 5, 1)."),
    NUMBERS_WANTED("Type the numbers with commas between them, or none."),
    DOMAIN_WANTED("Type intervals or inequalities, like (-inf, 4) or x < 4."),
    AND_OR_OR("Say \"and\" or \"or\" between the parts, or join intervals with U."),
    INTERVAL_ORDER("An interval goes from the smaller number to the larger one."),
    INFINITY_OPEN("Infinity is never reached: put a round bracket beside it."),
    UNDEFINED("This has no value: it divides by zero or takes a root that does not exist."),
    NOT_SUPPORTED("This cannot be compared here. Write it in a simpler way."),
    UNKNOWN_OPTION("Choose from the options shown.");

    private final String code;
    private final String message;

    Reason(String message) {
        this.code = name().toLowerCase(Locale.ROOT).replace('_', '-');
        this.message = message;
    }

    /** @param code of the reason that this is another wording of */
    Reason(String code, String message) {
        this.code = code;
        this.message = message;
    }

    /** The name in files, such as {@code not-lowest-terms}. Reasons that differ in their wording alone share it. */
    public String code() {
        return code;
    }

    public String message() {
        return message;
    }
}
