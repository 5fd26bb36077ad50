package littlesummit.core.skill;

/** Picks by tier of steepness. */
public final class Grounds {
    private Grounds() {}

    public static <T> T of(int tier, T gentle, T steady, T steep) {
        return tier == 1 ? gentle : tier == 2 ? steady : steep;
    }
}
