package littlesummit.app.assignment;

import littlesummit.core.practice.Policy;

/** Whether work has to be shown, as it is kept and sent; see {@link Policy.Work}. */
public enum WorkDto {
    NONE,
    OPTIONAL,
    REQUIRED;

    public static WorkDto of(Policy.Work core) {
        return switch (core) {
            case NONE -> NONE;
            case OPTIONAL -> OPTIONAL;
            case REQUIRED -> REQUIRED;
        };
    }

    public Policy.Work toCore() {
        return switch (this) {
            case NONE -> Policy.Work.NONE;
            case OPTIONAL -> Policy.Work.OPTIONAL;
            case REQUIRED -> Policy.Work.REQUIRED;
        };
    }
}
