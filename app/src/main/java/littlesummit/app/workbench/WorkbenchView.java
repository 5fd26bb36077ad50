package littlesummit.app.workbench;

import java.util.List;
import java.util.Optional;
import littlesummit.app.own.Fault;
import littlesummit.app.own.OwnRow;
import littlesummit.app.practice.PracticeView;
import littlesummit.core.template.TemplateHelp;

/** What the workbench shows. */
final class WorkbenchView {
    private WorkbenchView() {}

    /** A skill to begin with a copy of. */
    record BenchSource(String id, String name) {}

    record Bench(List<OwnRow> skills, List<BenchSource> sources) {}

    /** Lines of the reference that belong together. */
    record HelpTopic(String title, List<HelpLine> lines) {
        static HelpTopic of(TemplateHelp topic) {
            return new HelpTopic(
                    topic.title(),
                    topic.lines().stream()
                            .map(l -> new HelpLine(l.written(), l.says(), l.example(), l.result()))
                            .toList());
        }
    }

    /**
     * @param written as it stands in a document
     * @param example empty where there is none
     */
    record HelpLine(String written, String says, String example, String result) {}

    /** An item of the draft, or why there is none. */
    record BenchItem(Optional<PracticeView.ItemView> item, List<Fault> faults) {}

    record BenchTried(List<PracticeView.FeedbackView> feedback) {}

    /**
     * What does not hold.
     *
     * @param times in how many items of {@code of}
     * @param tier of the example
     * @param example the smallest item that shows it
     */
    record BenchComplaint(
            int line,
            String place,
            String sentence,
            long times,
            long of,
            int tier,
            Optional<PracticeView.ItemView> example) {}

    /**
     * How far a proof has come.
     *
     * @param state none, waiting, running or done
     * @param current whether it is of the draft as it is now
     * @param extent such as “all 8,640 items”; empty before the end
     */
    record ProofView(
            ProofPhase state,
            boolean current,
            boolean holds,
            long seen,
            long of,
            String extent,
            List<BenchComplaint> complaints) {}

    enum ProofPhase {
        NONE,
        WAITING,
        RUNNING,
        DONE
    }
}
