package littlesummit.app.content;

import java.util.List;
import littlesummit.core.item.WorkedStep;

/**
 * One step of a solution, as it is kept and sent.
 *
 * @param math LaTeX; empty for a step in words
 */
public record WorkedStepDto(String say, String math) {
    public static List<WorkedStepDto> of(List<WorkedStep> steps) {
        return steps.stream().map(s -> new WorkedStepDto(s.say(), s.math())).toList();
    }

    static List<WorkedStep> toCore(List<WorkedStepDto> steps) {
        return steps.stream().map(s -> new WorkedStep(s.say, s.math)).toList();
    }
}
