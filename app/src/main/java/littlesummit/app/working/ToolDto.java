package littlesummit.app.working;

import littlesummit.core.working.ink.Stroke;

/** What draws, as it is kept and sent; see {@link Stroke.Tool}. */
enum ToolDto {
    PEN,
    HIGHLIGHTER;

    static ToolDto of(Stroke.Tool core) {
        return switch (core) {
            case PEN -> PEN;
            case HIGHLIGHTER -> HIGHLIGHTER;
        };
    }

    Stroke.Tool toCore() {
        return switch (this) {
            case PEN -> Stroke.Tool.PEN;
            case HIGHLIGHTER -> Stroke.Tool.HIGHLIGHTER;
        };
    }
}
