package littlesummit.core.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.practice.PracticeEvent;

/**
 * Where a student stands with a sheet: first every item is tried, on paper or by typing the answer in; then the
 * solutions may be opened, and from then on nothing typed is graded any more; then the work is marked, and the
 * instructor says whether the marks stand.
 *
 * @param places one an item
 * @param solved whether the solutions are open
 * @param mark what the student gave; empty before
 */
public record SheetState(List<Place> places, boolean solved, Optional<SelfMark> mark, Standing standing) {
    /** How an item was tried. */
    public enum Trial {
        OPEN,
        /** Typed in and right. */
        RIGHT,
        /** Typed in and not right, or not in the form asked; it may be typed again. */
        MISSED,
        /** Done on paper alone. */
        ON_PAPER
    }

    /** @param entries as they were checked last, one map a part, by field id; empty where nothing was */
    public record Place(Trial trial, List<Map<String, String>> entries) {
        static final Place FRESH = new Place(Trial.OPEN, List.of());

        public Place {
            entries = entries.stream().map(Map::copyOf).toList();
        }
    }

    /** What the instructor says of the marks. */
    public sealed interface Standing {
        /** Not marked yet, or not looked at. */
        record Open() implements Standing {}

        record Accepted() implements Standing {}

        /** To be marked once more. */
        record Returned(String comment) implements Standing {}
    }

    public SheetState {
        places = List.copyOf(places);
    }

    public static SheetState fresh(int items) {
        return new SheetState(
                IntStream.range(0, items).mapToObj(i -> Place.FRESH).toList(),
                false,
                Optional.empty(),
                new Standing.Open());
    }

    /** Whether the answer to an item may still be typed in and graded. */
    public boolean takesAnswer(int place) {
        return !solved && places.get(place).trial() != Trial.RIGHT;
    }

    /** Whether every item has been tried. */
    public boolean isTried() {
        return places.stream().noneMatch(p -> p.trial() == Trial.OPEN);
    }

    /** Whether the marks may be given, or given anew: they are the student's own until the instructor accepts them. */
    public boolean takesMarks() {
        return solved && !(standing instanceof Standing.Accepted);
    }

    /**
     * With an answer that was typed in. One that cannot be read is kept, and is no try.
     *
     * @throws IllegalStateException when the place takes no answer
     */
    public SheetState answered(int place, Item item, List<Map<String, String>> entries) {
        require(takesAnswer(place), "no answer is taken any more");
        Trial before = places.get(place).trial();
        return with(
                place,
                new Place(
                        switch (resultOf(item, entries)) {
                            case CORRECT -> Trial.RIGHT;
                            case FORM, INCORRECT -> Trial.MISSED;
                            case UNREADABLE -> before;
                        },
                        entries));
    }

    /** The worst of all parts. */
    private static PracticeEvent.Result resultOf(Item item, List<Map<String, String>> entries) {
        List<PracticeEvent.Result> results = IntStream.range(0, item.parts().size())
                .mapToObj(i -> PartCheck.of(item.parts().get(i), i < entries.size() ? entries.get(i) : Map.of())
                        .result())
                .toList();
        if (results.contains(PracticeEvent.Result.UNREADABLE)) {
            return PracticeEvent.Result.UNREADABLE;
        }
        return results.stream().allMatch(r -> r == PracticeEvent.Result.CORRECT)
                ? PracticeEvent.Result.CORRECT
                : PracticeEvent.Result.INCORRECT;
    }

    /**
     * Says that an item was tried on paper, or takes that back. What was typed and graded stays what it is.
     *
     * @throws IllegalStateException when the solutions are open
     */
    public SheetState onPaper(int place, boolean done) {
        require(!solved, "the solutions are open");
        Place now = places.get(place);
        return switch (now.trial()) {
            case OPEN, ON_PAPER -> with(place, new Place(done ? Trial.ON_PAPER : Trial.OPEN, now.entries()));
            case RIGHT, MISSED -> this;
        };
    }

    /** @throws IllegalStateException when an item has not been tried */
    public SheetState openSolutions() {
        require(isTried(), "an item has not been tried");
        return new SheetState(places, true, mark, standing);
    }

    /** @throws IllegalStateException when no marks are taken, or when these do not fit the sheet */
    public SheetState marked(SelfMark given, List<MarkScheme> schemes) {
        require(takesMarks(), "no marks are taken");
        require(given.refusal(schemes).isEmpty(), "these marks do not fit");
        return new SheetState(places, solved, Optional.of(given), new Standing.Open());
    }

    /**
     * With what the instructor says.
     *
     * @throws IllegalStateException when nothing is marked
     */
    public SheetState judged(Standing by) {
        require(mark.isPresent(), "nothing is marked");
        return new SheetState(places, solved, mark, by);
    }

    private SheetState with(int place, Place changed) {
        List<Place> next = new ArrayList<>(places);
        next.set(place, changed);
        return new SheetState(next, solved, mark, standing);
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new IllegalStateException(otherwise);
        }
    }
}
