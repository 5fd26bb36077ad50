package littlesummit.app.working;

import littlesummit.core.working.ink.Paper;

/** What is printed on a sheet, as it is sent; see {@link Paper}. */
enum PaperDto {
    PLAIN,
    LINED,
    GRID;

    static PaperDto of(Paper core) {
        return switch (core) {
            case PLAIN -> PLAIN;
            case LINED -> LINED;
            case GRID -> GRID;
        };
    }

    Paper toCore() {
        return switch (this) {
            case PLAIN -> Paper.PLAIN;
            case LINED -> Paper.LINED;
            case GRID -> Paper.GRID;
        };
    }
}
