package littlesummit.content.code.measure;

import java.util.Arrays;

/** Units of mass, each a thousand times the one before it (SI Brochure, 9th edition, 2019; the tonne: table 8). */
enum MassUnit {
    MILLIGRAM("mg", 1),
    GRAM("g", 1_000),
    KILOGRAM("kg", 1_000_000),
    TONNE("t", 1_000_000_000);

    private final String sign;
    private final long milligrams;

    MassUnit(String sign, long milligrams) {
        this.sign = sign;
        this.milligrams = milligrams;
    }

    String sign() {
        return sign;
    }

    long milligrams() {
        return milligrams;
    }

    /** The largest in which an amount is at least one. */
    static MassUnit fitting(long amount) {
        return Arrays.stream(values())
                .filter(unit -> unit.milligrams <= amount)
                .reduce((smaller, larger) -> larger)
                .orElse(MILLIGRAM);
    }
}
