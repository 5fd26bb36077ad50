package littlesummit.app.shown;

import java.util.List;
import java.util.Optional;
import littlesummit.core.item.SecondView;

/** Another way of explaining the same solution. */
public record ShownSecondView(String title, List<ShownBlock> blocks) {
    public static Optional<ShownSecondView> of(Optional<SecondView> second) {
        return second.map(s -> new ShownSecondView(s.title(), ShownBlock.of(s.blocks())));
    }
}
