package littlesummit.app.content;

import java.util.List;
import java.util.Optional;
import littlesummit.core.item.SecondView;

/** Another way of explaining the same solution, as it is kept and sent. */
public record SecondViewDto(String title, List<BlockDto> blocks) {
    public static Optional<SecondViewDto> of(Optional<SecondView> second) {
        return second.map(s -> new SecondViewDto(s.title(), BlockDto.of(s.blocks())));
    }

    SecondView toCore() {
        return new SecondView(title, BlockDto.toCore(blocks));
    }
}
