package littlesummit.core.proof;

import java.util.List;
import java.util.stream.Collectors;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;

/** What a student reads of an item before answering. */
public final class ItemTexts {
    private ItemTexts() {}

    /** Stem and questions. */
    public static String read(Item item) {
        return item.stem().stream().map(ItemTexts::text).collect(Collectors.joining("\n"))
                + item.parts().stream().map(Part::prompt).toList();
    }

    /** The same with what is shown to choose from, to draw on or to write in. */
    public static String seen(Item item) {
        return read(item)
                + item.parts().stream()
                        .map(part -> part.layout().toString()
                                + part.fields().stream()
                                        .map(field -> shown(field.response()))
                                        .toList())
                        .toList();
    }

    /** Options in whatever order are the same options. */
    private static String shown(Response response) {
        return switch (response) {
            case Response.Typed t -> "";
            case Response.InkWords w -> "";
            case Response.Said s -> "";
            case Response.SelectShapes(var shapes) ->
                shapes.items().stream()
                        .map(shape -> shape.called("").toString())
                        .sorted()
                        .toList()
                        .toString();
            default ->
                response.options().isEmpty()
                        ? response.toString()
                        : response.options().stream()
                                .map(option -> option.text() + option.figure())
                                .sorted()
                                .toList()
                                .toString();
        };
    }

    static String text(Block block) {
        return switch (block) {
            case Block.Text(String text) -> text;
            case Block.Formula(String latex) -> latex;
            case Block.Table(List<String> head, List<List<String>> rows) -> head + " " + rows;
            case Block.Picture(var figure) -> figure.toString();
        };
    }

    /** With every number blotted out: what is left is the kind of item. */
    public static String blotted(String text) {
        return text.replaceAll("\\d+(\\{,\\}\\d+)*", "#").replaceAll("#(, #)+", "#");
    }

    /** The variant without its frame: “bundle” of “bundle-2”. */
    static String kind(Item item) {
        String variant = item.ref().variant();
        int cut = variant.lastIndexOf('-');
        return cut < 0 ? variant : variant.substring(0, cut);
    }

    static String part(Item item, int index) {
        return kind(item) + ", parts[" + (index + 1) + "]";
    }
}
