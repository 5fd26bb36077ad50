package littlesummit.app.working;

import littlesummit.core.working.ink.InkColour;

/** An ink, as it is kept and sent; see {@link InkColour}. */
enum ColourDto {
    BLACK,
    BLUE,
    ORANGE,
    GREEN,
    PINK,
    BROWN;

    static ColourDto of(InkColour core) {
        return switch (core) {
            case BLACK -> BLACK;
            case BLUE -> BLUE;
            case ORANGE -> ORANGE;
            case GREEN -> GREEN;
            case PINK -> PINK;
            case BROWN -> BROWN;
        };
    }

    InkColour toCore() {
        return switch (this) {
            case BLACK -> InkColour.BLACK;
            case BLUE -> InkColour.BLUE;
            case ORANGE -> InkColour.ORANGE;
            case GREEN -> InkColour.GREEN;
            case PINK -> InkColour.PINK;
            case BROWN -> InkColour.BROWN;
        };
    }
}
