package littlesummit.app.speech;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import littlesummit.core.math.SpokenText;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Texts as sentences to read aloud; the browser has the voices. */
@RestController
class SpeechController {
    /** @param texts plain, with LaTeX between dollar signs */
    record Texts(
            @NotNull(message = "The texts are missing.") @Size(max = 60, message = "Too many texts at once.")
            List<@NotNull @Size(max = 3000, message = "This text is too long to be read aloud.") String> texts) {}

    record Spoken(List<String> sentences) {}

    @PostMapping("/api/speech")
    Spoken speak(@Valid @RequestBody Texts request) {
        return new Spoken(request.texts().stream().map(SpokenText::of).toList());
    }
}
