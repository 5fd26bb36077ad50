package littlesummit.app.paper;

import littlesummit.core.paper.SheetState.Trial;

/** How an item of a sheet stands, as it is kept and sent; see {@link Trial}. */
enum TrialDto {
    OPEN,
    RIGHT,
    MISSED,
    ON_PAPER;

    static TrialDto of(Trial core) {
        return switch (core) {
            case OPEN -> OPEN;
            case RIGHT -> RIGHT;
            case MISSED -> MISSED;
            case ON_PAPER -> ON_PAPER;
        };
    }

    Trial toCore() {
        return switch (this) {
            case OPEN -> Trial.OPEN;
            case RIGHT -> Trial.RIGHT;
            case MISSED -> Trial.MISSED;
            case ON_PAPER -> Trial.ON_PAPER;
        };
    }
}
