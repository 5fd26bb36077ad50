package littlesummit.app.served;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.web.Tag;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** What is typed and not yet checked, saved as it is typed. */
@RestController
class DraftController {
    private final ServedItems items;

    DraftController(ServedItems items) {
        this.items = items;
    }

    /** @param entries by field id, one map a part */
    record Typed(
            @NotNull(message = "Nothing was sent to keep.")
            @Size(max = 40, message = "These are more parts than any item has.")
            List<
                            @NotNull(message = "A part is missing.")
                                    @Size(max = 40, message = "These are more fields than any item has.") Map<
                                    String,
                                    @NotNull(message = "An entry is missing.")
                                    @Size(max = 500, message = "An entry may have at most 500 characters.") String>>
                    entries) {}

    @PutMapping("/api/items/{itemId}/draft")
    ResponseEntity<Void> keep(
            @AuthenticationPrincipal Person person,
            @PathVariable String itemId,
            @RequestHeader(name = Tag.BUILT_ON, required = false) Optional<String> builtOn,
            @Valid @RequestBody Typed typed) {
        Tag tag = items.keepDraft(person, itemId, typed.entries(), builtOn);
        return ResponseEntity.noContent().eTag(tag.value()).build();
    }
}
