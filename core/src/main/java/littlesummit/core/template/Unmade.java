package littlesummit.core.template;

/** An item that cannot be made with the numbers that were drawn; says where and why. */
public final class Unmade extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Complaint complaint;

    Unmade(Place at, String sentence) {
        super(at + ": " + sentence, null, false, false);
        this.complaint = new Complaint(at, sentence);
    }

    /** @throws Unmade with the sentence, where it does not hold */
    static void unless(boolean holds, Place at, String sentence) {
        if (!holds) {
            throw new Unmade(at, sentence);
        }
    }

    public Complaint complaint() {
        return complaint;
    }
}
