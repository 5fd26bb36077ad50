package littlesummit.app.assignment;

import littlesummit.core.practice.Policy;

/** When lines may be checked, as it is kept and sent; see {@link Policy.LineCheck}. */
public enum LineCheckDto {
    NEVER,
    AFTER_MISS,
    ALWAYS;

    public static LineCheckDto of(Policy.LineCheck core) {
        return switch (core) {
            case NEVER -> NEVER;
            case AFTER_MISS -> AFTER_MISS;
            case ALWAYS -> ALWAYS;
        };
    }

    public Policy.LineCheck toCore() {
        return switch (this) {
            case NEVER -> Policy.LineCheck.NEVER;
            case AFTER_MISS -> Policy.LineCheck.AFTER_MISS;
            case ALWAYS -> Policy.LineCheck.ALWAYS;
        };
    }
}
