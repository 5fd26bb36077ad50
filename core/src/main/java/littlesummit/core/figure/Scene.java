package littlesummit.core.figure;

import java.util.List;
import java.util.Optional;

/**
 * A picture as it is drawn: shapes in their order, the later ones on top. One unit is a pixel of the screen at the
 * picture's natural size; paper takes two of them for a point. The origin is the upper left corner.
 *
 * @param alt what it shows, in words
 * @param shapes all of them inside the picture, no two texts on one another
 * @param spots places with a behaviour, on top of the shapes
 * @param plot of a grid, where a coordinate stands
 */
public record Scene(
        String alt, double width, double height, List<Shape> shapes, List<Spot> spots, Optional<Plot> plot) {
    public Scene {
        shapes = List.copyOf(shapes);
        spots = List.copyOf(spots);
    }

    public Box bounds() {
        return new Box(0, 0, width, height);
    }
}
