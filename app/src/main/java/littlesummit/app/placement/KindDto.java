package littlesummit.app.placement;

import littlesummit.core.placement.Evidence;

/** What came of an item of a check, as it is kept and sent; see {@link Evidence.Kind}. */
enum KindDto {
    RIGHT,
    WRONG,
    NEW;

    static KindDto of(Evidence.Kind core) {
        return switch (core) {
            case RIGHT -> RIGHT;
            case WRONG -> WRONG;
            case NEW -> NEW;
        };
    }

    Evidence.Kind toCore() {
        return switch (this) {
            case RIGHT -> Evidence.Kind.RIGHT;
            case WRONG -> Evidence.Kind.WRONG;
            case NEW -> Evidence.Kind.NEW;
        };
    }
}
