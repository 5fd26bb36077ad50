package littlesummit.app.tour;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.practice.PracticeView.FeedbackView;
import littlesummit.app.practice.PracticeView.PartView;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.tour.Tour;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Trying every answer field; nothing is counted. */
@RestController
@RequestMapping("/api/tour")
class TourController {
    record TourStop(String id, String title, PartView part) {}

    record TourTrial(
            @NotNull(message = "The entries are missing.") @Size(max = 10, message = "Too many entries.")
            Map<String, @NotNull @Size(max = 500, message = "An entry may have at most 500 characters.") String>
                    entries) {}

    record TourAnswer(List<FeedbackView> feedback) {}

    @GetMapping
    List<TourStop> stops() {
        return Tour.stops().stream()
                .map(s -> new TourStop(s.id(), s.title(), ItemViews.openPart(s.part())))
                .toList();
    }

    @PostMapping("/{stopId}")
    TourAnswer check(@PathVariable String stopId, @Valid @RequestBody TourTrial trial) {
        Tour.Stop stop = Tour.stops().stream()
                .filter(s -> s.id().equals(stopId))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("There is no such stop."));
        return new TourAnswer(ItemViews.feedback(PartCheck.of(stop.part(), trial.entries())));
    }
}
