package littlesummit.app.review;

import java.util.List;
import java.util.Optional;
import littlesummit.core.practice.RefreshSet;

/** A mixed set of skills, as it is kept; see {@link RefreshSet}. */
record RefreshSetDto(List<PlaceDto> places) {
    record PlaceDto(String skill, Optional<OutcomeDto> outcome) {}

    static RefreshSetDto of(RefreshSet set) {
        return new RefreshSetDto(set.places().stream()
                .map(place -> new PlaceDto(place.skill(), place.outcome().map(OutcomeDto::of)))
                .toList());
    }

    RefreshSet toCore() {
        return new RefreshSet(places.stream()
                .map(place -> new RefreshSet.Place(place.skill, place.outcome.map(OutcomeDto::toCore)))
                .toList());
    }
}
