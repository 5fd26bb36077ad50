package littlesummit.content.code.data;

/** A whole of which a count is a part. */
enum Whole {
    ALL,
    ROW,
    COLUMN;

    int of(TwoWay t, int r, int c) {
        return switch (this) {
            case ALL -> t.total();
            case ROW -> t.rowTotal(r);
            case COLUMN -> t.columnTotal(c);
        };
    }
}
