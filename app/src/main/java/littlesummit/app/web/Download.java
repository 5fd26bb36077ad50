package littlesummit.app.web;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file as an answer, to be taken away under a name. */
public final class Download {
    private Download() {}

    /**
     * @param name letters, digits, hyphens and points
     * @param type media type, for texts with its charset
     */
    public static <T> ResponseEntity<T> of(String name, String type, T content) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition(name))
                .header("X-Content-Type-Options", "nosniff")
                .body(content);
    }

    /** What a file that is written while it is sent says of itself. */
    public static String disposition(String name) {
        return "attachment; filename=\"" + name + "\"";
    }
}
