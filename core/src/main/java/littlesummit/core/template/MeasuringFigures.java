package littlesummit.core.template;

import java.util.Collections;
import java.util.List;
import littlesummit.core.item.Figure;

/** Reads figures of amounts: bars, parts of a whole, number lines, balances, scales and things to measure. */
final class MeasuringFigures {
    private static final int MOST_PARTS = 200;
    private final FigureKeys read;

    MeasuringFigures(FigureKeys read) {
        this.read = read;
    }

    Made<Figure> bar(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<String> total = read.text(keys, "total", "");
        Made<List<Figure.Piece>> pieces = read.list(keys, "pieces", "A piece of a bar", piece -> {
            Made<Double> size = read.number(piece, "size");
            Made<String> label = read.text(piece, "label", "");
            Made<Boolean> shaded = read.flag(piece, "shaded");
            String slot = piece.text("slot", "");
            return making -> new Figure.Piece(size.make(making), label.make(making), shaded.make(making), slot);
        });
        return making -> new Figure.Bar(alt.make(making), total.make(making), pieces.make(making));
    }

    Made<Figure> parts(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Figure.Shape shape = keys.text("shape", "bar").equals("circle") ? Figure.Shape.CIRCLE : Figure.Shape.BAR;
        Made<Integer> wholes = read.whole(keys, "wholes", 1);
        Made<Integer> count = read.whole(keys, "parts");
        Made<Integer> shaded = read.whole(keys, "shaded", 0);
        return making -> new Figure.FractionPicture(
                alt.make(making),
                shape,
                wholes.make(making),
                Collections.nCopies(Math.clamp(count.make(making), 1, MOST_PARTS), 1.0),
                shaded.make(making));
    }

    Made<Figure> numberLine(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<Double> from = read.number(keys, "from");
        Made<Double> to = read.number(keys, "to");
        Made<Double> step = read.number(keys, "step");
        Made<Boolean> endsOnly = read.flag(keys, "ends-only");
        Made<List<Figure.Mark>> marks = read.list(keys, "marks", "A mark on a line", mark -> {
            Made<Double> at = read.number(mark, "at");
            Made<String> label = read.text(mark, "label", "");
            Made<Boolean> open = read.flag(mark, "open");
            return making -> new Figure.Mark(at.make(making), label.make(making), open.make(making));
        });
        return making -> new Figure.NumberLine(
                alt.make(making),
                from.make(making),
                to.make(making),
                step.make(making),
                marks.make(making),
                endsOnly.make(making));
    }

    Made<Figure> balance(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<List<String>> left = read.texts(keys, "left");
        Made<List<String>> right = read.texts(keys, "right");
        Made<Boolean> level = read.flag(keys, "level");
        return making ->
                new Figure.Balance(alt.make(making), left.make(making), right.make(making), level.make(making));
    }

    Made<Figure> scale(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<Double> max = read.number(keys, "max");
        Made<Double> step = read.number(keys, "step");
        Made<Double> reading = read.number(keys, "reading");
        String unit = keys.text("unit");
        return making ->
                new Figure.Scale(alt.make(making), max.make(making), step.make(making), reading.make(making), unit);
    }

    Made<Figure> measured(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<String> object = read.text(keys, "object");
        String unit = keys.text("unit");
        Made<Double> length = read.number(keys, "length");
        Made<Double> start = read.number(keys, "start", 0);
        return making -> new Figure.Measured(
                alt.make(making), object.make(making), unit, length.make(making), start.make(making));
    }
}
