package littlesummit.core.template;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import littlesummit.core.item.Figure;

/** Reads the figures of an item. Numbers of a figure are formulas, its words texts with places. */
final class FigureReader {
    private final Map<String, Function<Keys, Made<Figure>>> kinds;

    FigureReader(Formula.Names names) {
        FigureKeys read = new FigureKeys(names);
        MeasuringFigures measuring = new MeasuringFigures(read);
        PlaneFigures plane = new PlaneFigures(read);
        this.kinds = new TreeMap<>(Map.of("image", new ImageReader(read)::read));
        this.kinds.putAll(Map.of(
                "bar", measuring::bar,
                "parts", measuring::parts,
                "number-line", measuring::numberLine,
                "balance", measuring::balance,
                "scale", measuring::scale,
                "measured", measuring::measured,
                "grid", plane::grid,
                "angles", plane::angles,
                "polygons", new PolygonReader(read)::read,
                "segments", plane::segments));
    }

    static Set<String> kinds() {
        return new FigureReader(new Formula.Names(Set.of(), Set.of())).kinds.keySet();
    }

    Made<Figure> read(Node node) {
        Keys keys = Keys.of(node, "A figure");
        String kind = keys.text("kind");
        Function<Keys, Made<Figure>> reader = kinds.get(kind);
        if (reader == null) {
            throw new Refused(
                    keys.scalar("kind").at(),
                    "There is no figure called “" + kind + "”. There are: " + String.join(", ", kinds.keySet()) + ".");
        }
        Made<Figure> figure = reader.apply(keys);
        keys.end();
        return making -> FigureBounds.within(figure.make(making), keys.at());
    }
}
