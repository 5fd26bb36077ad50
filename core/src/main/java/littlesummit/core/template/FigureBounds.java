package littlesummit.core.template;

import java.util.List;
import littlesummit.core.item.Figure;

/**
 * What a figure of a document may be at most: as much as can be looked at. Its numbers come from formulas, and a line
 * of a billion ticks would be drawn tick by tick.
 */
final class FigureBounds {
    private static final int MOST_TICKS = 500;
    private static final int MOST_THINGS = 60;
    private static final int MOST_WHOLES = 20;
    private static final int MOST_UNITS = 60;
    private static final int LONGEST_PICTURE = 60_000;

    private FigureBounds() {}

    /** @throws Unmade with what is too much of it, or turned round */
    static Figure within(Figure figure, Place at) {
        switch (figure) {
            case Figure.Bar bar -> bar(bar, at);
            case Figure.FractionPicture parts -> {
                Unmade.unless(
                        parts.wholes() >= 1 && parts.wholes() <= MOST_WHOLES, at, "There are from 1 to 20 wholes.");
                int all = parts.wholes() * parts.cuts().size();
                Unmade.unless(
                        parts.shaded() >= 0 && parts.shaded() <= all, at, "From none to all of the parts are shaded.");
            }
            case Figure.NumberLine line -> {
                ticks(line.from(), line.to(), line.step(), at);
                few(line.marks(), at);
                line.marks()
                        .forEach(mark -> Unmade.unless(
                                mark.at() >= line.from() && mark.at() <= line.to(),
                                at,
                                "A mark lies outside of the line."));
            }
            case Figure.Grid grid -> {
                ticks(grid.xMin(), grid.xMax(), grid.step(), at);
                ticks(grid.yMin(), grid.yMax(), grid.step(), at);
                few(grid.drawn(), at);
            }
            case Figure.Scale scale -> {
                ticks(0, scale.max(), scale.step(), at);
                Unmade.unless(
                        scale.reading() >= 0 && scale.reading() <= scale.max(),
                        at,
                        "The pointer of a scale stands between 0 and its most.");
            }
            case Figure.Measured object ->
                Unmade.unless(
                        object.start() >= 0 && object.length() > 0 && object.start() + object.length() <= MOST_UNITS,
                        at,
                        "A thing to measure begins at 0 or later and ends at " + MOST_UNITS + " units at most.");
            case Figure.Balance balance -> {
                few(balance.left(), at);
                few(balance.right(), at);
            }
            case Figure.Angles angles -> {
                few(angles.rays(), at);
                few(angles.arcs(), at);
            }
            case Figure.Shapes shapes -> few(shapes.items(), at);
            case Figure.Image image -> {
                few(image.areas(), at);
                Unmade.unless(
                        image.data().length() <= LONGEST_PICTURE,
                        at,
                        "A picture has at most " + LONGEST_PICTURE + " characters as a data URL; make it smaller.");
            }
            case Figure.Straight straight -> few(straight.points(), at);
            case Figure.Straights straights -> {
                few(straights.items(), at);
                straights.items().forEach(straight -> within(straight, at));
            }
        }
        return figure;
    }

    private static void bar(Figure.Bar bar, Place at) {
        few(bar.pieces(), at);
        Unmade.unless(
                !bar.pieces().isEmpty() && bar.pieces().stream().allMatch(piece -> piece.size() > 0),
                at,
                "A bar has pieces, each larger than 0.");
    }

    private static void ticks(double from, double to, double step, Place at) {
        Unmade.unless(
                from < to && step > 0,
                at,
                "What is drawn goes from a smaller to a larger number, in steps larger than 0.");
        Unmade.unless(
                (to - from) / step <= MOST_TICKS,
                at,
                "There are more than " + MOST_TICKS + " steps; take larger ones.");
    }

    private static void few(List<?> things, Place at) {
        Unmade.unless(
                things.size() <= MOST_THINGS, at, "There are more than " + MOST_THINGS + " things in this figure.");
    }
}
