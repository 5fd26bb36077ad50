package littlesummit.app.paper;

import jakarta.validation.constraints.NotNull;
import littlesummit.app.printing.PaperStyle;

/** How a sheet is laid out, as it is kept and sent; see {@link PaperStyle}. */
public record StyleDto(
        @NotNull(message = "The size of the paper is missing.")
        PaperStyle.Size size,

        @NotNull(message = "Say what room there is for work.")
        PaperStyle.Room room,

        boolean large,
        boolean twoColumns) {
    PaperStyle toPaper() {
        return new PaperStyle(size, room, large, twoColumns);
    }
}
