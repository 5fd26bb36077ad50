package littlesummit.core.math;

/**
 * Why a well-formed tree has no value that can be worked with. It stops a computation half-way and is turned into a
 * value where the computation was asked for; it is never shown as an error of the program.
 */
public final class MathProblem extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** What went wrong. */
    public enum Kind {
        /** A division by zero, zero to the power zero, an even root of a negative number: defined nowhere. */
        UNDEFINED,
        /** A number or polynomial beyond {@link Limits}. */
        TOO_LARGE,
        /** Nothing wrong with it, but outside what can be decided exactly here. */
        NOT_SUPPORTED
    }

    private final Kind kind;

    private MathProblem(Kind kind, String what) {
        super(what, null, false, false);
        this.kind = kind;
    }

    public Kind kind() {
        return kind;
    }

    static MathProblem undefined(String what) {
        return new MathProblem(Kind.UNDEFINED, what);
    }

    static MathProblem tooLarge(String what) {
        return new MathProblem(Kind.TOO_LARGE, what);
    }

    static MathProblem notSupported(String what) {
        return new MathProblem(Kind.NOT_SUPPORTED, what);
    }
}
