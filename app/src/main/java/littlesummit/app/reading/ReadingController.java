package littlesummit.app.reading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import littlesummit.app.web.Problem;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Reader;
import littlesummit.core.working.Lines;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How an entry is understood, before it is checked: the same parser, and never a value computed from it. */
@RestController
class ReadingController {
    /**
     * @param kind of the field, or "line" for a line of work
     * @param letters that the field knows
     */
    record Entry(
            @NotNull(message = "The kind is missing.") String kind,

            @NotNull(message = "The letters are missing.") @Size(max = 10, message = "Too many letters.")
            Set<@Size(max = 1) String> letters,

            @NotNull(message = "The entry is missing.") @Size(max = 2000, message = "This is too long to be read.")
            String entry) {}

    @PostMapping("/api/reading")
    ReadAsDto read(@Valid @RequestBody Entry request) {
        if (request.kind().equals("line")) {
            return ReadAsDto.of(Lines.read(request.entry(), request.letters()));
        }
        Kind kind = Kind.of(request.kind()).orElseThrow(() -> Problem.badRequest("There is no such kind of field."));
        AnswerSpec field = AnswerSpec.of(kind, Form.Shape.ANY, "")
                .withLetters(request.letters().toArray(String[]::new));
        return ReadAsDto.of(Reader.read(request.entry(), field));
    }
}
