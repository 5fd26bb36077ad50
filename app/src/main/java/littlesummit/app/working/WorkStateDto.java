package littlesummit.app.working;

import java.time.Instant;
import littlesummit.core.working.WorkState;

/** Where shown work stands, as it is kept and sent; see {@link WorkState}. */
public sealed interface WorkStateDto {
    /** Nothing was written yet. */
    WorkStateDto START = new None();

    record None() implements WorkStateDto {}

    record Kept() implements WorkStateDto {}

    record HandedIn(Instant at) implements WorkStateDto {}

    record Read(Instant at, int credit, String comment, String by) implements WorkStateDto {}

    record SentBack(Instant at, String comment, String by) implements WorkStateDto {}

    static WorkStateDto of(WorkState state) {
        return switch (state) {
            case WorkState.None() -> new None();
            case WorkState.Kept() -> new Kept();
            case WorkState.HandedIn(Instant at) -> new HandedIn(at);
            case WorkState.Read(Instant at, int credit, String comment, String by) -> new Read(at, credit, comment, by);
            case WorkState.SentBack(Instant at, String comment, String by) -> new SentBack(at, comment, by);
        };
    }

    default WorkState toCore() {
        return switch (this) {
            case None() -> new WorkState.None();
            case Kept() -> new WorkState.Kept();
            case HandedIn(Instant at) -> new WorkState.HandedIn(at);
            case Read(Instant at, int credit, String comment, String by) -> new WorkState.Read(at, credit, comment, by);
            case SentBack(Instant at, String comment, String by) -> new WorkState.SentBack(at, comment, by);
        };
    }
}
