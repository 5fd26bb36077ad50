package littlesummit.app.working;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import littlesummit.core.working.ink.Stroke;

/** A movement of a pen, as it is kept and sent; see {@link Stroke} for units and limits. */
record StrokeDto(
        @NotNull(message = "A stroke has no id.") String id,
        @NotNull(message = "A stroke has no tool.") ToolDto tool,
        double width,
        @NotNull(message = "A stroke has no colour.") ColourDto colour,
        @NotNull(message = "A stroke has no points.") List<@NotNull(message = "A point is missing.") Double> points) {
    static StrokeDto of(Stroke stroke) {
        return new StrokeDto(
                stroke.id(), ToolDto.of(stroke.tool()), stroke.width(), ColourDto.of(stroke.colour()), stroke.points());
    }

    static List<StrokeDto> of(List<Stroke> strokes) {
        return strokes.stream().map(StrokeDto::of).toList();
    }

    /** @throws IllegalArgumentException for a stroke beyond the page, or without a point */
    Stroke toCore() {
        return new Stroke(id, tool.toCore(), width, colour.toCore(), points);
    }
}
