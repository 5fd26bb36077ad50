package littlesummit.core.math;

import java.util.Arrays;
import java.util.Optional;

/** A function that is written by its name. */
public enum Fn {
    SIN("sin", "the sine of"),
    COS("cos", "the cosine of"),
    TAN("tan", "the tangent of"),
    COT("cot", "the cotangent of"),
    SEC("sec", "the secant of"),
    CSC("csc", "the cosecant of"),
    ARCSIN("arcsin", "the arc sine of"),
    ARCCOS("arccos", "the arc cosine of"),
    ARCTAN("arctan", "the arc tangent of"),
    SINH("sinh", "the hyperbolic sine of"),
    COSH("cosh", "the hyperbolic cosine of"),
    TANH("tanh", "the hyperbolic tangent of"),
    /** To the base e. */
    LN("ln", "the natural logarithm of"),
    /** To a base, which is the first of two arguments, or to the base ten. */
    LOG("log", "the logarithm of"),
    FACTORIAL("!", "factorial"),
    /** How many ways there are to choose the second from the first. */
    BINOMIAL("C", "choose"),
    GCD("gcd", "the greatest common divisor of"),
    LCM("lcm", "the least common multiple of");

    private final String name;
    private final String spoken;

    Fn(String name, String spoken) {
        this.name = name;
        this.spoken = spoken;
    }

    /** As it is typed. */
    public String symbol() {
        return name;
    }

    String spoken() {
        return spoken;
    }

    /** What stands before its argument as a word, other spellings included; neither n! nor C(n, k). */
    static Optional<Fn> named(String word) {
        String usual =
                switch (word) {
                    case "lg" -> "log";
                    case "asin" -> "arcsin";
                    case "acos" -> "arccos";
                    case "atan" -> "arctan";
                    case "cosec" -> "csc";
                    case "hcf", "gcf" -> "gcd";
                    default -> word;
                };
        return Arrays.stream(values())
                .filter(fn -> fn != FACTORIAL && fn != BINOMIAL && fn.name.equals(usual))
                .findFirst();
    }

    /** The inverse, written sin^-1; empty where that is not usual. */
    Optional<Fn> inverse() {
        return switch (this) {
            case SIN -> Optional.of(ARCSIN);
            case COS -> Optional.of(ARCCOS);
            case TAN -> Optional.of(ARCTAN);
            default -> Optional.empty();
        };
    }

    /** Whether it takes several arguments with commas between them. */
    boolean takesList() {
        return this == GCD || this == LCM || this == BINOMIAL;
    }
}
