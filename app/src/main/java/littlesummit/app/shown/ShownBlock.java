package littlesummit.app.shown;

import java.util.List;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;

/** A piece of what is read. */
public sealed interface ShownBlock {
    record Text(String text) implements ShownBlock {}

    record Formula(String latex) implements ShownBlock {}

    record Table(List<String> head, List<List<String>> rows) implements ShownBlock {}

    record Picture(ShownScene scene) implements ShownBlock {}

    static List<ShownBlock> of(List<Block> blocks) {
        return blocks.stream().map(ShownBlock::of).toList();
    }

    private static ShownBlock of(Block block) {
        return switch (block) {
            case Block.Text(String text) -> new Text(text);
            case Block.Formula(String latex) -> new Formula(latex);
            case Block.Table(List<String> head, List<List<String>> rows) -> new Table(head, rows);
            case Block.Picture(Figure figure) -> new Picture(ShownScene.of(figure));
        };
    }
}
