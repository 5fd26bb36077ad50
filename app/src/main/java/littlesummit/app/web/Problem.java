package littlesummit.app.web;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** What a request got wrong, said to a person. Becomes a problem document (RFC 9457). */
public final class Problem extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private static final ObjectMapper JSON = new ObjectMapper();
    private final HttpStatus status;
    private final transient Map<String, Object> more;

    private Problem(HttpStatus status, String sentence) {
        this(status, sentence, Map.of());
    }

    private Problem(HttpStatus status, String sentence, Map<String, Object> more) {
        super(sentence);
        this.status = status;
        this.more = Map.copyOf(more);
    }

    /** Fields of the document beyond its status and sentence. */
    Map<String, Object> more() {
        return more;
    }

    HttpStatus status() {
        return status;
    }

    /** As a problem document, where no controller is asked. */
    public void write(HttpServletResponse response) throws IOException {
        byte[] document = JSON.writeValueAsBytes(
                Map.of("title", status.getReasonPhrase(), "status", status.value(), "detail", getMessage()));
        response.setStatus(status.value());
        response.setContentType("application/problem+json");
        response.setContentLength(document.length);
        response.getOutputStream().write(document);
    }

    /** For what went wrong before anybody could say anything better. */
    static Problem of(HttpStatus status) {
        return new Problem(
                status,
                switch (status) {
                    case BAD_REQUEST -> "This address or request is none that can be understood.";
                    case NOT_FOUND -> "There is nothing at this address.";
                    case METHOD_NOT_ALLOWED -> "This address does not take requests of this kind.";
                    case URI_TOO_LONG -> "This address is too long.";
                    case REQUEST_HEADER_FIELDS_TOO_LARGE -> "The headers of this request are too large.";
                    case REQUEST_TIMEOUT -> "This took too long to arrive. Try again.";
                    case SERVICE_UNAVAILABLE -> "The server is busy. Try again in a moment.";
                    default ->
                        status.is5xxServerError()
                                ? "Something went wrong here. Try again."
                                : "This request was refused.";
                });
    }

    /** Also for what exists but belongs to somebody else: that it exists is not told. */
    public static Problem notFound(String sentence) {
        return new Problem(HttpStatus.NOT_FOUND, sentence);
    }

    public static Problem badRequest(String sentence) {
        return new Problem(HttpStatus.BAD_REQUEST, sentence);
    }

    public static Problem conflict(String sentence) {
        return new Problem(HttpStatus.CONFLICT, sentence);
    }

    /**
     * A change was built on a version that is no longer here.
     *
     * @param current what is here now, in the shape in which it is sent
     */
    static Problem changed(Tag tag, Object current) {
        return new Problem(
                HttpStatus.PRECONDITION_FAILED,
                "This was changed in another window since you opened it here.",
                Map.of("tag", tag.value(), "current", current));
    }

    public static Problem forbidden(String sentence) {
        return new Problem(HttpStatus.FORBIDDEN, sentence);
    }

    public static Problem tooMany(String sentence) {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, sentence);
    }

    /** Another server did not do what it was asked. */
    public static Problem badGateway(String sentence) {
        return new Problem(HttpStatus.BAD_GATEWAY, sentence);
    }

    static Problem tooLarge(String sentence) {
        return new Problem(HttpStatus.PAYLOAD_TOO_LARGE, sentence);
    }

    static Problem tooSlow() {
        return of(HttpStatus.REQUEST_TIMEOUT);
    }

    static Problem busy() {
        return of(HttpStatus.SERVICE_UNAVAILABLE);
    }

    public static Problem unauthorized(String sentence) {
        return new Problem(HttpStatus.UNAUTHORIZED, sentence);
    }
}
