package littlesummit.core.working.ink;

/** Six inks that stay apart for every kind of colour vision, each at least 3 : 1 against the sheet. */
public enum InkColour {
    BLACK("1D2622", "black"),
    BLUE("0B4FA8", "blue"),
    ORANGE("C65A00", "orange"),
    GREEN("3F9A6B", "green"),
    PINK("C060A8", "pink"),
    BROWN("5C2E0A", "brown");

    private final String hex;
    private final String title;

    InkColour(String hex, String title) {
        this.hex = hex;
        this.title = title;
    }

    /** Six digits, without a sign before them. */
    public String hex() {
        return hex;
    }

    public String title() {
        return title;
    }
}
