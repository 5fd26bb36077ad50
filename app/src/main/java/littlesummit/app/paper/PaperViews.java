package littlesummit.app.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import littlesummit.app.paper.PaperView.MarkLine;
import littlesummit.app.paper.PaperView.PaperDone;
import littlesummit.app.paper.PaperView.PaperPlace;
import littlesummit.app.paper.PaperView.Stage;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.printing.KeyText;
import littlesummit.app.served.ServedItem;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.paper.MarkScale;
import littlesummit.core.paper.MarkScheme;
import littlesummit.core.paper.SelfMark;
import littlesummit.core.paper.SheetState;
import littlesummit.core.paper.SheetState.Standing;
import littlesummit.core.paper.SheetState.Trial;

/** Makes what is shown of a copy. */
final class PaperViews {
    private PaperViews() {}

    static List<MarkScheme> schemes(List<Item> items) {
        return items.stream().map(MarkScheme::of).toList();
    }

    static PaperDone done(Runs.Run run, String student, List<MarkScheme> schemes, MarkScale scale) {
        SheetState state = run.state();
        Optional<Integer> have = state.mark().map(mark -> mark.have(schemes));
        Optional<Integer> percent = have.map(marks -> MarkScale.percent(marks, SelfMark.most(schemes)));
        return new PaperDone(
                run.entity().personId(),
                student,
                stage(state),
                count(state, Set.of(Trial.RIGHT, Trial.MISSED, Trial.ON_PAPER)),
                count(state, Set.of(Trial.RIGHT)),
                have,
                SelfMark.most(schemes),
                percent,
                percent.flatMap(scale::word).orElse(""),
                state.standing() instanceof Standing.Returned(String comment) ? comment : "",
                run.entity().changedAt());
    }

    private static int count(SheetState state, Set<Trial> trials) {
        return (int)
                state.places().stream().filter(p -> trials.contains(p.trial())).count();
    }

    private static Stage stage(SheetState state) {
        return switch (state.standing()) {
            case Standing.Accepted() -> Stage.ACCEPTED;
            case Standing.Returned r -> Stage.RETURNED;
            case Standing.Open() ->
                state.mark().isPresent() ? Stage.MARKED : state.solved() ? Stage.SOLVED : Stage.OPENED;
        };
    }

    /** @param served in the order of the copy */
    static PaperView.PaperCopy copy(
            Copies.Found found, Runs.Run run, String student, List<ServedItem> served, MarkScale scale) {
        SheetState state = run.state();
        List<MarkScheme> schemes = schemes(served.stream().map(ServedItem::item).toList());
        return new PaperView.PaperCopy(
                found.copy().code(),
                found.sheet().title(),
                state.isTried(),
                state.solved(),
                state.takesMarks(),
                state.mark().filter(SelfMark.Total.class::isInstance).isPresent(),
                SelfMark.most(schemes),
                done(run, student, schemes, scale),
                IntStream.range(0, served.size())
                        .mapToObj(i -> place(state, i, served.get(i), schemes.get(i)))
                        .toList(),
                ScaleDto.of(scale));
    }

    private static PaperPlace place(SheetState state, int at, ServedItem served, MarkScheme scheme) {
        SheetState.Place place = state.places().get(at);
        boolean closed = state.solved() || place.trial() == Trial.RIGHT;
        return new PaperPlace(
                TrialDto.of(place.trial()),
                state.takesAnswer(at),
                ItemViews.onPaper(served, at + 1, place.entries(), closed, state.solved()),
                state.solved() ? lines(served.item(), scheme, earned(state, at, scheme)) : List.of());
    }

    /** Before anything is marked, the answers that were typed in and are right are there already. */
    private static Set<String> earned(SheetState state, int at, MarkScheme scheme) {
        return switch (state.mark().orElse(null)) {
            case SelfMark.ByLine(List<Set<String>> all) -> all.get(at);
            case SelfMark.Total t -> Set.of();
            case null ->
                state.places().get(at).trial() == Trial.RIGHT
                        ? Set.copyOf(scheme.answers().stream()
                                .flatMap(List::stream)
                                .map(MarkScheme.Line::id)
                                .toList())
                        : Set.of();
        };
    }

    private static List<MarkLine> lines(Item item, MarkScheme scheme, Set<String> earned) {
        List<MarkLine> lines = new ArrayList<>();
        for (int i = 0; i < item.worked().size(); i++) {
            String math = item.worked().get(i).math();
            lines.add(line(
                    scheme.steps().get(i),
                    item.worked().get(i).say() + (math.isEmpty() ? "" : "  $" + math + "$"),
                    earned));
        }
        for (int p = 0; p < item.parts().size(); p++) {
            Part part = item.parts().get(p);
            for (int f = 0; f < part.fields().size(); f++) {
                Field field = part.fields().get(f);
                lines.add(line(
                        scheme.answers().get(p).get(f),
                        (part.fields().size() > 1 ? "Answer, " + field.label() : "Answer") + ": " + KeyText.of(field),
                        earned));
            }
        }
        return lines;
    }

    private static MarkLine line(MarkScheme.Line line, String text, Set<String> earned) {
        return new MarkLine(line.id(), text, line.mark(), earned.contains(line.id()));
    }
}
