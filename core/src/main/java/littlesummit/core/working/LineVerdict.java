package littlesummit.core.working;

/** What a line is, compared with the one before. */
public enum LineVerdict {
    FOLLOWS("follows"),
    DOES_NOT_FOLLOW("does-not-follow"),
    /** The same written form: nothing was done, and nothing is wrong. */
    SAME("same"),
    WORDS("words"),
    /** Not understood, or honestly undecided. */
    UNREADABLE("unreadable");

    private final String code;

    LineVerdict(String code) {
        this.code = code;
    }

    public String code() {
        return code;
    }
}
