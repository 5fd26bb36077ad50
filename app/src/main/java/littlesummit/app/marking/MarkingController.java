package littlesummit.app.marking;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.working.WorkService;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reading work that was handed in. For instructors. */
@RestController
@RequestMapping("/api/handed-in")
class MarkingController {
    private static final int LONGEST_COMMENT = 2000;
    private final MarkingService marking;

    MarkingController(MarkingService marking) {
        this.marking = marking;
    }

    record Credit(
            @Min(value = 0, message = "Credit goes from 0 to 100.")
            @Max(value = 100, message = "Credit goes from 0 to 100.")
            int credit,

            @NotNull(message = "The comment is missing.")
            @Size(max = LONGEST_COMMENT, message = "A comment may have at most 2000 characters.")
            String comment) {}

    record MoreWanted(
            @NotBlank(message = "Say what is still wanted.")
            @Size(max = LONGEST_COMMENT, message = "A comment may have at most 2000 characters.")
            String comment) {}

    record NewComment(
            @NotBlank(message = "Write a comment first.")
            @Size(max = 500, message = "A saved comment may have at most 500 characters.")
            String text) {}

    @GetMapping
    MarkingService.Pile pile(@AuthenticationPrincipal Person person) {
        return marking.pile(Instructors.only(person));
    }

    @PostMapping("/{itemId}/read")
    WorkService.Page read(
            @AuthenticationPrincipal Person person, @PathVariable String itemId, @Valid @RequestBody Credit request) {
        return marking.read(
                Instructors.only(person),
                itemId,
                request.credit(),
                request.comment().strip());
    }

    /** Takes a reading back: the work waits again. */
    @PostMapping("/{itemId}/unread")
    WorkService.Page unread(@AuthenticationPrincipal Person person, @PathVariable String itemId) {
        return marking.unread(Instructors.only(person), itemId);
    }

    @PostMapping("/{itemId}/send-back")
    WorkService.Page sendBack(
            @AuthenticationPrincipal Person person,
            @PathVariable String itemId,
            @Valid @RequestBody MoreWanted request) {
        return marking.sendBack(
                Instructors.only(person), itemId, request.comment().strip());
    }

    @PostMapping("/comments")
    List<MarkingService.Comment> save(@AuthenticationPrincipal Person person, @Valid @RequestBody NewComment request) {
        return marking.save(Instructors.only(person), request.text());
    }

    @DeleteMapping("/comments/{id}")
    List<MarkingService.Comment> forget(@AuthenticationPrincipal Person person, @PathVariable String id) {
        return marking.forget(Instructors.only(person), id);
    }
}
