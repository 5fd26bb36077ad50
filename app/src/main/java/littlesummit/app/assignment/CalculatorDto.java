package littlesummit.app.assignment;

import littlesummit.core.practice.Policy;

/** Where the calculator is allowed, as it is kept and sent; see {@link Policy.Calculator}. */
public enum CalculatorDto {
    NEVER,
    AS_ITEM,
    ALWAYS;

    public static CalculatorDto of(Policy.Calculator core) {
        return switch (core) {
            case NEVER -> NEVER;
            case AS_ITEM -> AS_ITEM;
            case ALWAYS -> ALWAYS;
        };
    }

    public Policy.Calculator toCore() {
        return switch (this) {
            case NEVER -> Policy.Calculator.NEVER;
            case AS_ITEM -> Policy.Calculator.AS_ITEM;
            case ALWAYS -> Policy.Calculator.ALWAYS;
        };
    }
}
