package littlesummit.app.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService.Attempt;
import littlesummit.app.practice.PracticeService.Checked;
import littlesummit.app.practice.PracticeService.Onward;
import littlesummit.app.practice.PracticeService.Place;
import littlesummit.app.web.RequestKey;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * One skill of an assignment, worked item by item. Whatever changes something carries a key, so that a resend counts
 * once.
 */
@RestController
@RequestMapping("/api/practice/{assignmentId}/{skillId}")
class PracticeController {
    private final PracticeService practice;

    PracticeController(PracticeService practice) {
        this.practice = practice;
    }

    record Check(
            @NotNull(message = "The item is missing.") String itemId,

            @PositiveOrZero(message = "There is no such part.")
            int part,

            @NotNull(message = "The entries are missing.")
            Map<
                            String,
                            @NotNull(message = "An entry is missing.")
                            @Size(
                                    max = 500,
                                    message = "An entry may have at most 500 characters. Shorten it; nothing was"
                                            + " counted.")
                            String>
                    entries,

            boolean confirmed) {}

    record OfItem(@NotNull(message = "The item is missing.") String itemId) {}

    record Next(
            @NotNull(message = "The item is missing.") String itemId,
            @NotNull(message = "Say what shall come next.") Onward onward) {}

    @GetMapping
    PracticeView open(
            @AuthenticationPrincipal Person person, @PathVariable String assignmentId, @PathVariable String skillId) {
        return practice.open(new Place(person, assignmentId, skillId));
    }

    @PostMapping("/check")
    Checked check(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String skillId,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody Check request) {
        Attempt attempt = new Attempt(request.itemId(), request.part(), request.entries(), request.confirmed());
        return practice.check(new Place(person, assignmentId, skillId), attempt, RequestKey.valid(key));
    }

    @PostMapping("/hint")
    PracticeView hint(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String skillId,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody OfItem request) {
        return practice.hint(new Place(person, assignmentId, skillId), request.itemId(), RequestKey.valid(key));
    }

    @PostMapping("/example")
    PracticeView example(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String skillId,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody OfItem request) {
        return practice.example(new Place(person, assignmentId, skillId), request.itemId(), RequestKey.valid(key));
    }

    @PostMapping("/work-shown")
    PracticeView workShown(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String skillId,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody OfItem request) {
        return practice.showWork(new Place(person, assignmentId, skillId), request.itemId(), RequestKey.valid(key));
    }

    @PostMapping("/solution")
    PracticeView solution(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String skillId,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody OfItem request) {
        return practice.solution(new Place(person, assignmentId, skillId), request.itemId(), RequestKey.valid(key));
    }

    /** @param lines of the student's own page, in order */
    record OwnLines(
            @NotNull(message = "The item is missing.") String itemId,

            @NotNull(message = "No lines were sent.") @Size(max = 200, message = "A page holds at most 200 lines.")
            List<@NotNull @Size(max = 500, message = "A line may have at most 500 characters.") String> lines) {}

    /**
     * @param verdict follows, does-not-follow, same, words or unreadable
     * @param place LaTeX of what to look at, or empty
     */
    record LineView(String verdict, String message, String place) {}

    @PostMapping("/lines")
    List<LineView> lines(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String skillId,
            @Valid @RequestBody OwnLines request) {
        return practice.checkLines(new Place(person, assignmentId, skillId), request.itemId(), request.lines()).stream()
                .map(l ->
                        new LineView(l.verdict().code(), l.message(), l.place().orElse("")))
                .toList();
    }

    @PostMapping("/next")
    PracticeView next(
            @AuthenticationPrincipal Person person,
            @PathVariable String assignmentId,
            @PathVariable String skillId,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody Next request) {
        return practice.next(
                new Place(person, assignmentId, skillId), request.itemId(), request.onward(), RequestKey.valid(key));
    }
}
