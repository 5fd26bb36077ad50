package littlesummit.core.item;

import java.util.List;

/** Another way of explaining the same solution, often with a picture. */
public record SecondView(String title, List<Block> blocks) {
    public SecondView {
        blocks = List.copyOf(blocks);
    }
}
