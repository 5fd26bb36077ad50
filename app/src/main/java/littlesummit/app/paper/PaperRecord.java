package littlesummit.app.paper;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.Person;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.app.served.ServedItem;
import littlesummit.core.paper.SheetState.Trial;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at sheets that are worked on paper, and changes nothing. */
@Service
public class PaperRecord {
    private final Runs runs;
    private final PaperService paper;

    PaperRecord(Runs runs, PaperService paper) {
        this.runs = runs;
        this.paper = paper;
    }

    /** An item as its student sees it; empty when it is not of a sheet. */
    @Transactional(readOnly = true)
    public Optional<ItemView> item(ServedItem served) {
        return runs.of(served).map(run -> {
            int place = run.itemIds().indexOf(served.id());
            var now = run.state().places().get(place);
            boolean solved = run.state().solved();
            return ItemViews.onPaper(served, place + 1, now.entries(), solved || now.trial() == Trial.RIGHT, solved);
        });
    }

    /**
     * A sheet that a student has marked.
     *
     * @param percent that the student gave
     * @param marks the same as they were counted, as in "14 of 20"
     * @param isAccepted whether the instructor let them stand
     */
    public record SelfMarked(
            String studentId, String title, Instant madeAt, int percent, String marks, boolean isAccepted) {}

    /** All sheets that are marked in the class of an instructor, the latest first. */
    @Transactional(readOnly = true)
    public List<SelfMarked> selfMarked(Person instructor) {
        return paper.shelf(instructor).sheets().stream()
                .flatMap(sheet -> sheet.copies().stream()
                        .flatMap(copy -> copy.done().stream())
                        .filter(done -> done.have().isPresent())
                        .map(done -> new SelfMarked(
                                done.studentId(),
                                sheet.title(),
                                sheet.madeAt(),
                                done.percent().orElseThrow(),
                                done.have().orElseThrow() + " of " + done.most(),
                                done.stage() == PaperView.Stage.ACCEPTED)))
                .toList();
    }
}
