package littlesummit.core.template;

import java.util.List;

/** A piece of an item that is read already and made anew for each item. */
@FunctionalInterface
interface Made<T> {
    /** @throws Unmade where the numbers of the item do not allow it */
    T make(Making making);

    static <T> List<T> all(List<Made<T>> pieces, Making making) {
        return pieces.stream().map(piece -> piece.make(making)).toList();
    }
}
