package littlesummit.core.math;

import java.util.Optional;

/** Exact numbers, irrational ones too, as decimals. */
public final class Rounding {
    private Rounding() {}

    /**
     * A tie goes away from zero.
     *
     * @param places digits after the point
     */
    public static Rational halfUp(RationalFunction constant, int places) {
        Optional<Rational> rational = constant.asRational();
        return rational.isPresent() ? rational.get().roundHalfUp(places) : Enclosure.decimal(constant, places, false);
    }

    /** Cut off toward zero. */
    public static Rational truncated(RationalFunction constant, int places) {
        Optional<Rational> rational = constant.asRational();
        return rational.isPresent() ? rational.get().truncate(places) : Enclosure.decimal(constant, places, true);
    }
}
