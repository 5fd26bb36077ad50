package littlesummit.app.content;

import java.util.List;
import littlesummit.core.item.Block;

/** A piece of what is read, as it is kept and sent. */
public sealed interface BlockDto {
    record Text(String text) implements BlockDto {}

    record Formula(String latex) implements BlockDto {}

    record Table(List<String> head, List<List<String>> rows) implements BlockDto {}

    record Picture(FigureDto figure) implements BlockDto {}

    static List<BlockDto> of(List<Block> blocks) {
        return blocks.stream().map(BlockDto::of).toList();
    }

    private static BlockDto of(Block block) {
        return switch (block) {
            case Block.Text(String text) -> new Text(text);
            case Block.Formula(String latex) -> new Formula(latex);
            case Block.Table(List<String> head, List<List<String>> rows) -> new Table(head, rows);
            case Block.Picture(var figure) -> new Picture(FigureDto.of(figure));
        };
    }

    static List<Block> toCore(List<BlockDto> blocks) {
        return blocks.stream().map(BlockDto::toCore).toList();
    }

    private static Block toCore(BlockDto block) {
        return switch (block) {
            case Text(String text) -> new Block.Text(text);
            case Formula(String latex) -> new Block.Formula(latex);
            case Table(List<String> head, List<List<String>> rows) -> new Block.Table(head, rows);
            case Picture(FigureDto figure) -> new Block.Picture(figure.toCore());
        };
    }
}
