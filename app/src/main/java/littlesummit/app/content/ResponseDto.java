package littlesummit.app.content;

import java.util.List;
import littlesummit.core.item.Response;

/** How a field is answered, as it is kept and sent. */
public sealed interface ResponseDto {
    record Typed(List<String> palette) implements ResponseDto {}

    record ChooseOne(List<OptionDto> options) implements ResponseDto {}

    record ChooseAll(List<OptionDto> options) implements ResponseDto {}

    record PickFromList(List<OptionDto> options) implements ResponseDto {}

    record DropLabel(List<OptionDto> labels) implements ResponseDto {}

    record PutInOrder(List<OptionDto> options) implements ResponseDto {}

    record WriteInColumns(List<String> numbers, String sign, int whole, int places) implements ResponseDto {}

    record MarkOnLine(FigureDto.NumberLine line) implements ResponseDto {}

    record RayOnLine(FigureDto.NumberLine line, String letter) implements ResponseDto {}

    record Shade(FigureDto.FractionPicture picture) implements ResponseDto {}

    record PlotPoint(FigureDto.Grid grid) implements ResponseDto {}

    record PlotLine(FigureDto.Grid grid) implements ResponseDto {}

    record SelectShapes(FigureDto.Shapes shapes) implements ResponseDto {}

    record LayUnits(FigureDto.Measured object) implements ResponseDto {}

    record InkWords() implements ResponseDto {}

    record Said() implements ResponseDto {}

    static ResponseDto of(Response response) {
        return switch (response) {
            case Response.Typed(var palette) -> new Typed(palette);
            case Response.ChooseOne(var options) -> new ChooseOne(OptionDto.of(options));
            case Response.ChooseAll(var options) -> new ChooseAll(OptionDto.of(options));
            case Response.PickFromList(var options) -> new PickFromList(OptionDto.of(options));
            case Response.DropLabel(var labels) -> new DropLabel(OptionDto.of(labels));
            case Response.PutInOrder(var options) -> new PutInOrder(OptionDto.of(options));
            case Response.WriteInColumns(var numbers, String sign, int whole, int places) ->
                new WriteInColumns(numbers, sign, whole, places);
            case Response.MarkOnLine(var line) -> new MarkOnLine(FigureDto.of(line));
            case Response.RayOnLine(var line, String letter) -> new RayOnLine(FigureDto.of(line), letter);
            case Response.Shade(var picture) -> new Shade(FigureDto.of(picture));
            case Response.PlotPoint(var grid) -> new PlotPoint(FigureDto.of(grid));
            case Response.PlotLine(var grid) -> new PlotLine(FigureDto.of(grid));
            case Response.SelectShapes(var shapes) -> new SelectShapes(FigureDto.of(shapes));
            case Response.LayUnits(var object) -> new LayUnits(FigureDto.of(object));
            case Response.InkWords() -> new InkWords();
            case Response.Said() -> new Said();
        };
    }

    default Response toCore() {
        return switch (this) {
            case Typed(var palette) -> new Response.Typed(palette);
            case ChooseOne(var options) -> new Response.ChooseOne(OptionDto.toCore(options));
            case ChooseAll(var options) -> new Response.ChooseAll(OptionDto.toCore(options));
            case PickFromList(var options) -> new Response.PickFromList(OptionDto.toCore(options));
            case DropLabel(var labels) -> new Response.DropLabel(OptionDto.toCore(labels));
            case PutInOrder(var options) -> new Response.PutInOrder(OptionDto.toCore(options));
            case WriteInColumns(var numbers, String sign, int whole, int places) ->
                new Response.WriteInColumns(numbers, sign, whole, places);
            case MarkOnLine(var line) -> new Response.MarkOnLine(FigureDto.toCore(line));
            case RayOnLine(var line, String letter) -> new Response.RayOnLine(FigureDto.toCore(line), letter);
            case Shade(var picture) -> new Response.Shade(FigureDto.toCore(picture));
            case PlotPoint(var grid) -> new Response.PlotPoint(FigureDto.toCore(grid));
            case PlotLine(var grid) -> new Response.PlotLine(FigureDto.toCore(grid));
            case SelectShapes(var shapes) -> new Response.SelectShapes(FigureDto.toCore(shapes));
            case LayUnits(var object) -> new Response.LayUnits(FigureDto.toCore(object));
            case InkWords() -> new Response.InkWords();
            case Said() -> new Response.Said();
        };
    }
}
