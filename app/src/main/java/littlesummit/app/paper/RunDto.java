package littlesummit.app.paper;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import littlesummit.app.web.Schema;
import littlesummit.core.paper.SelfMark;
import littlesummit.core.paper.SheetState;
import littlesummit.core.paper.SheetState.Standing;

/** Where a student stands with a copy, as it is kept; see {@link SheetState}. */
record RunDto(List<PlaceDto> places, boolean solved, Optional<MarkDto> mark, StandingDto standing) {
    static final Schema<RunDto> SCHEMA = Schema.first(RunDto.class);

    /** @param itemId of the item as it was given to the student */
    record PlaceDto(String itemId, TrialDto trial, List<Map<String, String>> entries) {}

    /** @param lines ids of the lines that are there, one set an item; empty where the sum alone was given */
    record MarkDto(Optional<List<Set<String>>> lines, int total) {
        static MarkDto of(SelfMark mark) {
            return switch (mark) {
                case SelfMark.ByLine(List<Set<String>> earned) ->
                    new MarkDto(
                            Optional.of(earned.stream()
                                    .map(ids -> (Set<String>) new TreeSet<>(ids))
                                    .toList()),
                            0);
                case SelfMark.Total(int marks) -> new MarkDto(Optional.empty(), marks);
            };
        }

        SelfMark toCore() {
            return lines.<SelfMark>map(SelfMark.ByLine::new).orElseGet(() -> new SelfMark.Total(total));
        }
    }

    enum Word {
        OPEN,
        ACCEPTED,
        RETURNED
    }

    /** @param comment of marks that were returned, else blank */
    record StandingDto(Word word, String comment) {
        static StandingDto of(Standing standing) {
            return switch (standing) {
                case Standing.Open() -> new StandingDto(Word.OPEN, "");
                case Standing.Accepted() -> new StandingDto(Word.ACCEPTED, "");
                case Standing.Returned(String comment) -> new StandingDto(Word.RETURNED, comment);
            };
        }

        Standing toCore() {
            return switch (word) {
                case OPEN -> new Standing.Open();
                case ACCEPTED -> new Standing.Accepted();
                case RETURNED -> new Standing.Returned(comment);
            };
        }
    }

    static RunDto of(SheetState state, List<String> itemIds) {
        return new RunDto(
                IntStream.range(0, itemIds.size())
                        .mapToObj(i -> new PlaceDto(
                                itemIds.get(i),
                                TrialDto.of(state.places().get(i).trial()),
                                state.places().get(i).entries()))
                        .toList(),
                state.solved(),
                state.mark().map(MarkDto::of),
                StandingDto.of(state.standing()));
    }

    SheetState toCore() {
        return new SheetState(
                places.stream()
                        .map(p -> new SheetState.Place(p.trial.toCore(), p.entries))
                        .toList(),
                solved,
                mark.map(MarkDto::toCore),
                standing.toCore());
    }

    List<String> itemIds() {
        return places.stream().map(PlaceDto::itemId).toList();
    }
}
