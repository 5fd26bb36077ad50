package littlesummit.app.placement;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.content.ItemRefDto;
import littlesummit.core.placement.CheckState;
import littlesummit.core.placement.Placement;

/** A check, as it is kept; see {@link CheckState}. */
record CheckStateDto(List<String> plan, List<AskedDto> asked) {
    record AskedDto(String itemId, ItemRefDto ref, double guess, Optional<KindDto> kind, Instant at) {}

    /** What a check over a course said of a skill; see {@link Placement.Verdict}. */
    record VerdictDto(String skill, StandingDto standing, double chance, String why) {
        static VerdictDto of(Placement.Verdict v) {
            return new VerdictDto(v.skill(), StandingDto.of(v.standing()), v.chance(), v.why());
        }

        Placement.Verdict toCore() {
            return new Placement.Verdict(skill, standing.toCore(), chance, why);
        }
    }

    static CheckStateDto of(CheckState state) {
        return new CheckStateDto(
                state.plan(),
                state.asked().stream()
                        .map(a -> new AskedDto(
                                a.itemId(),
                                ItemRefDto.of(a.ref()),
                                a.guess(),
                                a.kind().map(KindDto::of),
                                a.at()))
                        .toList());
    }

    CheckState toCore() {
        return new CheckState(
                plan,
                asked.stream()
                        .map(a -> new CheckState.Asked(
                                a.itemId, a.ref.toCore(), a.guess, a.kind.map(KindDto::toCore), a.at))
                        .toList());
    }
}
