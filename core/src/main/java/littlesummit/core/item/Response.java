package littlesummit.core.item;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.core.grading.Reason;

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

    /** Things to put in order. Sends their ids in that order, separated by commas. */
    record PutInOrder(List<Option> options) implements Response {}

    /**
     * Digits to write in columns, below numbers that stand one below the other. Sends the number.
     *
     * @param numbers from the top, as they are written
     * @param sign what is done with them: +, − or ×
     * @param whole columns before the point
     * @param places columns behind it
     */
    record WriteInColumns(List<String> numbers, String sign, int whole, int places) implements Response {
        /** For each column whether it is that of the point. */
        public List<Boolean> points() {
            return IntStream.range(0, whole + (places == 0 ? 0 : places + 1))
                    .mapToObj(column -> column == whole)
                    .toList();
        }

        /** Digits and points of the numbers, column by column; empty where a number has none. */
        public List<List<String>> rows() {
            return numbers.stream().map(this::row).toList();
        }

        private List<String> row(String number) {
            int point = number.indexOf('.');
            int before = whole - (point < 0 ? number.length() : point);
            return IntStream.range(0, points().size())
                    .mapToObj(column -> column - before)
                    .map(i -> i < 0 || i >= number.length() ? "" : number.substring(i, i + 1))
                    .toList();
        }
    }

    /** Parts of a whole to shade. Sends shaded parts over parts of one whole. */
    record Shade(Figure.FractionPicture picture) implements Response {}

    /** A mark to place on a number line. Sends at which tick; {@link MarkedLine} makes the number. */
    record MarkOnLine(Figure.NumberLine line) implements Response {}

    /**
     * A ray to draw on a number line. Sends its way, end and tick; {@link MarkedLine} makes the inequality.
     *
     * @param letter that the inequality is about
     */
    record RayOnLine(Figure.NumberLine line, String letter) implements Response {}

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

    /** Words alone, read by a person. Sends the words. */
    record Said() implements Response {}

    /** The entry for the grader that stands for what the screen sent. */
    default String entryOf(String sent) {
        return switch (this) {
            case PlotLine p -> PlottedLine.equation(sent);
            case MarkOnLine(Figure.NumberLine line) -> MarkedLine.number(line, sent);
            case RayOnLine(Figure.NumberLine line, String letter) -> MarkedLine.inequality(line, letter, sent);
            default -> sent;
        };
    }

    /** What is missing of an answer that is begun and not whole: nothing can be graded then. */
    default Optional<Reason> missing(String sent) {
        return switch (this) {
            case WriteInColumns c when sent.contains("_") -> Optional.of(Reason.DIGIT_MISSING);
            case RayOnLine r when !sent.isBlank() && entryOf(sent).isEmpty() -> Optional.of(Reason.RAY_NOT_WHOLE);
            default -> Optional.empty();
        };
    }

    /** What the screen sends to answer so, the other way round; a line through points has no one way. */
    default String sentFor(String entry) {
        return switch (this) {
            case MarkOnLine(Figure.NumberLine line) -> MarkedLine.tick(line, entry);
            case RayOnLine(Figure.NumberLine line, String letter) -> MarkedLine.ray(line, letter, entry);
            default -> entry;
        };
    }

    /** The options to choose from; none where something is typed or drawn. */
    default List<Option> options() {
        return switch (this) {
            case ChooseOne(List<Option> options) -> options;
            case PickFromList(List<Option> options) -> options;
            case DropLabel(List<Option> labels) -> labels;
            case ChooseAll(List<Option> options) -> options;
            case PutInOrder(List<Option> options) -> options;
            case Typed t -> List.of();
            case WriteInColumns c -> List.of();
            case Shade s -> List.of();
            case MarkOnLine m -> List.of();
            case RayOnLine r -> List.of();
            case PlotPoint p -> List.of();
            case PlotLine p -> List.of();
            case SelectShapes s -> List.of();
            case LayUnits l -> List.of();
            case InkWords i -> List.of();
            case Said s -> List.of();
        };
    }

    /** Chance of being right by guessing, 0 to 1. */
    default double guessChance() {
        return switch (this) {
            case ChooseOne(List<Option> options) -> 1.0 / options.size();
            case PickFromList(List<Option> options) -> 1.0 / options.size();
            case DropLabel(List<Option> labels) -> 1.0 / labels.size();
            case ChooseAll(List<Option> options) -> 1.0 / ((1 << options.size()) - 1);
            case PutInOrder(List<Option> options) ->
                1.0 / IntStream.rangeClosed(1, options.size()).reduce(1, (a, b) -> a * b);
            case Typed t -> 0;
            case WriteInColumns c -> 0;
            case Shade s -> 0;
            case MarkOnLine m -> 0;
            case RayOnLine r -> 0;
            case PlotPoint p -> 0;
            case PlotLine p -> 0;
            case SelectShapes s -> 0;
            case LayUnits l -> 0;
            case InkWords i -> 0;
            case Said s -> 0;
        };
    }
}
