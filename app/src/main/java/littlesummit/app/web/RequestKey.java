package littlesummit.app.web;

/** The key that makes a request count once, however often it is sent. */
public final class RequestKey {
    /** Header that carries it. */
    public static final String HEADER = "Idempotency-Key";
    private static final int LONGEST = 64;

    private RequestKey() {}

    /** @throws Problem when it is blank or too long */
    public static String valid(String key) {
        if (key.isBlank() || key.length() > LONGEST) {
            throw Problem.badRequest("The key of the request must have 1 to " + LONGEST + " characters.");
        }
        return key;
    }
}
