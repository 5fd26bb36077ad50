package littlesummit.app.web;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/** The key that makes a request count once, however often it is sent. */
public final class RequestKey {
    /** Header that carries it. */
    public static final String HEADER = "Idempotency-Key";

    private static final int LONGEST = 64;

    private RequestKey() {}

    /** Id of what a request makes, always the same for the same key of the same person: made twice it is still one. */
    public static String idOf(String personId, String key) {
        return UUID.nameUUIDFromBytes((personId + " " + key).getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    /** @throws Problem when it is blank or too long */
    public static String valid(String key) {
        if (key.isBlank() || key.length() > LONGEST) {
            throw Problem.badRequest("The key of the request must have 1 to " + LONGEST + " characters.");
        }
        return key;
    }
}
