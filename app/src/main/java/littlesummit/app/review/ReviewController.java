package littlesummit.app.review;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import littlesummit.app.people.Person;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Review of what is known. */
@RestController
@RequestMapping("/api/review")
class ReviewController {
    private final ReviewService review;

    ReviewController(ReviewService review) {
        this.review = review;
    }

    /** @param skills ids; empty for those that are due */
    record NewSet(
            @NotNull(message = "The skills are missing.") @Size(max = 300, message = "These are too many skills.")
            List<@NotNull String> skills) {}

    /** @param itemId the item that is closed now */
    record SetStep(
            @NotNull(message = "The item is missing.") String itemId) {}

    @GetMapping
    ReviewView view(@AuthenticationPrincipal Person person) {
        return review.view(person);
    }

    @PostMapping("/set")
    ReviewView begin(@AuthenticationPrincipal Person person, @Valid @RequestBody NewSet request) {
        return review.begin(person, request.skills());
    }

    @PostMapping("/set/next")
    ReviewView next(@AuthenticationPrincipal Person person, @Valid @RequestBody SetStep request) {
        return review.next(person, request.itemId());
    }

    @DeleteMapping("/set")
    ReviewView end(@AuthenticationPrincipal Person person) {
        return review.end(person);
    }
}
