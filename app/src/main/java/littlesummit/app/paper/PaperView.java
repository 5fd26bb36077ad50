package littlesummit.app.paper;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.practice.PracticeView.ItemView;

/** What the screens about paper show. Answers stand in it only for what is right, or once the solutions are open. */
public final class PaperView {
    private PaperView() {}

    /** @param sheets the latest first */
    public record Shelf(List<SheetRow> sheets) {}

    /**
     * @param items of each copy
     * @param removable whether nobody has opened a copy yet, and it is one's own
     */
    public record SheetRow(
            String id,
            String title,
            Instant madeAt,
            String madeBy,
            int items,
            boolean removable,
            List<CopyRow> copies) {}

    /**
     * @param student whose it is; empty for whoever of the class has it
     * @param most marks of it; other items may have others
     */
    public record CopyRow(String code, Optional<String> student, int most, List<PaperDone> done) {}

    /** How far somebody is. */
    public enum Stage {
        OPENED,
        SOLVED,
        MARKED,
        ACCEPTED,
        RETURNED
    }

    /**
     * What a student has done with a copy.
     *
     * @param tried items that were tried
     * @param right items that were typed in and are right
     * @param have marks that the student gave; empty before
     * @param most marks that there are
     * @param percent the same in percent
     * @param word the same in a word of the class, or blank
     * @param comment of marks that were returned, else blank
     */
    public record PaperDone(
            String studentId,
            String student,
            Stage stage,
            int tried,
            int right,
            Optional<Integer> have,
            int most,
            Optional<Integer> percent,
            String word,
            String comment,
            Instant at) {}

    /**
     * A copy as its student works with it.
     *
     * @param tried whether every item has been tried
     * @param takesMarks whether marks may be given now
     * @param bySum whether the sum alone was given, and of no line is known whether it is there
     */
    public record PaperCopy(
            String code,
            String title,
            boolean tried,
            boolean solved,
            boolean takesMarks,
            boolean bySum,
            int most,
            PaperDone done,
            List<PaperPlace> places,
            ScaleDto scale) {}

    /**
     * @param takesAnswer whether an answer may be typed in and graded
     * @param lines what earns marks, once the solutions are open; none before
     */
    public record PaperPlace(TrialDto trial, boolean takesAnswer, ItemView item, List<MarkLine> lines) {}

    /**
     * @param text with LaTeX between $ signs
     * @param mark 1 where the line earns one, else 0
     * @param earned whether the student has it
     */
    public record MarkLine(String id, String text, int mark, boolean earned) {}
}
