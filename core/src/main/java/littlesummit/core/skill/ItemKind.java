package littlesummit.core.skill;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;

/**
 * One question of a skill, asked in several frames of words. A student meets the frames in turn, see {@link KindSkill}.
 *
 * @param name stays as it is: it is kept with the items that were given out
 * @param frames sentences with places for what is drawn, as {@link String#formatted} has them
 * @param maker makes the item
 */
public record ItemKind(String name, List<String> frames, Maker maker) {
    public ItemKind {
        frames = List.copyOf(frames);
        if (frames.isEmpty()) {
            throw new IllegalArgumentException("no frame for " + name);
        }
    }

    public static ItemKind of(String name, Maker maker, String... frames) {
        return new ItemKind(name, List.of(frames), maker);
    }

    /** Makes an item in one frame. */
    @FunctionalInterface
    public interface Maker {
        Item make(ItemRef ref, String frame, Draw draw);
    }
}
