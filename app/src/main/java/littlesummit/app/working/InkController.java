package littlesummit.app.working;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import littlesummit.app.people.Person;
import littlesummit.app.web.Download;
import littlesummit.app.web.Problem;
import littlesummit.app.working.WorkFiles.WorkFile;
import littlesummit.core.working.ink.Stroke;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The ink of a page, and the page as files. */
@RestController
@RequestMapping("/api/items/{itemId}")
class InkController {
    private final InkService ink;
    private final WorkFiles files;

    InkController(InkService ink, WorkFiles files) {
        this.ink = ink;
        this.files = files;
    }

    /**
     * @param put strokes that are new or changed
     * @param removed ids of strokes taken away
     */
    record InkChange(
            @NotNull(message = "The strokes are missing.")
            @Size(max = 500, message = "These are too many strokes at once.")
            List<@NotNull @Valid StrokeDto> put,

            @NotNull(message = "The erased strokes are missing.")
            @Size(max = 6000, message = "These are too many strokes at once.")
            List<@NotNull String> removed) {}

    /** Both layers of a page, and the pens that there are. */
    record Ink(List<StrokeDto> work, List<StrokeDto> marks, List<InkService.Pen> pens) {}

    /** @param strokes on the own layer now */
    record InkKept(int strokes) {}

    /** @param inkml an InkML document */
    record InkImport(
            @NotNull(message = "The file is missing.")
            @Size(max = 200_000, message = "This file is too large: at most 200 kB.")
            String inkml) {}

    @GetMapping("/ink")
    Ink show(@AuthenticationPrincipal Person person, @PathVariable String itemId) {
        InkService.Drawn drawn = ink.ink(person, itemId);
        return new Ink(StrokeDto.of(drawn.work()), StrokeDto.of(drawn.marks()), drawn.pens());
    }

    @PostMapping("/ink")
    InkKept change(
            @AuthenticationPrincipal Person person, @PathVariable String itemId, @Valid @RequestBody InkChange change) {
        return new InkKept(ink.change(person, itemId, strokes(change), change.removed()));
    }

    private static List<Stroke> strokes(InkChange change) {
        try {
            return change.put().stream().map(StrokeDto::toCore).toList();
        } catch (IllegalArgumentException noStroke) {
            throw Problem.badRequest("A stroke reaches beyond the page, or has no points.");
        }
    }

    @PostMapping("/ink/import")
    InkKept bring(
            @AuthenticationPrincipal Person person,
            @PathVariable String itemId,
            @Valid @RequestBody InkImport request) {
        return new InkKept(files.bring(person, itemId, request.inkml()));
    }

    /** @param kind inkml, svg, txt or tex */
    @GetMapping("/work.{kind}")
    ResponseEntity<String> file(
            @AuthenticationPrincipal Person person, @PathVariable String itemId, @PathVariable String kind) {
        WorkFile file = files.file(person, itemId, kind);
        return Download.of(file.name(), file.type() + ";charset=UTF-8", file.content());
    }
}
