package littlesummit.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;

/** Everything that a reader of items needs, keys and pictures too. */
final class ItemJson {
    private ItemJson() {}

    private static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }

    static ObjectNode of(Item item) {
        ObjectNode node = object();
        String seed = String.valueOf(item.ref().seed());
        node.put(
                "id",
                item.ref().skill() + "-" + item.ref().tier() + "-" + item.ref().variant() + "-" + seed);
        node.put("skill", item.ref().skill())
                .put("tier", item.ref().tier())
                .put("seed", seed)
                .put("variant", item.ref().variant())
                .put("version", item.ref().version())
                .put("given", item.given())
                .put("calculator", item.calculator())
                .put("stem", stem(item.stem()));
        figure(item).ifPresent(f -> node.set("figure", figure(f)));
        ArrayNode parts = node.putArray("parts");
        item.parts().forEach(p -> parts.add(part(p)));
        ArrayNode worked = node.putArray("worked");
        item.worked().forEach(step -> worked.addObject().put("say", step.say()).put("math", step.math()));
        item.second().ifPresent(second -> {
            ObjectNode other =
                    node.putObject("second").put("title", second.title()).put("text", stem(second.blocks()));
            pictures(second.blocks()).findFirst().ifPresent(f -> other.set("figure", figure(f)));
        });
        return node;
    }

    private static String stem(List<Block> blocks) {
        StringBuilder text = new StringBuilder();
        for (Block block : blocks) {
            text.append(text.isEmpty() ? "" : "\n")
                    .append(
                            switch (block) {
                                case Block.Text(String t) -> t;
                                case Block.Formula(String latex) -> "$" + latex + "$";
                                case Block.Table(var head, var rows) ->
                                    String.join(" | ", head)
                                            + rows.stream()
                                                    .map(r -> "\n" + String.join(" | ", r))
                                                    .reduce("", String::concat);
                                case Block.Picture(Figure figure) -> "[" + figure.alt() + "]";
                            });
        }
        return text.toString();
    }

    private static Stream<Figure> pictures(List<Block> blocks) {
        return blocks.stream()
                .flatMap(b -> b instanceof Block.Picture(Figure figure) ? Stream.of(figure) : Stream.empty());
    }

    private static Optional<Figure> figure(Item item) {
        return pictures(item.stem()).findFirst().or(() -> item.parts().stream()
                .filter(p -> p.layout() instanceof Layout.OnFigure)
                .map(p -> ((Layout.OnFigure) p.layout()).figure())
                .findFirst());
    }

    private static ObjectNode figure(Figure figure) {
        ObjectNode node = JsonLines.JSON.valueToTree(figure);
        return object().put("kind", figure.getClass().getSimpleName())
                .put("alt", figure.alt())
                .setAll(node);
    }

    private static ObjectNode part(Part part) {
        ObjectNode node = object().put("prompt", part.prompt());
        node.set("layout", layout(part.layout()));
        ArrayNode fields = node.putArray("fields");
        part.fields().forEach(f -> fields.add(field(f)));
        ArrayNode hints = node.putArray("hints");
        part.hints().forEach(hints::add);
        return node;
    }

    /** Where the fields stand: the sentence, formula or table with a place for each, or the picture. */
    private static ObjectNode layout(Layout layout) {
        ObjectNode node = object().put("kind", layout.getClass().getSimpleName());
        switch (layout) {
            case Layout.Stacked s -> {}
            case Layout.InSentence(String template) -> node.put("text", template);
            case Layout.InFormula(String template) -> node.put("text", "$" + template + "$");
            case Layout.InTable(List<String> head, List<List<String>> rows, boolean sums) ->
                node.put("text", stem(List.of(new Block.Table(head, rows)))).put("sums", sums);
            case Layout.OnFigure(Figure figure) -> node.set("figure", figure(figure));
        }
        return node;
    }

    /** What is drawn where one answers. */
    private static Optional<Figure> drawn(Response response) {
        return switch (response) {
            case Response.Shade(Figure.FractionPicture picture) -> Optional.of(picture);
            case Response.PlotPoint(Figure.Grid grid) -> Optional.of(grid);
            case Response.PlotLine(Figure.Grid grid) -> Optional.of(grid);
            case Response.SelectShapes(Figure.Shapes shapes) -> Optional.of(shapes);
            case Response.MarkOnLine(Figure.NumberLine line) -> Optional.of(line);
            case Response.RayOnLine(Figure.NumberLine line, String letter) -> Optional.of(line);
            case Response.LayUnits(Figure.Measured object) -> Optional.of(object);
            default -> Optional.empty();
        };
    }

    private static ObjectNode option(Option option) {
        ObjectNode node = object().put("id", option.id())
                .put("text", option.figure().map(Figure::alt).orElse(option.text()));
        option.figure().ifPresent(f -> node.set("figure", figure(f)));
        return node;
    }

    private static ObjectNode field(Field field) {
        ObjectNode node = object().put("id", field.id())
                .put("label", field.label())
                .put("kind", field.answer().kind().code())
                .put("form", field.answer().form().code())
                .put("expected", field.answer().key());
        if (!field.answer().suffix().isEmpty()) {
            node.put("suffix", field.answer().suffix());
        }
        if (!field.answer().letters().isEmpty()) {
            ArrayNode letters = node.putArray("variables");
            field.answer().letters().stream().sorted().forEach(letters::add);
        }
        List<Option> options = field.response().options();
        if (!field.answer().options().isEmpty()) {
            ArrayNode list = node.putArray("options");
            if (options.isEmpty()) {
                field.answer().options().stream().sorted().forEach(id -> list.addObject()
                        .put("id", id));
            }
            options.forEach(o -> list.add(option(o)));
        }
        node.put("wanted", field.wanted())
                .put("response", field.response().getClass().getSimpleName());
        drawn(field.response()).ifPresent(f -> node.set("figure", figure(f)));
        ArrayNode mistakes = node.putArray("mistakes");
        field.mistakes().forEach(m -> mistakes.addObject()
                .put("entry", m.entry())
                .put("slip", m.slip())
                .put("message", m.message()));
        return node;
    }
}
