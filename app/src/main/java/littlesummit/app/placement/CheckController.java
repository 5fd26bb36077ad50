package littlesummit.app.placement;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import littlesummit.app.people.Person;
import littlesummit.app.web.RequestKey;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Checks of what is known. */
@RestController
@RequestMapping("/api/check")
class CheckController {
    private final PlacementService placement;

    CheckController(PlacementService placement) {
        this.placement = placement;
    }

    /** @param wholeCourse or a short check of what is due for a refresh */
    record BeginCheck(boolean wholeCourse) {}

    /** @param isNew "this is new to me"; the entries are not looked at then */
    record CheckAnswer(
            @NotNull(message = "The item is missing.") String itemId,
            boolean isNew,

            @NotNull(message = "The entries are missing.")
            @Size(max = 20, message = "These are more parts than any item has.")
            List<
                            @NotNull @Size(max = 40) Map<
                                    String,
                                    @NotNull @Size(max = 500, message = "An entry may have at most 500 characters.")
                                    String>>
                    entries) {}

    @GetMapping
    CheckView view(@AuthenticationPrincipal Person person) {
        return placement.view(person);
    }

    @PostMapping("/start")
    CheckView start(@AuthenticationPrincipal Person person, @Valid @RequestBody BeginCheck request) {
        return placement.start(person, request.wholeCourse());
    }

    @PostMapping("/answer")
    CheckView answer(
            @AuthenticationPrincipal Person person,
            @RequestHeader(RequestKey.HEADER) String key,
            @Valid @RequestBody CheckAnswer request) {
        return placement.answer(person, request.itemId(), request.entries(), request.isNew(), RequestKey.valid(key));
    }
}
