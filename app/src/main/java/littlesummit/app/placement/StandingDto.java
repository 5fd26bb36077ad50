package littlesummit.app.placement;

import littlesummit.core.placement.Placement;

/** What a skill is after a check, as it is kept and sent; see {@link Placement.Standing}. */
enum StandingDto {
    KNOWN,
    READY,
    NOT_YET;

    static StandingDto of(Placement.Standing core) {
        return switch (core) {
            case KNOWN -> KNOWN;
            case READY -> READY;
            case NOT_YET -> NOT_YET;
        };
    }

    Placement.Standing toCore() {
        return switch (this) {
            case KNOWN -> Placement.Standing.KNOWN;
            case READY -> Placement.Standing.READY;
            case NOT_YET -> Placement.Standing.NOT_YET;
        };
    }
}
