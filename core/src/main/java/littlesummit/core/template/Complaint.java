package littlesummit.core.template;

/**
 * What is wrong with a document, and where.
 *
 * @param sentence for its author
 */
public record Complaint(Place at, String sentence) {
    @Override
    public String toString() {
        return at + ": " + sentence;
    }
}
