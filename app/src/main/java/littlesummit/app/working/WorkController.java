package littlesummit.app.working;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.web.Tag;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The field-book page of an item. */
@RestController
@RequestMapping("/api/items/{itemId}/work")
class WorkController {
    private final WorkService work;

    WorkController(WorkService work) {
        this.work = work;
    }

    record Lines(
            @NotNull(message = "No lines were sent.") @Size(max = 200, message = "A page holds at most 200 lines.")
            List<@NotNull(message = "A line is missing.") @Valid WorkLine> lines) {}

    record PaperChoice(
            @NotNull(message = "Say which paper.") PaperDto paper, boolean figureUnder) {}

    @GetMapping
    WorkService.Page page(@AuthenticationPrincipal Person person, @PathVariable String itemId) {
        return work.page(person, itemId);
    }

    @PutMapping
    ResponseEntity<WorkService.Page> save(
            @AuthenticationPrincipal Person person,
            @PathVariable String itemId,
            @RequestHeader(name = Tag.BUILT_ON, required = false) Optional<String> builtOn,
            @Valid @RequestBody Lines request) {
        WorkService.Page page = work.save(person, itemId, request.lines(), builtOn);
        return ResponseEntity.ok().eTag(page.tag()).body(page);
    }

    @PutMapping("/sheet")
    WorkService.Page lay(
            @AuthenticationPrincipal Person person,
            @PathVariable String itemId,
            @Valid @RequestBody PaperChoice request) {
        return work.lay(person, itemId, request.paper().toCore(), request.figureUnder());
    }

    @PostMapping("/hand-in")
    WorkService.Page handIn(@AuthenticationPrincipal Person person, @PathVariable String itemId) {
        return work.handIn(person, itemId);
    }
}
