package littlesummit.core.item;

import java.util.List;

/** How a field is answered. What it sends is always an entry in the syntax of the grader. */
public sealed interface Response {
    /**
     * A line to type.
     *
     * @param palette signs that this item may need; a rich field is shown when there are any
     */
    record Typed(List<String> palette) implements Response {}

    /** Sends the option's id. */
    record ChooseOne(List<Option> options) implements Response {}

    /** Sends ids separated by commas. */
    record ChooseAll(List<Option> options) implements Response {}

    /** A list to pick from inside a sentence; sends the option's id. */
    record PickFromList(List<Option> options) implements Response {}

    /** A label dragged to a place; the same labels serve all places of a part. Sends the label's id. */
    record DropLabel(List<Option> labels) implements Response {}

    /** Parts of a whole to shade. Sends shaded parts over parts of one whole. */
    record Shade(Figure.FractionPicture picture) implements Response {}

    /** Points to place on a grid. Sends a pair. */
    record PlotPoint(Figure.Grid grid) implements Response {}

    /** A line through two points to place. Sends the two pairs; {@link PlottedLine} makes the equation. */
    record PlotLine(Figure.Grid grid) implements Response {}

    /** Shapes to choose in a picture. Sends ids separated by commas. */
    record SelectShapes(Figure.Shapes shapes) implements Response {}

    /** Units to lay along an object. Sends how many units long it is. */
    record LayUnits(Figure.Measured object) implements Response {}

    /** Words to a picture on the page, both read by a person. Sends the words. */
    record InkWords() implements Response {}

    /** The entry for the grader that stands for what the screen sent. */
    default String entryOf(String sent) {
        return this instanceof PlotLine ? PlottedLine.equation(sent) : sent;
    }

    /** The options to choose from; none where something is typed or drawn. */
    default List<Option> options() {
        return switch (this) {
            case ChooseOne(List<Option> options) -> options;
            case PickFromList(List<Option> options) -> options;
            case DropLabel(List<Option> labels) -> labels;
            case ChooseAll(List<Option> options) -> options;
            case Typed t -> List.of();
            case Shade s -> List.of();
            case PlotPoint p -> List.of();
            case PlotLine p -> List.of();
            case SelectShapes s -> List.of();
            case LayUnits l -> List.of();
            case InkWords i -> List.of();
        };
    }

    /** Chance of being right by guessing, 0 to 1. */
    default double guessChance() {
        return switch (this) {
            case ChooseOne(List<Option> options) -> 1.0 / options.size();
            case PickFromList(List<Option> options) -> 1.0 / options.size();
            case DropLabel(List<Option> labels) -> 1.0 / labels.size();
            case ChooseAll(List<Option> options) -> 1.0 / ((1 << options.size()) - 1);
            case Typed t -> 0;
            case Shade s -> 0;
            case PlotPoint p -> 0;
            case PlotLine p -> 0;
            case SelectShapes s -> 0;
            case LayUnits l -> 0;
            case InkWords i -> 0;
        };
    }
}
