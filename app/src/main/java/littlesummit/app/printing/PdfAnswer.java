package littlesummit.app.printing;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A PDF as an answer: shown in the browser, from where it is printed. */
public final class PdfAnswer {
    private PdfAnswer() {}

    /** @param name of the file where it is kept */
    public static ResponseEntity<byte[]> of(String name, byte[] content) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + "\"")
                .header("X-Content-Type-Options", "nosniff")
                .body(content);
    }
}
