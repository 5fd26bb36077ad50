package littlesummit.core.template;

import java.util.List;
import littlesummit.core.item.Figure;

/** Reads pictures of pixels, which a document carries as data URLs, with areas that are outlined and lettered. */
final class ImageReader {
    private final FigureKeys read;

    ImageReader(FigureKeys read) {
        this.read = read;
    }

    Made<Figure> read(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        String data = keys.text("data");
        Made<Integer> width = read.whole(keys, "width");
        Made<Integer> height = read.whole(keys, "height");
        Made<List<Figure.Polygon>> areas = read.list(keys, "areas", "An area of a picture", this::area);
        Place at = keys.at();
        return making -> {
            try {
                return new Figure.Image(
                        alt.make(making), data, width.make(making), height.make(making), areas.make(making));
            } catch (IllegalArgumentException unsound) {
                throw new Unmade(at, unsound.getMessage());
            }
        };
    }

    private Made<Figure.Polygon> area(Keys keys) {
        String id = keys.text("id");
        Made<String> alt = read.text(keys, "alt", "");
        Made<List<Double>> corners =
                read.numbers(keys, "corners", keys.list("corners").size());
        return making -> new Figure.Polygon(id, alt.make(making), corners.make(making), List.of(), List.of());
    }
}
