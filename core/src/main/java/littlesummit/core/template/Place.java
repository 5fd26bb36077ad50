package littlesummit.core.template;

/**
 * Where something stands in a document.
 *
 * @param path keys from the outside in, such as {@code variants[1].parts[1].hints}; empty for the whole
 * @param line from 1; 0 where it is not known
 * @param column from 1; 0 where it is not known
 */
public record Place(String path, int line, int column) {
    public static final Place WHOLE = new Place("", 0, 0);

    /** For people: the line where there is one, and the keys. */
    @Override
    public String toString() {
        String where = path.isEmpty() ? "the document" : path;
        return line == 0 ? where : "line " + line + ", " + where;
    }
}
