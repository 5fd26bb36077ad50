package littlesummit.app.quiz;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import littlesummit.app.content.ItemRefDto;
import littlesummit.app.web.Schema;
import littlesummit.core.quiz.QuizEvent;

/** An event of a quiz as the log keeps it; how it changes is told in docs/reference/events.md. */
sealed interface QuizEventDto {
    Schema<QuizEventDto> SCHEMA = Schema.first(QuizEventDto.class);

    record GivenDto(String itemId, ItemRefDto ref) {}

    record Started(Instant at, Instant endsAt, List<GivenDto> items) implements QuizEventDto {}

    record Saved(Instant at, int slot, List<Map<String, String>> entries) implements QuizEventDto {}

    record Flagged(Instant at, int slot, boolean on) implements QuizEventDto {}

    record Submitted(Instant at) implements QuizEventDto {}

    record Corrected(Instant at, int round, int slot, String note) implements QuizEventDto {}

    static QuizEventDto of(QuizEvent event) {
        return switch (event) {
            case QuizEvent.Started e ->
                new Started(
                        e.at(),
                        e.endsAt(),
                        e.items().stream()
                                .map(g -> new GivenDto(g.itemId(), ItemRefDto.of(g.ref())))
                                .toList());
            case QuizEvent.Saved e -> new Saved(e.at(), e.slot(), e.entries());
            case QuizEvent.Flagged e -> new Flagged(e.at(), e.slot(), e.on());
            case QuizEvent.Submitted e -> new Submitted(e.at());
            case QuizEvent.Corrected e -> new Corrected(e.at(), e.round(), e.slot(), e.note());
        };
    }

    default QuizEvent toCore() {
        return switch (this) {
            case Started e ->
                new QuizEvent.Started(
                        e.at,
                        e.endsAt,
                        e.items.stream()
                                .map(g -> new QuizEvent.Given(g.itemId, g.ref.toCore()))
                                .toList());
            case Saved e -> new QuizEvent.Saved(e.at, e.slot, e.entries);
            case Flagged e -> new QuizEvent.Flagged(e.at, e.slot, e.on);
            case Submitted e -> new QuizEvent.Submitted(e.at);
            case Corrected e -> new QuizEvent.Corrected(e.at, e.round, e.slot, e.note);
        };
    }
}
