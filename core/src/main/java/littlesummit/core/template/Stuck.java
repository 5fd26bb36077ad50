package littlesummit.core.template;

/** A formula that has no value with the numbers that were drawn; caught where its place is known. */
final class Stuck extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param what cannot be had, as the end of a sentence that begins with “There is no”. */
    Stuck(String what) {
        super(what, null, false, false);
    }
}
