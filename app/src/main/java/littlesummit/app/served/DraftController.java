package littlesummit.app.served;

import jakarta.validation.Valid;
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

    @PutMapping("/api/items/{itemId}/draft")
    ResponseEntity<Void> keep(
            @AuthenticationPrincipal Person person,
            @PathVariable String itemId,
            @RequestHeader(name = Tag.BUILT_ON, required = false) Optional<String> builtOn,
            @Valid @RequestBody SentEntries typed) {
        Tag tag = items.keepDraft(person, itemId, typed.entries(), builtOn);
        return ResponseEntity.noContent().eTag(tag.value()).build();
    }
}
