package littlesummit.core.working;

/**
 * Known ways in which a line goes wrong, and what to say about each. The sentences are ours; that the slips are common
 * is a fact of the trade.
 */
public enum Slip {
    SIGN_KEPT(
            "sign-kept-when-a-term-changes-sides",
            "A term has changed sides and kept its sign. What is added on one side is taken away on the other."),
    HALF_DISTRIBUTED(
            "half-distributed",
            "It looks as if only part of the bracket was multiplied. The factor belongs to every term inside."),
    ONE_SIDE_ONLY("one-side-only", "It looks as if only one side was changed. Do the same to all of both sides."),
    RECIPROCAL_NOT_TAKEN(
            "reciprocal-not-taken",
            "To divide by a fraction, multiply by the fraction turned over; to undo a factor, divide by it."),
    UNLIKE_TERMS("unlike-terms-combined", "Terms of different kinds were put together. Only like terms can be added."),
    EXPONENTS_MULTIPLIED(
            "exponents-multiplied",
            "The exponents look multiplied. When powers of the same base are multiplied, their exponents are added."),
    EXPONENTS_ADDED(
            "exponents-added",
            "The exponents look added. When a power is raised once more, the exponents are multiplied."),
    EXPONENTS_DIVIDED(
            "exponents-divided",
            "The exponents look divided. When powers of the same base are divided, their exponents are subtracted."),
    NEGATIVE_EXPONENT(
            "negative-exponent-as-negative-number",
            "A negative exponent does not make a negative number: it puts the power below the line."),
    COEFFICIENT_NOT_RAISED(
            "coefficient-not-raised",
            "Everything inside the bracket is raised, the number in front of the letter too."),
    COEFFICIENT_RAISED_TOO(
            "coefficient-raised-too", "The exponent belongs only to what it stands on, not to the number in front."),
    COEFFICIENT_TIMES_EXPONENT(
            "coefficient-times-exponent",
            "It looks as if a number was multiplied by the exponent. A power multiplies it by itself."),
    ALTERNATE_SIGNS(
            "alternate-signs-lost", "In a power of a difference the signs alternate. Look at each sign once more."),
    CANCELLED_A_TERM(
            "cancelled-a-term",
            "Only a factor of the whole top and the whole bottom can be cancelled, not a single term."),
    ADDED_DENOMINATORS(
            "added-denominators",
            "It looks as if tops and bottoms were added each for itself. First bring both fractions to the same"
                    + " bottom."),
    WRONG_WHOLE("percent-of-the-wrong-whole", "Look at what the whole is here: of which number is the share taken?"),
    MIDDLE_TERM(
            "middle-term-forgotten",
            "A power of a sum has more terms than the powers of its parts: the mixed ones are missing."),
    POWER_OF_TEN(
            "wrong-power-of-ten", "The digits are right. Count the places again: the power of ten is not the same."),
    LOST_ROOT(
            "lost-root",
            "A solution of the line before is missing here. Dividing by what may be zero, or taking a root, can lose"
                    + " one."),
    EXTRA_ROOT(
            "extra-root",
            "This line has a solution that the line before does not have. Squaring both sides or clearing a bottom can"
                    + " bring one in."),
    DOMAIN_LOST(
            "domain-lost",
            "Not every number may stand here: what is under a root is never negative, and a bottom is never zero. Say"
                    + " so in this line, too."),
    INEQUALITY_NOT_TURNED(
            "inequality-not-turned",
            "When both sides are multiplied or divided by a negative number, the sign of the inequality turns round."),
    ORDER_OF_OPERATIONS(
            "order-of-operations",
            "It looks as if this was worked out from left to right. Multiplication and division come before addition"
                    + " and subtraction."),
    LOST_SIGN("lost-sign", "It looks as if a sign got lost or turned. Go through the signs one by one."),
    ARITHMETIC("arithmetic-slip", "The idea is fine, but a number does not come out. Work it out once more.");

    private final String code;
    private final String sentence;

    Slip(String code, String sentence) {
        this.code = code;
        this.sentence = sentence;
    }

    /** The name in files. */
    public String code() {
        return code;
    }

    /** What to say to the student; tells neither the next line nor the answer. */
    public String sentence() {
        return sentence;
    }
}
