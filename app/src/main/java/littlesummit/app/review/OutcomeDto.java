package littlesummit.app.review;

import littlesummit.core.practice.Outcome;

/** How an item of a set ended, as it is kept and sent; see {@link Outcome}. */
enum OutcomeDto {
    UNAIDED_FIRST,
    UNAIDED_LATER,
    AIDED,
    MISSED;

    static OutcomeDto of(Outcome core) {
        return switch (core) {
            case UNAIDED_FIRST -> UNAIDED_FIRST;
            case UNAIDED_LATER -> UNAIDED_LATER;
            case AIDED -> AIDED;
            case MISSED -> MISSED;
        };
    }

    Outcome toCore() {
        return switch (this) {
            case UNAIDED_FIRST -> Outcome.UNAIDED_FIRST;
            case UNAIDED_LATER -> Outcome.UNAIDED_LATER;
            case AIDED -> Outcome.AIDED;
            case MISSED -> Outcome.MISSED;
        };
    }
}
