package littlesummit.app.practice;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.item.Block;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Response;
import littlesummit.core.item.SecondView;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.practice.Forecast;

/** What the practice screen shows. Answers stand in it only for parts that are closed. */
public record PracticeView(String assignmentId, String assignment, Instant due, String skillId, String skill, int score, int targetScore,
        boolean reached, List<Point> history, Forecast forecast, List<String> policy, long secondsWorked, ItemView item) {

    /** One closed item on the ridge line. @param why a sentence without its subject */
    public record Point(int score, int change, String outcome, boolean regained, String why) {}

    /**
     * @param similar whether it makes up for a miss
     * @param outcome how it ended, empty while it is open
     * @param offersSimilar whether another like it would bring back what was lost
     */
    public record ItemView(String id, int number, String ground, boolean similar, List<Block> stem, List<PartView> parts, int currentPart,
            boolean calculator, boolean hintsAllowed, boolean exampleAllowed, Optional<ExampleView> example, Optional<String> outcome,
            Optional<SolutionView> solution, boolean offersSimilar, Map<String, String> draft, List<String> letters) {}

    /**
     * @param status OPEN, RIGHT or MISSED
     * @param entries the last ones that were checked
     * @param feedback what came of them
     */
    public record PartView(String prompt, Layout layout, List<FieldView> fields, int triesAllowed, int triesLeft, List<String> hints,
            int hintsInAll, String status, Map<String, String> entries, List<FeedbackView> feedback, List<AnswerView> answers) {}

    public record FieldView(String id, String label, String wanted, String answerKind, List<String> letters, String suffix, Response response) {}

    /** @param verdict correct, form, incorrect or unreadable; @param at where reading stopped, −1 for nowhere */
    public record FeedbackView(String fieldId, String verdict, String reason, String message, int at) {}

    /** The right answer of a closed part. @param latex empty for a choice; @param options ids of the right options */
    public record AnswerView(String fieldId, String latex, List<String> options) {}

    public record ExampleView(List<Block> stem, List<WorkedStep> worked) {}

    public record SolutionView(List<WorkedStep> worked, Optional<SecondView> second) {}
}
