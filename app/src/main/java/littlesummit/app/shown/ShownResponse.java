package littlesummit.app.shown;

import java.util.List;
import littlesummit.core.figure.Scenes;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Response;

/** How a field is answered. */
public sealed interface ShownResponse {
    record Typed(List<String> palette) implements ShownResponse {}

    record ChooseOne(List<ShownOption> options) implements ShownResponse {}

    record ChooseAll(List<ShownOption> options) implements ShownResponse {}

    record PickFromList(List<ShownOption> options) implements ShownResponse {}

    record DropLabel(List<ShownOption> labels) implements ShownResponse {}

    record PutInOrder(List<ShownOption> options) implements ShownResponse {}

    /**
     * @param rows digits and points of the numbers above, column by column; empty where there is none
     * @param points for each column whether it is that of the point
     */
    record WriteInColumns(List<List<String>> rows, String sign, List<Boolean> points) implements ShownResponse {}

    record MarkOnLine(ShownScene scene) implements ShownResponse {}

    record RayOnLine(ShownScene scene) implements ShownResponse {}

    /** @param partsOfOne that one whole is cut into */
    record Shade(ShownScene scene, int partsOfOne) implements ShownResponse {}

    record PlotPoint(ShownScene scene) implements ShownResponse {}

    record PlotLine(ShownScene scene) implements ShownResponse {}

    record SelectShapes(ShownScene scene, List<ShapeChoice> shapes) implements ShownResponse {}

    record ShapeChoice(String id, ShownScene scene) {}

    /** @param unit that is laid along the object */
    record LayUnits(ShownScene scene, String unit) implements ShownResponse {}

    record InkWords() implements ShownResponse {}

    record Said() implements ShownResponse {}

    static ShownResponse of(Response response) {
        return switch (response) {
            case Response.Typed(var palette) -> new Typed(palette);
            case Response.ChooseOne(var options) -> new ChooseOne(ShownOption.of(options));
            case Response.ChooseAll(var options) -> new ChooseAll(ShownOption.of(options));
            case Response.PickFromList(var options) -> new PickFromList(ShownOption.of(options));
            case Response.DropLabel(var labels) -> new DropLabel(ShownOption.of(labels));
            case Response.PutInOrder(var options) -> new PutInOrder(ShownOption.of(options));
            case Response.WriteInColumns columns ->
                new WriteInColumns(columns.rows(), columns.sign(), columns.points());
            case Response.MarkOnLine(var line) -> new MarkOnLine(ShownScene.of(Scenes.toMark(line)));
            case Response.RayOnLine(var line, String letter) -> new RayOnLine(ShownScene.of(Scenes.toMark(line)));
            case Response.Shade(var picture) ->
                new Shade(ShownScene.of(picture), picture.cuts().size());
            case Response.PlotPoint(var grid) -> new PlotPoint(ShownScene.of(grid));
            case Response.PlotLine(var grid) -> new PlotLine(ShownScene.of(grid));
            case Response.SelectShapes(var shapes) ->
                new SelectShapes(
                        ShownScene.of(shapes),
                        shapes.items().stream().map(ShownResponse::choice).toList());
            case Response.LayUnits(var object) -> new LayUnits(ShownScene.of(object), object.unit());
            case Response.InkWords() -> new InkWords();
            case Response.Said() -> new Said();
        };
    }

    private static ShapeChoice choice(Figure.Polygon shape) {
        return new ShapeChoice(shape.id(), ShownScene.of(Scenes.of(shape)));
    }
}
