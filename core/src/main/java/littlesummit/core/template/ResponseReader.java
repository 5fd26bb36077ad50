package littlesummit.core.template;

import java.util.List;
import java.util.Optional;
import littlesummit.core.item.Figure;
import littlesummit.core.item.MarkedLine;
import littlesummit.core.item.Response;
import littlesummit.core.math.Rational;

/** Reads how a field is answered where it is not typed: drawn or laid into a figure, or written in columns. */
final class ResponseReader {
    private static final int MOST_TICKS = 101;
    private static final int MOST_COLUMNS = 12;
    private final Formula.Names names;

    ResponseReader(Formula.Names names) {
        this.names = names;
    }

    /** Empty where the answer is typed. */
    Optional<Made<Response>> read(Keys keys) {
        if (keys.has("point-on")) {
            Made<Figure> grid = figure(keys, "point-on");
            return Optional.of(making -> new Response.PlotPoint(grid(grid, making, keys)));
        }
        if (keys.has("line-on")) {
            Made<Figure> grid = figure(keys, "line-on");
            return Optional.of(making -> new Response.PlotLine(grid(grid, making, keys)));
        }
        if (keys.has("mark-on")) {
            Made<Figure> line = figure(keys, "mark-on");
            return Optional.of(making -> new Response.MarkOnLine(line(line, making, keys)));
        }
        if (keys.has("ray-on")) {
            Made<Figure> line = figure(keys, "ray-on");
            String letter = keys.list("letters").stream()
                    .map(node -> Keys.scalar(node).text())
                    .findFirst()
                    .orElse("x");
            return Optional.of(making -> new Response.RayOnLine(line(line, making, keys), letter));
        }
        if (keys.has("shade")) {
            Made<Figure> picture = figure(keys, "shade");
            return Optional.of(making -> new Response.Shade(parts(picture, making, keys)));
        }
        if (keys.has("lay")) {
            Made<Figure> object = figure(keys, "lay");
            return Optional.of(making -> new Response.LayUnits(object(object, making, keys)));
        }
        return keys.find("columns").map(this::columns);
    }

    private Made<Figure> figure(Keys keys, String key) {
        return new FigureReader(names).read(keys.require(key));
    }

    private static Figure.FractionPicture parts(Made<Figure> figure, Making making, Keys keys) {
        if (figure.make(making) instanceof Figure.FractionPicture parts) {
            return parts;
        }
        throw new Unmade(keys.at(), "Only parts of a whole can be shaded.");
    }

    /** Units are counted, so that they have to come out even. */
    private static Figure.Measured object(Made<Figure> figure, Making making, Keys keys) {
        if (figure.make(making) instanceof Figure.Measured object
                && object.length() >= 1
                && object.length() == Math.rint(object.length())) {
            return object;
        }
        throw new Unmade(keys.at(), "Units are laid along a thing that is measured and so many whole units long.");
    }

    private static Figure.Grid grid(Made<Figure> figure, Making making, Keys keys) {
        if (figure.make(making) instanceof Figure.Grid grid) {
            return grid;
        }
        throw new Unmade(keys.at(), "Points and lines are placed on a grid.");
    }

    /** Ticks are counted from the left end, so that one has to be there. */
    private static Figure.NumberLine line(Made<Figure> figure, Making making, Keys keys) {
        if (!(figure.make(making) instanceof Figure.NumberLine line)) {
            throw new Unmade(keys.at(), "Marks and rays are placed on a number line.");
        }
        double steps = line.from() / line.step();
        if (MarkedLine.ticks(line) > MOST_TICKS || Math.abs(steps - Math.rint(steps)) > 1e-6) {
            throw new Unmade(
                    keys.at(), "A number line to mark begins at a tick and has at most " + MOST_TICKS + " of them.");
        }
        return line;
    }

    private Made<Response> columns(Node node) {
        Keys keys = Keys.of(node, "Columns");
        List<Formula> numbers = keys.list("numbers").stream()
                .map(n -> Formula.read(Keys.scalar(n), names))
                .toList();
        String sign = keys.text("sign");
        int places = keys.whole("places", 0);
        Formula whole = Formula.read(keys.scalar("whole"), names);
        keys.end();
        if (numbers.isEmpty() || !List.of("+", "-", "*").contains(sign)) {
            throw new Refused(keys.at(), "Columns have numbers, and a sign: +, - or *.");
        }
        return making -> {
            Evaluator evaluator = making.evaluator();
            Rational before = evaluator.number(whole);
            int columns = before.isInteger() && before.num().bitLength() < MOST_COLUMNS ? before.intValueExact() : 0;
            List<String> written = numbers.stream()
                    .map(n -> written(evaluator.number(n), places, n))
                    .toList();
            int longest = written.stream()
                    .mapToInt(n -> n.length() - (places == 0 ? 0 : places + 1))
                    .max()
                    .orElseThrow();
            if (columns < longest || columns + places > MOST_COLUMNS) {
                throw new Unmade(keys.at(), "There are from " + longest + " to " + MOST_COLUMNS + " columns here.");
            }
            String shown = sign.equals("-") ? "−" : sign.equals("*") ? "×" : sign;
            return new Response.WriteInColumns(written, shown, columns, places);
        };
    }

    /** With so many places behind the point, zeros too. */
    private static String written(Rational number, int places, Formula formula) {
        Rational scaled = number.times(Rational.of(10).power(places));
        if (!scaled.isInteger() || scaled.signum() < 0) {
            throw new Unmade(formula.at(), "“" + formula.text() + "” cannot be written in these columns.");
        }
        StringBuilder digits = new StringBuilder(scaled.num().toString());
        while (digits.length() <= places) {
            digits.insert(0, '0');
        }
        return places == 0
                ? digits.toString()
                : digits.insert(digits.length() - places, '.').toString();
    }
}
