package littlesummit.core.working.ink;

/** What is printed on the sheet. */
public enum Paper {
    PLAIN,
    LINED,
    GRID
}
