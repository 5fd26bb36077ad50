package littlesummit.core.template;

/** Thrown while a document is read, and caught before it leaves this package. */
final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Complaint complaint;

    Refused(Place at, String sentence) {
        super(sentence, null, false, false);
        this.complaint = new Complaint(at, sentence);
    }

    Complaint complaint() {
        return complaint;
    }
}
